<script setup lang="ts">
import { useBoard } from './boardStore'
import { SIDES } from './lineWords'
import SnapWord from './SnapWord.vue'

/** The formation and its strong side in a sentence. */
const formation = defineModel<string>('formation', { required: true })
const mirrored = defineModel<boolean>('mirrored', { required: true })
const board = useBoard()
</script>

<template>
  <SnapWord
    :value="formation"
    label="Formation"
    :options="board.choices?.formations ?? []"
    @pick="formation = $event"
  />
  <SnapWord
    :value="String(mirrored)"
    label="Strong side"
    :options="SIDES"
    @pick="mirrored = $event === 'true'"
  />
</template>
