<script setup lang="ts">
import { useTemplateRef } from 'vue'
import { vHint } from '../shell/hint/hint'

/** A word of a sentence that is typed: as wide as what it says, on the line the sentence stands on. */
defineProps<{
  value: string | number
  label: string
  placeholder?: string
  readonly?: boolean
  /** A number, counted in steps of a tenth. */
  counted?: boolean
}>()
const emit = defineEmits<{ change: [value: string]; count: [value: number] }>()
const field = useTemplateRef<HTMLElement>('field')
defineExpose({ focus: () => field.value?.focus() })
/** Enter is the end of it: the hand goes to the sheet it stands in, where the keys of the view are heard. */
function done(event: KeyboardEvent): void {
  const target = event.target as HTMLElement
  const sheet = target.closest<HTMLElement>('[tabindex]')
  if (sheet) sheet.focus({ preventScroll: true })
  else target.blur()
}
const written = (event: Event): string => (event.target as HTMLInputElement).value.replace(/\s+/g, ' ').trim()
</script>

<template>
  <input
    v-if="counted"
    ref="field"
    class="typed"
    type="number"
    step="0.1"
    min="0"
    :value="value"
    :aria-label="label"
    :placeholder="placeholder"
    :readonly="readonly"
    @change="emit('count', Number(written($event)))"
  />
  <!-- long words go on in the next line of the sentence -->
  <textarea
    v-else
    ref="field"
    v-hint="label"
    class="typed"
    rows="1"
    :value="String(value)"
    :aria-label="label"
    :placeholder="placeholder"
    :readonly="readonly"
    @change="emit('change', written($event))"
    @keydown.enter.prevent="done"
  />
</template>

<style scoped>
.typed {
  font: inherit;
  color: inherit;
  font-variant-numeric: tabular-nums;
  background: transparent;
  border: 0;
  border-bottom: 2px solid var(--control);
  padding: 0 2px;
  min-width: 2.4em;
  max-width: 100%;
  field-sizing: content;
  resize: none;
  vertical-align: bottom;
}
.typed[type='number'] {
  min-width: 3.1em;
}
.typed:read-only {
  border-bottom-color: var(--rule);
}
.typed::placeholder {
  color: var(--soft);
  font-style: italic;
}
</style>
