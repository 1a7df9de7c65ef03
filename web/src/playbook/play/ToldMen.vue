<script setup lang="ts">
import { computed } from 'vue'
import type { Choice } from '../../words/fitting'
import WordMenu from '../../words/WordMenu.vue'
import { manChoice, manName, plain, withOwn } from './playWords'
import type { ManRow } from './written'

/** Sentences, a man each, in the order they are told: who, and what he does. */
const props = defineProps<{
  list: ManRow[]
  men: string[]
  choices: string[]
  /** What they are told, and how the sentence says it. */
  label: string
  verb: string
  readonly: boolean
}>()
const emit = defineEmits<{ change: [list: ManRow[]] }>()
const told = computed(() => props.choices.map(plain))
const left = computed(() => props.men.filter((m) => !props.list.some((r) => r.who === m)).map(manChoice))
/** A man may be changed into one that has no sentence yet. */
const may = (row: ManRow): readonly Choice[] => withOwn([manChoice(row.who), ...left.value], row.who)

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
const add = (who: string): void => emit('change', [...props.list, { who, told: props.choices[0] ?? '' }])
</script>

<template>
  <section :aria-label="label">
    <h2>{{ label }}</h2>
    <ol>
      <li
        v-for="(row, i) in list"
        :key="i"
      >
        <span class="said"
          ><WordMenu
            :value="row.who"
            :label="`${label}, man ${i + 1}`"
            :options="may(row)"
            :disabled="readonly"
            free
            @pick="set(i, { who: $event })" />
          {{ verb }}
          <WordMenu
            :value="row.told"
            :label="`${label}, what ${manName(row.who)} does`"
            :options="withOwn(told, row.told)"
            :disabled="readonly"
            @pick="set(i, { told: $event })"
        /></span>
        <button
          v-if="!readonly"
          type="button"
          class="link"
          :aria-label="`Take ${manName(row.who)} out`"
          @click="without(i)"
        >
          take out
        </button>
      </li>
      <li v-if="!readonly && left.length">
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
</style>
