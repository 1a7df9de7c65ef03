<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { ref } from 'vue'
import FieldDrawing from '../field/FieldDrawing.vue'
import { useBoard } from '../boardStore'
import BallDrawing from './BallDrawing.vue'
import { useBeside } from './besideStore'
import WayDrawing from './WayDrawing.vue'

/** The same play at another call, in step: nothing is moved here, it is only watched. */
const board = useBoard()
const { picture, row, tick, ball } = storeToRefs(useBeside())
// the field is drawn again when a list is another one
const none: never[] = []
const picked = ref<string>()
</script>

<template>
  <FieldDrawing
    v-if="board.board && picture && row"
    :field="board.board.field"
    :sheet="picture"
    :from="board.viewFrom"
    :layers="none"
    :listed="none"
    :selected="picked"
    :follow="ball?.at.y"
    @pick="picked = $event"
  >
    <template #over="{ drawing }">
      <WayDrawing
        :snap="row.snap"
        :tick="tick"
        :drawing="drawing"
        :layers="board.layers"
        :jobs="picture.jobs"
      />
      <BallDrawing
        v-if="ball"
        :ball="ball"
        :drawing="drawing"
      />
    </template>
  </FieldDrawing>
</template>
