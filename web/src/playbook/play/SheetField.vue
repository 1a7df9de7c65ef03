<script setup lang="ts">
import WordMenu from '../../words/WordMenu.vue'

/** One labelled value of a document: written, counted, or one of several. */
export interface Option {
  id: string
  name: string
}
defineProps<{
  label: string
  value: unknown
  readonly: boolean
  /** What may be chosen; a plain word is its own id. */
  options?: readonly (Option | string)[]
  /** Counted in steps of a tenth. */
  seconds?: boolean
  placeholder?: string
  wide?: boolean
}>()
const emit = defineEmits<{ change: [value: string]; count: [value: number] }>()
const of = (o: Option | string): Option => (typeof o === 'string' ? { id: o, name: o } : o)
function told(event: Event, seconds?: boolean): void {
  const { value } = event.target as HTMLInputElement
  if (seconds) emit('count', Number(value))
  else emit('change', value)
}
</script>

<template>
  <div
    v-if="options"
    :class="{ wide }"
  >
    <span class="title">{{ label }}</span>
    <WordMenu
      :value="String(value)"
      :label="label"
      :options="options.map(of)"
      :disabled="readonly"
      field
      @pick="emit('change', $event)"
    />
  </div>
  <label
    v-else
    :class="{ wide }"
    ><span class="title">{{ label }}</span
    ><input
      :type="seconds ? 'number' : 'text'"
      :step="seconds ? 0.1 : undefined"
      :min="seconds ? 0 : undefined"
      :value="value"
      :readonly="readonly"
      :placeholder="placeholder"
      @change="told($event, seconds)"
  /></label>
</template>

<style scoped src="../../styles/sheet-fields.css"></style>
<style scoped>
.wide {
  grid-column: 1 / -1;
}
.title {
  display: block;
  font: 600 13px/1.3 var(--narrow);
  color: var(--soft);
}
</style>
