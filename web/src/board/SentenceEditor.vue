<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { storeToRefs } from 'pinia'
import { computed, onMounted, ref, useTemplateRef, watch } from 'vue'
import type { RungRow } from '../api/types'
import { useBoard } from './boardStore'

/** One sentence being written: tried on the board as it is typed, with what may follow where it stops making sense. */
const props = defineProps<{ rung: RungRow }>()
const emit = defineEmits<{ keep: [sentence: string]; leave: []; takeOut: [] }>()
const board = useBoard()
const { tryProblem } = storeToRefs(board)
const text = ref(props.rung.sentence)
const area = useTemplateRef<HTMLTextAreaElement>('area')
onMounted(() => area.value?.focus())

const fault = computed(() => {
  const p = tryProblem.value
  if (!p) return undefined
  const own = p.problems?.find((x) => props.rung.id === `${x.document}/${x.where}`) ?? p.problems?.[0]
  return { message: own?.message ?? p.detail, at: own?.at ?? p.at ?? -1, expected: own?.expected ?? p.expected ?? [] }
})
const attempt = useDebounceFn(() => {
  if (area.value && text.value.trim()) board.trySentence({ rung: props.rung.id, sentence: text.value })
}, 200)
watch(text, attempt, { immediate: true })

function keep(): void {
  if (!fault.value && text.value.trim()) emit('keep', text.value.trim())
}
/** An offered word goes in where the sentence stopped making sense. */
function insert(word: string): void {
  const at = fault.value && fault.value.at >= 0 ? fault.value.at : text.value.length
  const before = text.value.slice(0, at).replace(/\s*$/, '')
  text.value = `${before}${before && ![':', ';', ','].includes(word) ? ' ' : ''}${word} `
  area.value?.focus()
}
/** Tab takes the first offered word. */
function complete(event: KeyboardEvent): void {
  const first = fault.value?.expected[0]
  if (!first || /^(a|an|the end|#1 to)\b/.test(first)) return
  event.preventDefault()
  insert(first)
}
</script>

<template>
  <div class="editor">
    <textarea
      ref="area"
      v-model="text"
      rows="4"
      :aria-label="`Sentence of ${rung.id}`"
      :aria-invalid="!!fault"
      spellcheck="false"
      @keydown.esc.stop.prevent="$emit('leave')"
      @keydown.enter.exact.prevent="keep"
      @keydown.tab.exact="complete"
    />
    <p
      v-if="fault"
      class="fault"
      role="alert"
    >
      {{ fault.message.split('; may follow')[0] }}<template v-if="fault.expected.length">. May follow:</template>
    </p>
    <p
      v-if="fault"
      class="offers"
    >
      <button
        v-for="word in fault.expected.slice(0, 16)"
        :key="word"
        type="button"
        @click="insert(word)"
      >
        {{ word }}
      </button>
    </p>
    <p
      v-else-if="text.trim()"
      class="fine"
    >
      Reads well; the board shows it already.
    </p>
    <p class="acts">
      <button
        class="button main"
        type="button"
        :disabled="!!fault || !text.trim()"
        @click="keep"
      >
        Keep <span class="key">Enter</span></button
      ><button
        class="button"
        type="button"
        @click="$emit('leave')"
      >
        Leave it <span class="key">Esc</span></button
      ><button
        v-if="rung.sentence"
        class="button"
        type="button"
        @click="$emit('takeOut')"
      >
        Take it out
      </button>
    </p>
  </div>
</template>

<style scoped>
textarea {
  width: 100%;
  font: 500 14px/1.4 var(--serif);
  color: var(--ink);
  background: var(--card);
  border: 1.5px solid var(--ink);
  border-radius: 3px;
  padding: 6px;
  resize: vertical;
}
.fault {
  font-size: 13px;
}
.fine {
  color: var(--sound);
  font-size: 13px;
}
.offers {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin: 4px 0;
  max-height: 120px;
  overflow: auto;
}
.offers button {
  font: 600 12.5px/1 var(--narrow);
  border: 1px solid var(--rule);
  background: var(--card);
  color: var(--ink);
  padding: 4px 6px;
  border-radius: 3px;
  cursor: pointer;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 6px;
}
.acts .button {
  white-space: nowrap;
}
</style>
