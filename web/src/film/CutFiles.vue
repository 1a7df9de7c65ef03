<script setup lang="ts">
import { ref, useTemplateRef } from 'vue'
import { answer, client, problemOf } from '../api/client'
import type { ReelItem } from '../api/types'
import { counted } from '../words/counted'

/** The cuts and moments of a reel as files, and plays cut by such a file. */
const props = defineProps<{ reel: ReelItem }>()
const emit = defineEmits<{ cut: [] }>()
const file = useTemplateRef('file')
const said = ref('')
const fault = ref('')
const address = (kind: string): string => `/api/reels/${props.reel.id}/cuts.${kind}`

async function take(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  const chosen = input.files?.[0]
  if (!chosen) return
  said.value = ''
  fault.value = ''
  try {
    const taken = await answer(
      client.POST('/api/reels/{id}/cuts', {
        params: { path: { id: props.reel.id } },
        headers: { 'Content-Type': 'text/plain' },
        body: await chosen.text(),
        bodySerializer: (text) => text,
      }),
    )
    said.value = `${counted(taken.plays, 'play')} cut`
    emit('cut')
  } catch (error) {
    fault.value = problemOf(error).detail
  }
  // the same file may be mended and taken again
  input.value = ''
}
</script>

<template>
  <span class="files">
    <a
      v-if="reel.plays"
      class="link"
      :href="address('csv')"
      download
      >CSV</a
    >
    <a
      v-if="reel.plays"
      class="link"
      :href="address('vtt')"
      download
      >WebVTT</a
    >
    <button
      type="button"
      class="link"
      :aria-label="`Cut ${reel.name} by a file`"
      @click="file?.click()"
    >
      from a file
    </button>
    <input
      ref="file"
      type="file"
      accept=".csv,.vtt,text/csv,text/vtt"
      hidden
      @change="take"
    />
    <span
      v-if="said"
      role="status"
      >{{ said }}</span
    >
    <span
      v-if="fault"
      class="fault"
      role="alert"
      >{{ fault }}</span
    >
  </span>
</template>

<style scoped>
.files {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
}
</style>
