<script setup lang="ts">
import { answer, client } from '../api/client'
import FaultSaid from '../shell/FaultSaid.vue'
import { vHint } from '../shell/hint/hint'
import { usePaged } from '../shell/paged'

/** Every play of one man that was graded, with its reason, its grader and the call it was asked by. */
const props = defineProps<{ man: string }>()
const { items, left, fault, more } = usePaged(
  () => ['grades', props.man],
  (page) => answer(client.GET('/api/grades/{man}', { params: { path: { man: props.man }, query: { page } } })),
)
</script>

<template>
  <section aria-label="Every play">
    <h2>Every play</h2>
    <ul>
      <li
        v-for="p in items"
        :key="`${p.play}-${p.rep.grader}`"
      >
        <RouterLink :to="`/film/${p.game}/room?play=${p.number}`">{{ p.opponent }}, play {{ p.number }}</RouterLink>
        <template
          v-for="m in p.rep.marks"
          :key="m.facet"
        >
          {{ ' ' }}<b v-hint="m.measured">{{ m.facet }}&nbsp;{{ m.mark }}</b
          ><template v-if="m.proposed && m.proposed !== m.mark"> (measured {{ m.proposed }}: {{ m.measured }})</template
          ><template v-else-if="m.measured">{{ ` ${m.measured}` }}</template></template
        ><template v-if="p.rep.note">; {{ p.rep.note }}</template> {{ ' '
        }}<span class="soft">
          {{ p.rep.grader }}, asked by {{ p.rep.call }},
          {{ p.rep.callRevision ? `revision ${p.rep.callRevision}` : 'catalogue' }}</span
        >
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
  </section>
</template>

<style scoped>
h2 {
  font: 700 17px var(--narrow);
  margin: 18px 0 4px;
}
li {
  padding: 3px 0;
}
a {
  color: var(--deep);
}
</style>
