<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, client, problemOf } from '../api/client'
import { useBoard } from './boardStore'
import type { AskedThing } from './field/fieldWords'
import { usePlays } from './playsStore'
import { vHint } from '../shell/hint/hint'

/** Who has what was pointed at, by which rung, and what becomes of it on the play chosen: a slip laid on the free corner of the field. */
const props = defineProps<{ thing: AskedThing; right: boolean; top: boolean }>()
defineEmits<{ close: []; pick: [job: string] }>()
const board = useBoard()
const plays = usePlays()

const { data, error } = useQuery({
  queryKey: computed(() => ['answer', props.thing, board.phase, board.board?.digest, JSON.stringify(board.shown())]),
  queryFn: () =>
    answer(client.POST('/api/answers', { body: { board: board.shown(), phase: board.phaseShown, ...props.thing } })),
  placeholderData: (before) => before,
})
/** What he does on the play picked in the list. */
const onPlay = computed(() => {
  if (props.thing.kind !== 'MAN') return []
  const name = props.thing.name
  const { run, pass } = plays
  const does = run?.doings.find((d) => d.man === name)?.does
  const route = pass?.routes.find((r) => r.man === name)
  const label = (job: string): string => board.sheet?.jobs.find((j) => j.id === job)?.name ?? job
  const had = route?.covers.map((c) => label(c.job) + (c.lateSeconds > 0 ? `, ${c.lateSeconds.toFixed(1)} s late` : ''))
  return [
    ...(does ? [`On ${run.name} ${run.side}: ${does}.`] : []),
    ...(route
      ? [`On ${pass!.name}: ${route.route}; ${route.had === 'nobody' ? 'nobody' : had!.join(' and ')} has it.`]
      : []),
  ]
})
</script>

<template>
  <section
    :class="['slip', { right, top }]"
    aria-label="Who has it"
    aria-live="polite"
  >
    <template v-if="data && !error">
      <h3>
        {{ data.title }}
        <button
          type="button"
          class="link"
          aria-label="Close the answer"
          @click="$emit('close')"
        >
          <span class="key">Esc</span>
        </button>
      </h3>
      <p
        v-for="row in data.rows"
        :key="row.words"
      >
        <button
          v-if="row.job"
          type="button"
          class="who"
          @click="$emit('pick', row.job)"
        >
          {{ row.words }}</button><template v-else>{{ row.words }}</template
        ><small
          v-if="row.rung"
          v-hint="row.sentence"
        >
          {{ ` by ${row.rung.replaceAll('/', ' ')}` }}</small
        >
      </p>
      <p
        v-for="words in onPlay"
        :key="words"
      >
        {{ words }}
      </p>
    </template>
    <p v-else-if="error">{{ problemOf(error).detail }}</p>
    <p v-else>Asking.</p>
  </section>
</template>

<style scoped>
.slip {
  position: absolute;
  bottom: 6px;
  left: 8px;
  width: min(345px, 46%);
  max-height: min(46%, 156px);
  overflow-y: auto;
  padding: 4px 10px 6px;
  background: var(--card);
  border: 2px solid var(--ink);
  font: 400 14px/1.32 var(--narrow);
}
.slip.right {
  left: auto;
  right: 8px;
}
.slip.top {
  bottom: auto;
  top: 6px;
}
/* In a hand it lies under the thumb, and not on the field. */
@container work (width <= 760px) or (height <= 480px) {
  .slip,
  .slip.right,
  .slip.top {
    position: fixed;
    z-index: 3;
    inset: auto 0 0;
    width: auto;
    max-height: 40vh;
  }
}
h3 {
  font: 700 17px/1.2 var(--narrow);
  display: flex;
  justify-content: space-between;
}
.who {
  all: unset;
  cursor: pointer;
  font-weight: 600;
}
.who:hover {
  text-decoration: underline;
}
.who:focus-visible {
  outline: 3px solid var(--ink);
}
small {
  font-size: 12.5px;
  color: var(--soft);
}
p + p {
  margin-top: 3px;
}
</style>
