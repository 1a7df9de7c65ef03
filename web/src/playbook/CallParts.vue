<script setup lang="ts">
import type { CallSheet } from '../api/types'
import { counted } from '../words/counted'

/** What a call is made of, what it does when the picture changes, and against what it is meant. */
defineProps<{ sheet: CallSheet; mayWrite: boolean }>()
defineEmits<{ lift: [layer: { kind: string; id: string }] }>()
</script>

<template>
  <h3>Made of</h3>
  <ul>
    <li
      v-for="l in sheet.layers"
      :key="l.id"
    >
      <span
        >{{ l.kind }} <b>{{ l.name }}</b></span
      ><button
        v-if="mayWrite"
        type="button"
        class="link"
        @click="$emit('lift', l)"
      >
        keep as our own
      </button>
    </li>
  </ul>
  <h3>When the picture changes</h3>
  <ul>
    <li
      v-for="m in sheet.pictures"
      :key="m"
    >
      {{ m }}
    </li>
  </ul>
  <template v-if="sheet.meantFor.length"
    ><h3>Meant for {{ counted(sheet.meantFor.length, 'formation') }}</h3>
    <p class="small">{{ sheet.meantFor.map((f) => f.name).join(', ') }}</p></template
  >
</template>

<style scoped src="./detail.css"></style>
