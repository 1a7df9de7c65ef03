<script setup lang="ts">
import { computed } from 'vue'
import type { Figure } from '../api/types'
import { bounded, told, wrong } from './figures'

/** A figure of the model: what it says, its value to be set, what it may be, where it comes from. */
const props = defineProps<{ figure: Figure; typed?: string; own: boolean; mayWrite: boolean }>()
const emit = defineEmits<{ type: [text: string] }>()
const text = computed(() => props.typed ?? told(props.figure.value))
const fault = computed(() => (props.typed === undefined ? '' : wrong(props.figure, props.typed)))
const ships = computed(() => told(props.figure.ships))
</script>

<template>
  <tr :class="{ own }">
    <td>
      {{ figure.what }}
      <template v-if="own">
        <span class="soft">Ships as {{ ships }} {{ figure.unit }}. </span>
        <button
          v-if="mayWrite && text !== ships"
          type="button"
          class="link"
          @click="emit('type', ships)"
        >
          As it ships
        </button>
      </template>
      <span
        v-if="fault"
        class="fault"
        role="alert"
        >{{ fault }}</span
      >
    </td>
    <td class="number">
      <input
        v-if="mayWrite"
        :value="text"
        inputmode="decimal"
        :aria-label="`${figure.what} ${figure.unit}`"
        :aria-invalid="!!fault"
        @input="emit('type', ($event.target as HTMLInputElement).value)"
      />
      <b v-else>{{ text }}</b>
      <span class="unit">{{ ' ' + figure.unit }}</span>
    </td>
    <td>{{ bounded(figure) }}</td>
    <td>{{ figure.source }}</td>
  </tr>
</template>

<style scoped>
td {
  text-align: left;
  padding: 5px 22px 5px 0;
  border-bottom: 1px solid var(--rule);
  font-size: 14px;
}
td:not(:first-child) {
  white-space: nowrap;
}
.number {
  text-align: right;
  font-variant-numeric: tabular-nums;
}
.own td:first-child {
  border-left: 4px solid var(--accent);
  padding-left: 8px;
}
.fault {
  display: block;
  color: var(--bust);
  font-weight: 600;
}
input {
  font: 600 14px var(--text);
  background: var(--card);
  color: var(--ink);
  width: 58px;
  padding: 2px 4px;
  text-align: right;
  border: 1px solid var(--rule);
}
input[aria-invalid='true'] {
  border: 2px solid var(--bust);
}
.unit {
  display: inline-block;
  min-width: 34px;
  padding-left: 4px;
  text-align: left;
}
@media print {
  .link {
    display: none;
  }
  input {
    border: 0;
    width: auto;
  }
}
@container work (width <= 760px) {
  td {
    padding-right: 10px;
  }
  td:nth-child(n + 3) {
    white-space: normal;
  }
}
</style>
