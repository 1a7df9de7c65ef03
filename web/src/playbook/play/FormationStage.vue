<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, client, faultOf, problemOf } from '../../api/client'
import type { Preview, SnapWords, Spot } from '../../api/types'
import { useBoard } from '../../board/boardStore'
import FieldPicture from '../../board/field/FieldPicture.vue'
import { callChoices, snapAgainst, useLists } from '../../shell/lists'
import WordMenu from '../../words/WordMenu.vue'
import FaultSaid from '../../shell/FaultSaid.vue'
import { useLineUp } from '../useLineUp'
import type { Work } from './playDraft'

/** The formation as it is written, met by a call; its men are dragged, and become words. */
const props = defineProps<{ work: Work; preview: Preview; readonly: boolean }>()
const emit = defineEmits<{ men: [men: string] }>()
const board = useBoard()
const lists = useLists()
lists.need()
const men = computed(() => (typeof props.work.body.men === 'string' ? props.work.body.men : ''))
const players = computed(() => props.preview.sketch?.offence.length ?? 0)
/** Any formation of as many men lends its rules; the men are those that are written. */
const like = computed(() => lists.choices?.formations.find((f) => f.players === players.value))
const snap = computed<SnapWords | undefined>(() => {
  const plain = snapAgainst(like.value, lists.choices)
  return plain && { ...plain, men: men.value }
})
const calls = computed(() =>
  callChoices(lists.calls, like.value).filter((c) => lists.playersOf(c.id) === players.value),
)
const chosen = ref(board.callId)
const call = computed(() =>
  calls.value.some((c) => c.id === chosen.value) ? chosen.value : (calls.value[0]?.id ?? ''),
)
const lineUp = useLineUp(
  () => call.value,
  () => snap.value,
)
const trouble = ref('')
const said = computed(() => trouble.value || faultOf(lineUp.error.value))
async function place(man: string, spot: Spot): Promise<void> {
  if (!snap.value) return
  try {
    const body = { snap: snap.value, man, x: spot.x, y: spot.y }
    emit('men', (await answer(client.POST('/api/placements', { body }))).men)
    trouble.value = ''
  } catch (error) {
    trouble.value = problemOf(error).detail
  }
}
</script>

<template>
  <p class="against">
    Met by
    <WordMenu
      :value="call"
      label="Call it is met by"
      :options="calls"
      @pick="chosen = $event"
    />
  </p>
  <FaultSaid :words="said" />
  <FieldPicture
    class="drawing"
    :board="lineUp.data.value"
    :placing="!readonly"
    @place="place"
  />
  <p
    v-if="!readonly"
    class="soft"
  >
    Drag a man to where he stands: he takes the next spot an offence would take, and his place is written at the right.
  </p>
</template>

<style scoped src="./stage.css"></style>
