<script setup lang="ts">
import type { Clip } from '../api/types'
import { playlistOf } from '../film/playlist'
import PlaysLink from './PlaysLink.vue'

/** Plays to show: what was above or below standard on each, and what was wrong first. */
withDefaults(defineProps<{ title: string; clips: Clip[]; leads?: boolean; named?: (man: string) => string }>(), {
  leads: true,
  named: undefined,
})
</script>

<template>
  <div>
    <h3>
      {{ title }}
      <RouterLink
        v-if="leads && clips.length"
        :to="
          playlistOf(
            clips.map((c) => c.at),
            title,
          )
        "
        >watch</RouterLink
      >
    </h3>
    <ol v-if="clips.length">
      <li
        v-for="c in clips"
        :key="`${c.at.game} ${c.at.number} ${c.man}`"
      >
        <PlaysLink
          :plays="[c.at]"
          :of="title"
          :leads="leads"
          >{{ c.at.opponent }}, play {{ c.at.number }}</PlaysLink
        ><template v-if="named">, {{ named(c.man) }}</template
        >: <b>{{ c.why.join(', ') }}</b><template v-if="c.wrong.length">; first wrong: {{ c.wrong[0] }}</template
        ><span
          v-if="c.wrong.length > 1"
          class="soft"
          >, then {{ c.wrong.slice(1).join(', then ') }}</span
        >
      </li>
    </ol>
    <p
      v-else
      class="soft"
    >
      None yet.
    </p>
  </div>
</template>

<style scoped>
h3 a {
  color: var(--deep);
  font-weight: 400;
}
li {
  padding: 2px 0;
}
</style>
