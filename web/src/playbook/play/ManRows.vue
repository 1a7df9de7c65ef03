<script setup lang="ts">
import { computed } from 'vue'
import WordMenu from '../../words/WordMenu.vue'
import type { ManRow } from './written'

/** Men in the order they are told, each with one choice. */
const props = defineProps<{ list: ManRow[]; men: string[]; choices: string[]; label: string; readonly: boolean }>()
const emit = defineEmits<{ change: [list: ManRow[]] }>()
const names = computed(() => `men-${props.label.replace(/\W+/g, '-')}`)

const set = (at: number, change: Partial<ManRow>): void =>
  emit(
    'change',
    props.list.map((r, i) => (i === at ? { ...r, ...change } : r)),
  )
const without = (at: number): void =>
  emit(
    'change',
    props.list.filter((_, i) => i !== at),
  )
function add(): void {
  const free = props.men.find((m) => !props.list.some((r) => r.who === m)) ?? ''
  emit('change', [...props.list, { who: free, told: props.choices[0] ?? '' }])
}
const value = (event: Event): string => (event.target as HTMLInputElement | HTMLSelectElement).value
</script>

<template>
  <fieldset>
    <legend>{{ label }}</legend>
    <datalist :id="names">
      <option
        v-for="m in men"
        :key="m"
        :value="m"
      />
    </datalist>
    <div
      v-for="(row, i) in list"
      :key="i"
      class="row"
    >
      <input
        :value="row.who"
        :list="names"
        :aria-label="`${label}, man ${i + 1}`"
        :readonly="readonly"
        @change="set(i, { who: value($event) })"
      />
      <WordMenu
        :value="row.told"
        :label="`${label}, what ${row.who || 'he'} does`"
        :options="choices.map((c) => ({ id: c, name: c }))"
        :disabled="readonly"
        @pick="set(i, { told: $event })"
      />
      <button
        v-if="!readonly"
        type="button"
        class="link"
        :aria-label="`Take ${row.who || 'this man'} out`"
        @click="without(i)"
      >
        take out
      </button>
    </div>
    <button
      v-if="!readonly"
      type="button"
      class="link"
      @click="add()"
    >
      Add a man
    </button>
  </fieldset>
</template>

<style scoped src="../../styles/sheet-fields.css"></style>
<style scoped>
fieldset {
  border: 0;
  border-top: 1.5px solid var(--rule);
  margin: 0;
  padding: 8px 0;
  min-width: 0;
}
legend {
  font: 700 14px/1.3 var(--narrow);
  padding: 0 8px 0 0;
}
.row {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr) 70px;
  gap: 8px;
  align-items: center;
}
</style>
