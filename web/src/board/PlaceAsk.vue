<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { Modal } from 'ant-design-vue'
import { computed, ref, watch } from 'vue'
import { faultOf } from '../api/client'
import type { Spot } from '../api/types'
import { useBoard } from './boardStore'
import { freshRung, withEdit } from './draft'
import { useQuestions } from './questions'

const props = defineProps<{ job?: string; spot?: Spot; mayWrite: boolean }>()
const emit = defineEmits<{ done: [] }>()
const board = useBoard()
const { phrasesAt } = useQuestions()
/** Who, and where he was put, yards. */
const title = computed(() => {
  const { x, y } = props.spot ?? { x: 0, y: 0 }
  const name = board.board?.phases[0]?.jobs.find((j) => j.id === props.job)?.name ?? ''
  return `${name} at ${Math.abs(x).toFixed(1)} yd ${x < 0 ? 'left' : 'right'} x ${y.toFixed(1)} yd deep`
})
const asked = useQuery(
  computed(() => {
    const { job, spot } = props
    return {
      // of the board as it stands: asked anew each time
      queryKey: ['phrases', job, spot],
      queryFn: () => phrasesAt(job!, spot!),
      enabled: !!job && !!spot,
      gcTime: 0,
    }
  }),
)
const phrases = computed(() => asked.data.value ?? [])
const fault = computed(
  () =>
    faultOf(asked.error.value) ||
    (asked.data.value?.length === 0 &&
      'No phrase of the language says this spot; put him nearer to a man, a gap or a landmark.'),
)
const chosen = ref('')
watch(phrases, (found) => (chosen.value = found[0]?.words ?? ''))
function forNow(): void {
  board.putForNow({ job: props.job!, phrase: chosen.value })
  emit('done')
}
function asRung(): void {
  const role = board.board!.phases[0]!.jobs.find((j) => j.id === props.job)!.role
  board.setDraft(
    withEdit(board.draft, {
      rung: freshRung(board.callSheet!, role),
      sentence: `align ${chosen.value}`,
    }),
  )
  board.panel = 'rules'
  emit('done')
}
</script>

<template>
  <Modal
    :open="!!spot"
    :title="title"
    :footer="null"
    width="460px"
    @cancel="emit('done')"
  >
    <p
      v-if="fault"
      role="alert"
      class="fault"
    >
      {{ fault }}
    </p>
    <fieldset v-if="phrases.length">
      <legend>In words (lateral x depth)</legend>
      <label
        v-for="p in phrases"
        :key="p.words"
        ><input
          v-model="chosen"
          type="radio"
          name="phrase"
          :value="p.words"
        />
        {{ p.words }} <span class="soft">{{ Math.abs(p.x).toFixed(1) }} x {{ p.y.toFixed(1) }}</span></label
      >
    </fieldset>
    <p class="acts">
      <button
        class="button main"
        type="button"
        :disabled="!chosen"
        autofocus
        @click="forNow"
      >
        For now
      </button>
      <button
        v-if="mayWrite"
        class="button"
        type="button"
        :disabled="!chosen"
        @click="asRung"
      >
        As a rung of the call
      </button>
      <button
        class="button"
        type="button"
        @click="emit('done')"
      >
        Put him back
      </button>
    </p>
    <p class="soft">For now is not saved. A rung always holds until you give it a "when" in his rules.</p>
  </Modal>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  margin: 0 0 12px;
  display: grid;
  gap: 6px;
}
legend {
  font-weight: 600;
  padding-bottom: 6px;
}
.acts {
  display: flex;
  gap: 8px;
  margin-bottom: 10px;
}
.fault {
  margin-bottom: 10px;
}
</style>
