<script setup lang="ts">
import type { PlaySheet } from '../api/types'

/** What this formation cannot run, each with the need that is not met. */
defineProps<{ unfit: PlaySheet['unfit'] }>()
</script>

<template>
  <details v-if="unfit.length">
    <summary>{{ unfit.length }} not from this formation, or not to both sides</summary>
    <ul>
      <li
        v-for="u in unfit"
        :key="u.id + u.why"
      >
        <b>{{ u.name }}</b> {{ u.sides.length > 1 ? '' : u.sides[0] }}<small>{{ u.why }}</small>
      </li>
    </ul>
  </details>
</template>

<style scoped src="./answers.css"></style>
<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  padding: 3px 4px 3px 34px;
  border-bottom: 1px solid var(--faint);
}
summary {
  padding: 8px 0;
}
</style>
