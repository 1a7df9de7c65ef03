<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed, onMounted, ref } from 'vue'
import { useLists } from '../shell/lists'
import { useBoard } from './boardStore'
import { lineWords } from './lineWords'
import { plain } from './snapPhrases'
import { readSnapWords } from './snapWords'

/** The snap typed in words of any order; what it will be is read anew with every letter. */
const emit = defineEmits<{ close: [] }>()
const board = useBoard()
const { snap, callId } = storeToRefs(board)
const { choices, calls } = storeToRefs(useLists())
const typed = ref('')
const field = ref<HTMLInputElement>()
const form = ref<HTMLFormElement>()
const MOST_OFFERED = 7
onMounted(() => field.value?.focus())

const now = computed(() => ({ snap: snap.value, call: callId.value, choices: choices.value, calls: calls.value }))
const read = computed(() => (typed.value.trim() ? readSnapWords(typed.value, now.value) : undefined))
const ready = computed(() => !!read.value && !read.value.unread.length && !read.value.ties.length)
const tie = computed(() => read.value?.ties[0])
const preview = computed(() =>
  read.value ? lineWords(read.value.snap, read.value.call, choices.value, calls.value) : '',
)
async function take(): Promise<void> {
  if (!read.value || !ready.value) return
  const { snap: next, call } = read.value
  emit('close')
  await board.setLine(next, call)
}
/** One of several names that fit takes the place of the words it was meant by. */
function settle(words: string, name: string): void {
  const text = plain(typed.value)
  typed.value = text.includes(words) && words ? text.replace(words, plain(name)) : `${text} ${plain(name)}`
  field.value?.focus()
}
/** Nothing typed is thrown away by a click elsewhere. */
function left(event: FocusEvent): void {
  const inside = event.relatedTarget instanceof Node && form.value?.contains(event.relatedTarget)
  if (!inside && !typed.value.trim()) emit('close')
}
</script>

<template>
  <form
    ref="form"
    class="typed"
    @submit.prevent="take"
    @keydown.esc.stop="emit('close')"
    @focusout="left"
  >
    <input
      ref="field"
      v-model="typed"
      aria-label="Type a snap"
      aria-describedby="snap-preview"
      placeholder="trips open left, right hash, +12, 3rd and 7, anvil fog"
      autocomplete="off"
      spellcheck="false"
    />
    <p
      id="snap-preview"
      class="preview"
      role="status"
    >
      <template v-if="read?.unread.length"
        ><b class="fault">not understood: {{ read.unread.join(', ') }}.</b> A formation, left or right, a hash, a spot
        as 12, +12, own 38 or midfield, 3rd and 7, a motion, rules or a call.</template
      >
      <template v-else-if="tie"
        ><b>“{{ tie.words }}”</b> is:
        <button
          v-for="n in tie.names.slice(0, MOST_OFFERED)"
          :key="`${n.kind} ${n.id}`"
          type="button"
          class="button"
          @click="settle(tie.words, n.name)"
        >
          {{ n.name }}
        </button>
        <span v-if="tie.names.length > MOST_OFFERED">and {{ tie.names.length - MOST_OFFERED }} more</span></template
      >
      <template v-else-if="ready"
        ><span class="soft">will be</span> {{ preview }}
        <span class="soft">Enter takes it, Escape leaves it.</span></template
      >
      <span
        v-else
        class="soft"
        >Words in any order. Enter takes them, Escape leaves the line as it is.</span
      >
    </p>
  </form>
</template>

<style scoped>
.typed {
  display: grid;
  gap: 4px;
}
.typed input {
  font: 500 19px/1.2 var(--serif);
  border: 0;
  border-bottom: 2px solid var(--ink);
  background: transparent;
  color: var(--ink);
  padding: 4px 0;
}
.preview {
  font-size: 13px;
  min-height: 30px;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 6px;
  align-items: baseline;
}
.preview .button {
  padding: 4px 7px;
}
</style>
