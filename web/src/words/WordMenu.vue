<script setup lang="ts">
import { computed, defineAsyncComponent, nextTick, ref, useTemplateRef } from 'vue'
import { offered, type Choice } from './fitting'

/** A word of a sentence that is chosen from a menu: the word as a button; pressed, a list that is searched by typing. */
const props = defineProps<{
  value: string
  label: string
  options: readonly Choice[]
  strong?: boolean
  /** What the sentence goes on with at once: a comma, a full stop. */
  after?: string
  /** As a field of a form and not as a word of a sentence. */
  field?: boolean
  disabled?: boolean
  /** What is typed may be taken as it is. */
  free?: boolean
  /** What the word says while nothing is chosen. */
  empty?: string
}>()
const emit = defineEmits<{
  pick: [id: string]
  /** The hand or the keys are on it in the open list, and it is not taken yet. */
  look: [id: string]
}>()
const choices = () => import('./WordChoices.vue')
const WordChoices = defineAsyncComponent(choices)
const opened = ref(false)
/** What was typed while the list was on its way: it is found as if the list had been there. */
const typed = ref('')
const word = useTemplateRef('word')
/** Before the list has come an id is nobody's word: it says nothing yet. */
const shown = computed(
  () => props.options.find((o) => o.id === props.value)?.name ?? (props.options.length ? props.value : ''),
)

/** The hand goes back to the word. */
const back = (): void => word.value?.focus({ preventScroll: true })
/** The hand is back before anything is drawn: a list that is taken away under it has the page laid out once more. */
function pick(id: string): void {
  back()
  if (id !== props.value) emit('pick', id)
}
async function close(): Promise<void> {
  opened.value = false
  await nextTick()
  back()
}
function open(): void {
  typed.value = ''
  opened.value = true
}
/** Enter and Space are the button's; a letter or an arrow on a closed word never changes it. */
function press(event: KeyboardEvent): void {
  if (!opened.value) {
    if (event.key === 'Enter' || event.key === ' ') event.stopPropagation()
    return
  }
  if (event.key === 'Tab' || event.ctrlKey || event.metaKey) return
  event.preventDefault()
  event.stopPropagation()
  if (event.key === 'Escape') void close()
  else if (event.key === 'Enter') void take()
  else if (event.key.length === 1) typed.value += event.key
}
/** Enter before the list is there takes what the list would have found first. */
async function take(): Promise<void> {
  const first = typed.value.trim() ? offered(typed.value, props.options, props.free)[0] : undefined
  await close()
  if (first) pick(first.id)
}
</script>

<template>
  <span
    class="word"
    :class="{ field }"
    ><span class="held"
      ><button
        ref="word"
        type="button"
        :data-menu="label"
        :data-value="value"
        :aria-label="`${label}: ${shown || empty || 'nothing yet'}`"
        aria-haspopup="listbox"
        :aria-expanded="opened"
        :class="{ strong, opened, empty: !shown }"
        :disabled="disabled"
        @click="open"
        @focus="choices"
        @pointerenter="choices"
        @keydown="press"
      >
        {{ shown || empty || '…' }}</button
      >{{ after }}</span
    ><WordChoices
      v-if="opened"
      :value="value"
      :label="label"
      :options="options"
      :free="free"
      :begun="typed"
      @pick="pick"
      @look="emit('look', $event)"
      @close="close"
    />
  </span>
</template>

<style scoped>
.word {
  position: relative;
  min-width: 0;
}
button {
  border: 0;
  border-bottom: 2px solid var(--control);
  border-radius: 0;
  background: transparent;
  color: inherit;
  font: inherit;
  text-align: left;
  padding: 0;
  cursor: pointer;
  max-width: 100%;
  white-space: normal;
}
/* What follows at once never begins a line. */
.held {
  white-space: nowrap;
}
button:hover:enabled {
  border-bottom-color: var(--ink);
}
button.strong {
  font-weight: 700;
}
button.empty {
  font-style: italic;
  color: var(--soft);
}
button.opened {
  opacity: 0;
}
.field button {
  width: 100%;
  padding: 6px 8px;
  border: 1.5px solid var(--control);
  border-radius: 3px;
  background: var(--card);
  font: 400 14px/1.3 var(--text);
}
.field button::after {
  content: ' ▾';
  float: right;
  color: var(--soft);
}
button:disabled {
  cursor: default;
  border-color: var(--rule);
}
.field button:disabled::after {
  content: '';
}
</style>
