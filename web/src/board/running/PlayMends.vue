<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, client, faultOf } from '../../api/client'
import FaultSaid from '../../shell/FaultSaid.vue'
import { queries } from '../../shell/queries'
import { useBoard } from '../boardStore'
import { useWhom } from '../editSaid'
import { usePlays, type Picked } from '../playsStore'

/** The smallest changes with which the call holds one play better, each run again by core. */
const props = defineProps<{ play: Picked }>()
const board = useBoard()
const plays = usePlays()
const whom = useWhom()
const asked = useQuery(
  computed(() => {
    const body = { ...plays.painted!, play: props.play.id, left: props.play.left }
    return {
      queryKey: ['play mends', body],
      queryFn: () => answer(client.POST('/api/snap-runs/mends', { body })),
      enabled: !!plays.painted,
      staleTime: Infinity,
    }
  }),
  queries,
)
const offer = computed(() => asked.data.value)
const trouble = computed(() => faultOf(asked.error.value))
const men = (n: number): string => (n === 1 ? 'One man learns' : `${n} men learn`)
</script>

<template>
  <div class="mends">
    <FaultSaid :words="trouble" />
    <p
      v-if="!offer && !trouble"
      role="status"
    >
      Running it at every change within reach; this takes some seconds.
    </p>
    <p
      v-if="offer && !offer.mends.length"
      role="status"
    >
      None of the {{ offer.tried }} changes tried holds it better at a price worth paying.
    </p>
    <ol v-if="offer?.mends.length">
      <li
        v-for="m in offer.mends"
        :key="m.edits.map((e) => e.sentence).join()"
      >
        <p v-if="m.tag">
          Tag <b>{{ m.tag }}</b> against this picture:
        </p>
        <p
          v-for="e in m.edits"
          :key="e.rung"
          class="say"
        >
          <b>{{ whom(e) }}</b> {{ e.sentence }}
        </p>
        <p class="cost">
          {{ men(m.men) }} something else. {{ m.better.said
          }}<template v-if="m.costs.length">
            New: {{ m.costs.map((c) => `${c.severity}: ${c.title}`).join(' ') }}</template
          >
        </p>
        <button
          class="button"
          type="button"
          @click="board.apply(m.edits)"
        >
          Apply
        </button>
      </li>
    </ol>
  </div>
</template>

<style scoped>
.mends {
  border-left: 4px solid var(--accent);
  padding: 2px 0 6px 10px;
  font: 400 13.5px/1.35 var(--narrow);
  white-space: normal;
  text-align: left;
}
ol {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  padding: 4px 0 6px;
  border-bottom: 1px solid var(--rule);
}
.say {
  font: 500 13.5px/1.35 var(--serif);
}
.say b {
  font-family: var(--narrow);
}
.cost {
  color: var(--soft);
}
.button {
  padding: 2px 12px;
}
</style>
