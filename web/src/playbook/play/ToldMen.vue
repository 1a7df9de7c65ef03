<script setup lang="ts">
import { computed, nextTick, useTemplateRef } from 'vue'
import type { Choice } from '../../words/fitting'
import WordMenu from '../../words/WordMenu.vue'
import { called, withOwn } from './playWords'
import { useMet } from './met'
import type { ManRow } from './written'

/** Sentences, a man each, in the order they are told: who, and what he does. */
const props = defineProps<{
  list: ManRow[]
  men: readonly Choice[]
  choices: readonly Choice[]
  /** What they are told, and how the sentence says it. */
  label: string
  verb: string
  readonly: boolean
}>()
const emit = defineEmits<{ change: [list: ManRow[]] }>()
const met = useMet()
/** A man of the usual ones who is not there in the formation it is tried from. */
const absent = (who: string): boolean => !!met.value && props.men.some((m) => m.id === who) && !met.value.names.has(who)
const left = computed(() => props.men.filter((m) => !props.list.some((r) => r.who === m.id)))
/** A man may be changed into one that has no sentence yet. */
const may = (row: ManRow): readonly Choice[] => [{ id: row.who, name: called(props.men, row.who) }, ...left.value]

const set = (at: number, change: Partial<ManRow>): void =>
  emit(
    'change',
    props.list.map((r, i) => (i === at ? { ...r, ...change } : r)),
  )
const sentences = useTemplateRef('sentences')
/** The hand goes on to who stands there now, the last one when there is none. */
async function without(at: number): Promise<void> {
  emit(
    'change',
    props.list.filter((_, i) => i !== at),
  )
  await nextTick()
  const lines = [...(sentences.value?.querySelectorAll<HTMLElement>('li') ?? [])]
  ;(lines[at] ?? lines.at(-1))?.querySelector<HTMLElement>('[data-menu]')?.focus()
}
const add = (who: string): void => emit('change', [...props.list, { who, told: props.choices[0]?.id ?? '' }])
</script>

<template>
  <section :aria-label="label">
    <h2>{{ label }}</h2>
    <ol ref="sentences">
      <li
        v-for="(row, i) in list"
        :key="i"
        :data-who="row.who"
        tabindex="-1"
      >
        <span class="said"
          ><WordMenu
            :value="row.who"
            :label="`${label}, man ${i + 1}`"
            :options="may(row)"
            :disabled="readonly"
            free
            @pick="set(i, { who: $event })"
          />
          {{ verb }}
          <WordMenu
            :value="row.told"
            :label="`${label}, what ${called(men, row.who)} does`"
            :options="withOwn(choices, row.told)"
            :disabled="readonly"
            @pick="set(i, { told: $event })"
          />
          <small
            v-if="absent(row.who)"
            class="soft absent"
            >nobody in {{ met?.formation }}</small
          ></span
        >
        <button
          v-if="!readonly"
          type="button"
          class="link"
          :aria-label="`Take ${called(men, row.who)} out`"
          @click="without(i)"
        >
          take out
        </button>
      </li>
      <li
        v-if="!readonly && left.length"
        data-more
      >
        <WordMenu
          value=""
          :label="`${label}, one more man`"
          :options="left"
          empty="and one more man"
          free
          @pick="add"
        />
      </li>
    </ol>
  </section>
</template>

<style scoped src="./sentences.css"></style>
<style scoped>
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  align-items: baseline;
  padding: 3px 0;
  border-bottom: 1px solid var(--faint);
}
.absent {
  margin-left: 8px;
  font: 400 13.5px var(--narrow);
}
li:focus-within {
  background: var(--pick);
}
</style>
