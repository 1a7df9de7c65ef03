<script setup lang="ts">
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
  const { value } = event.target as HTMLInputElement | HTMLSelectElement
  if (seconds) emit('count', Number(value))
  else emit('change', value)
}
</script>

<template>
  <label :class="{ wide }"
    ><span>{{ label }}</span
    ><select
      v-if="options"
      :value="value"
      :disabled="readonly"
      @change="told"
    >
      <option
        v-for="o in options.map(of)"
        :key="o.id"
        :value="o.id"
      >
        {{ o.name }}
      </option></select
    ><input
      v-else
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
span {
  display: block;
  font: 600 13px/1.3 var(--narrow);
  color: var(--soft);
}
</style>
