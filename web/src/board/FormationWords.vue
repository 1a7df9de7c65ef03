<script setup lang="ts">
import { useLists } from '../shell/lists'
import { SIDES } from './lineWords'
import WordMenu from '../words/WordMenu.vue'

/** The formation and its strong side in a sentence. */
const formation = defineModel<string>('formation', { required: true })
const mirrored = defineModel<boolean>('mirrored', { required: true })
const lists = useLists()
</script>

<template>
  <WordMenu
    :value="formation"
    label="Formation"
    :options="lists.formations"
    @pick="formation = $event"
  />
  <WordMenu
    :value="String(mirrored)"
    label="Strong side"
    :options="SIDES"
    @pick="mirrored = $event === 'true'"
  />
</template>
