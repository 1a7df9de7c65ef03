<script setup lang="ts">
import { opens } from '../shell/keys'

defineProps<{
  value: string
  label: string
  options: readonly { id: string; name: string }[]
  strong?: boolean
  comma?: boolean
}>()
/** Keys besides letters with which a closed menu changes. */
const MOVES = /^(Arrow|Page|Home|End)/
const emit = defineEmits<{ pick: [id: string] }>()

/** A choice made, the keys are the view's again. */
function choose(event: Event): void {
  const menu = event.target as HTMLSelectElement
  emit('pick', menu.value)
  menu.blur()
}
/** Only the keys that open the menu are the menu's: a letter or an arrow never changes a word by accident. */
function press(event: KeyboardEvent): void {
  if (event.ctrlKey || event.metaKey || (event.key.length > 1 && !MOVES.test(event.key) && !opens(event))) return
  event.preventDefault()
  if (!opens(event)) return
  event.stopPropagation()
  ;(event.target as HTMLSelectElement).showPicker()
}
</script>

<template>
  <span class="word"
    ><select
      data-guarded
      :aria-label="label"
      :class="{ strong }"
      :value="value"
      @change="choose"
      @keydown="press"
    >
      <option
        v-for="o in options"
        :key="o.id"
        :value="o.id"
      >
        {{ o.name }}
      </option></select
    ><template v-if="comma">,</template></span
  >
</template>

<style scoped>
.word {
  white-space: nowrap;
}
select {
  appearance: none;
  field-sizing: content;
  border: 0;
  border-bottom: 2px solid var(--rule);
  border-radius: 0;
  background: transparent;
  color: inherit;
  font: inherit;
  padding: 0;
  cursor: pointer;
  max-width: 100%;
}
select:hover {
  border-bottom-color: var(--ink);
}
.strong {
  font-weight: 700;
}
option {
  font: 400 14px var(--text);
  color: var(--ink);
  background: var(--card);
}
</style>
