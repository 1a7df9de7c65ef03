<script setup lang="ts">
import { nextTick, onMounted, ref, shallowRef, useTemplateRef } from 'vue'
import { problemOf } from '../api/client'
import type { Edit, FindingRow, RepairOffer, RepairRow } from '../api/types'
import { useBoard } from './boardStore'
import { useWhom } from './editSaid'
import { useQuestions } from './questions'

const props = defineProps<{ finding: FindingRow; mayWrite: boolean }>()
const emit = defineEmits<{ applied: [] }>()
const board = useBoard()
const { repairsOf } = useQuestions()
const whom = useWhom()
const offer = shallowRef<RepairOffer>()
const trouble = ref('')
const first = useTemplateRef<HTMLButtonElement[]>('first')

const seen: Edit[][] = []
async function ask(): Promise<void> {
  try {
    offer.value?.repairs.forEach((r) => seen.push(r.edits))
    offer.value = undefined
    offer.value = await repairsOf(props.finding, seen)
    await nextTick()
    first.value?.[0]?.focus()
  } catch (error) {
    trouble.value = problemOf(error).detail
  }
}
onMounted(ask)
const men = (n: number): string => (n === 1 ? 'one man learns something else' : `${n} men learn something else`)
function costs(r: RepairRow): string {
  const here = [
    men(r.men),
    r.rushersLost ? `${r.rushersLost} rusher fewer` : '',
    ...r.costs.map((c) => `${c.severity}: ${c.title.replace(/\.$/, '')}`),
  ]
    .filter(Boolean)
    .join('; ')
  const e = r.elsewhere
  const there =
    e.jobs === 0
      ? `changes nothing against the other ${e.formations}`
      : `changes ${e.jobs} of ${e.formations} other formations: ${e.mended} mended, ${e.newBusts} new busts, ${e.newWeak} new weak`
  return `${here}. It ${there}.`
}
function apply(r: RepairRow): void {
  board.apply(r.edits)
  emit('applied')
}
</script>

<template>
  <div class="repairs">
    <p
      v-if="trouble"
      class="fault"
      role="alert"
    >
      {{ trouble }}
    </p>
    <p
      v-else-if="!offer"
      role="status"
    >
      Trying changes.
    </p>
    <template v-else>
      <p
        v-if="!offer.repairs.length"
        role="status"
      >
        None of the {{ offer.tried }} changes tried mends it at a price worth paying.
      </p>
      <ol>
        <li
          v-for="r in offer.repairs"
          :key="r.edits.map((e) => e.sentence).join()"
        >
          <p
            v-if="r.tag"
            class="tag"
          >
            Tag <b>{{ r.tag }}</b> against this picture:
          </p>
          <p
            v-for="e in r.edits"
            :key="e.rung"
            class="say"
          >
            <b>{{ whom(e) }}</b> {{ e.sentence }}
          </p>
          <p class="cost">{{ costs(r) }}</p>
          <button
            v-if="mayWrite"
            ref="first"
            type="button"
            class="button"
            @click="apply(r)"
          >
            Apply
          </button>
        </li>
      </ol>
      <p
        v-if="offer.repairs.length"
        class="cost"
      >
        The cheapest of {{ offer.tried }} changes tried; each was lined up and audited again.
        <button
          type="button"
          class="link"
          @click="ask"
        >
          Show others
        </button>
      </p>
    </template>
  </div>
</template>

<style scoped>
.repairs {
  margin: 4px 0 8px 30px;
  border-left: 4px solid var(--accent);
  padding-left: 10px;
  font: 400 13px/1.35 var(--narrow);
}
li {
  padding: 5px 0 7px;
  border-bottom: 1px solid var(--rule);
}
.say {
  font: 500 13.5px/1.35 var(--serif);
}
.say b {
  font-family: var(--narrow);
}
.tag {
  padding-bottom: 2px;
}
.cost {
  color: var(--soft);
  padding: 2px 0 4px;
}
.button {
  padding: 2px 12px;
}
</style>
