<script setup lang="ts">
import { computed } from 'vue'
import type { Choice } from '../../words/fitting'
import WordMenu from '../../words/WordMenu.vue'
import { called, withOwn } from './playWords'

/** Words of a sentence one after another, each chosen once; with none of them the sentence says what that means. */
const props = defineProps<{
  list: readonly string[]
  choices: readonly Choice[]
  label: string
  /** What stands between two: ", then ", " and ". */
  join: string
  /** While there is none, and where one more may stand. */
  none: string
  more: string
  /** The choice that takes a word out. */
  out: string
  /** What is typed may be taken as it is. */
  free?: boolean
  readonly: boolean
  /** What the sentence goes on with at once. */
  after?: string
}>()
const emit = defineEmits<{ change: [list: string[]] }>()
const left = computed(() => props.choices.filter((c) => !props.list.includes(c.id)))
/** Whether one more may stand after them. */
const open = computed(() => !props.readonly && (props.free || left.value.length > 0))
const offered = (word: string): readonly Choice[] =>
  withOwn([{ id: word, name: called(props.choices, word) }, ...left.value, { id: '', name: props.out }], word)
const set = (at: number, word: string): void =>
  emit(
    'change',
    props.list.flatMap((w, i) => (i !== at ? [w] : word ? [word] : [])),
  )
</script>

<template>
  <span
    ><template
      v-for="(word, i) in list"
      :key="i"
      >{{ i ? join : ''
      }}<WordMenu
        :value="word"
        :label="`${label}, ${i + 1}`"
        :options="offered(word)"
        :disabled="readonly"
        :free="free"
        :after="!open && i === list.length - 1 ? after : ''"
        @pick="set(i, $event)" /></template
    ><template v-if="open"
      >{{ list.length ? join : ''
      }}<WordMenu
        value=""
        :label="list.length ? `${label}, one more` : label"
        :options="left"
        :empty="list.length ? more : none"
        :free="free"
        :after="after"
        @pick="emit('change', [...list, $event])" /></template
    ><template v-else-if="!list.length">{{ none }}{{ after }}</template></span
  >
</template>
