<script setup lang="ts">
import { computed } from 'vue'
import type { FoundPlaces } from './foundPlaces'
import ProposalWords from './ProposalWords.vue'

/** Known places that the picture shows by itself. */
const props = defineProps<{ found: FoundPlaces }>()
const count = computed(() => props.found.places.value.length)
</script>

<template>
  <ProposalWords
    :of="found"
    what="lines"
  >
    <template v-if="count"
      >{{ count }} {{ count === 1 ? 'place' : 'places' }} found in the picture, dashed.
      <button
        type="button"
        class="link"
        @click="found.take()"
      >
        <span class="key">F</span> takes {{ count === 1 ? 'it' : 'them' }}</button
      >. If a yard line beside one is not its own, click one place right: they are looked for anew.</template
    >
    <template v-else-if="found.canBegin.value"
      ><button
        type="button"
        class="link"
        @click="found.take()"
      >
        <span class="key">F</span> looks
      </button>
      for the places of this frame, from the snap on while the camera turns; that takes some seconds.</template
    >
    <template v-else-if="found.eitherWay.value"
      >The field looks the same from its other side here: click one place, and the others are looked for anew.</template
    >
    <template v-else-if="found.nothing.value">The picture does not tell where its lines belong: click.</template>
  </ProposalWords>
</template>
