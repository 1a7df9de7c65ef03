<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed, onMounted, useTemplateRef } from 'vue'
import { useRoute } from 'vue-router'
import { useBoard } from '../board/boardStore'
import FormationWords from '../board/FormationWords.vue'
import { spotName } from '../board/lineWords'
import { savePng, saveSvg } from '../board/picture'
import { usePlays } from '../board/playsStore'
import { useLists } from '../shell/lists'
import CardPaper from './CardPaper.vue'
import FaultSaid from '../shell/FaultSaid.vue'

const board = useBoard()
const lists = useLists()
const { mutes } = storeToRefs(usePlays())
const route = useRoute()
const { snap, callSheet, callId, board: answer, sheet, problem } = storeToRefs(board)
onMounted(async () => {
  if (!lists.choices) await board.start()
  const wanted = String(route.params.id)
  if (callId.value !== wanted) await board.chooseCall(wanted)
  // a card is opened on a formation its call is meant for
  const meant = (callSheet.value?.meantFor ?? []).map((f) => f.id)
  if (meant.length && !meant.includes(snap.value.formation)) await board.say({ formation: meant[0]! })
})
const against = computed(() => {
  const formation = lists.formation(snap.value.formation)?.name ?? ''
  const side = snap.value.mirrored ? 'left' : 'right'
  return `against ${formation}, ${side}; ball on ${spotName(snap.value.toGoal, lists.choices)}`
})
const paper = useTemplateRef('paper')
const print = (): void => window.print()
const picture = (): SVGSVGElement => paper.value!.picture()
const file = computed(() => `${callId.value}-${snap.value.formation}`)
</script>

<template>
  <div class="page">
    <header class="view-head no-print">
      <h1 class="sentence words">
        <RouterLink to="/playbook">Playbook</RouterLink> <em>· install card of</em> {{ callSheet?.name }}
        <em>against</em>
        <FormationWords />
      </h1>
      <button
        type="button"
        class="button"
        @click="saveSvg(picture(), file)"
      >
        SVG
      </button>
      <button
        type="button"
        class="button"
        @click="savePng(picture(), file)"
      >
        PNG
      </button>
      <button
        type="button"
        class="button main"
        @click="print"
      >
        Print it
      </button>
    </header>
    <FaultSaid :words="problem?.detail" />
    <CardPaper
      v-if="answer && sheet && callSheet"
      ref="paper"
      :call="callSheet"
      :field="answer.field"
      :sheet="sheet"
      :mutes="mutes"
      :against="against"
    />
  </div>
</template>

<style scoped>
.page {
  height: 100%;
  overflow-y: auto;
}
.fault {
  padding: 20px;
}
</style>
