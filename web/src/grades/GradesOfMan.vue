<script setup lang="ts">
import { answer, client } from '../api/client'
import { usePaged } from '../shell/paged'
import FaultSaid from '../shell/FaultSaid.vue'

/** Every grade of one man, with its reason and the call it was asked by. */
const props = defineProps<{ job: string }>()
const { items, left, fault, more } = usePaged(
  () => ['grades', props.job],
  (page) => answer(client.GET('/api/grades/{job}', { params: { path: { job: props.job }, query: { page } } })),
)
</script>

<template>
  <ul>
    <li
      v-for="g in items"
      :key="`${g.reel}-${g.snap}`"
    >
      <RouterLink :to="`/film/${g.reel}?snap=${g.snap}`">{{ g.reelName }}, snap {{ g.snap }}</RouterLink>
      <b>{{ g.overruled ?? g.mark }}</b> {{ g.verdict
      }}<template v-if="g.overruled">; overruled from {{ g.mark }}: {{ g.note }}</template>
      <span class="soft">asked by {{ g.call }}, {{ g.callRevision ? `revision ${g.callRevision}` : 'catalogue' }}</span>
    </li>
  </ul>
  <FaultSaid :words="fault" />
  <button
    v-if="left"
    class="link"
    type="button"
    @click="more"
  >
    {{ left }} earlier
  </button>
</template>

<style scoped>
li {
  padding: 3px 0;
}
a {
  color: var(--deep);
}
</style>
