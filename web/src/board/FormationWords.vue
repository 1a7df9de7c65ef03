<script setup lang="ts">
import { useLists } from '../shell/lists'
import { useBoard } from './boardStore'
import { SIDES } from './lineWords'
import WordMenu from '../words/WordMenu.vue'

/** The formation on the board and its strong side in a sentence. */
const board = useBoard()
const lists = useLists()
</script>

<template>
  <WordMenu
    :value="board.snap.formation"
    label="Formation"
    :options="lists.formations"
    @pick="board.say({ formation: $event })"
  />
  <WordMenu
    :value="String(board.snap.mirrored)"
    label="Strong side"
    :options="SIDES"
    @pick="board.say({ mirrored: $event === 'true' })"
  />
</template>
