<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { ref, watch } from 'vue'

/** A note on one man: it goes out once the hand rests, and is his whoever is in hand by then. */
const props = withDefaults(defineProps<{ man: string; value: string; name?: string; rows?: number }>(), {
  name: 'Note',
  rows: 2,
})
const emit = defineEmits<{ say: [man: string, note: string] }>()
const REST_MILLIS = 500
const text = ref(props.value)
let open: string | undefined

function out(): void {
  if (open === undefined) return
  emit('say', open, text.value)
  open = undefined
}
const soon = useDebounceFn(out, REST_MILLIS)
function typed(): void {
  open = props.man
  void soon()
}
watch(
  () => props.man,
  () => {
    out()
    text.value = props.value
  },
  { flush: 'sync' },
)
// what is being typed is not written over by an answer
watch(
  () => props.value,
  (value) => open ?? (value.trim() === text.value.trim() || (text.value = value)),
)
</script>

<template>
  <label
    >{{ name }}
    <textarea
      v-model="text"
      :rows="rows"
      maxlength="400"
      @input="typed"
      @blur="out"
    />
  </label>
</template>

<style scoped>
label {
  font: 400 13px var(--narrow);
  display: grid;
}
textarea {
  font: 400 13.5px/1.3 var(--text);
}
</style>
