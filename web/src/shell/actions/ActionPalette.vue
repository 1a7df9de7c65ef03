<script setup lang="ts">
import { Modal } from 'ant-design-vue'
import { computed } from 'vue'
import ChoiceSearch from '../../words/ChoiceSearch.vue'
import type { Choice } from '../../words/fitting'
import { keyWords, type Action } from './action'
import { useActions } from './registry'

/** Everything that can be done or gone to from here, found by typing. */
const actions = useActions()
const idOf = (a: Action): string => `${a.group}/${a.id}`
const choices = computed(() =>
  actions.found().map((a): Choice => ({
    id: idOf(a),
    name: a.label,
    words: a.words ?? '',
    kinds: a.kinds,
    group: a.group,
    key: a.keys.map(keyWords)[0],
  })),
)
const before = document.activeElement
/** The hand stands where it stood, or in the view. */
function leave(): void {
  actions.palette = false
  const back = before instanceof HTMLElement && before !== document.body ? before : document.getElementById('work')
  back?.focus({ preventScroll: true })
}
/** The palette is gone before what was chosen is done, so that the hand stays where that puts it. */
function perform(id: string): void {
  const chosen = actions.found().find((a) => idOf(a) === id)
  leave()
  setTimeout(() => chosen?.perform())
}
</script>

<template>
  <Modal
    open
    title="Go to, or do"
    :footer="null"
    width="640px"
    :transition-name="''"
    :mask-transition-name="''"
    wrap-class-name="palette"
    @cancel="leave"
  >
    <ChoiceSearch
      label="A view, a call, a formation, a man, a finding, a setting, an action"
      :options="choices"
      placeholder="trips, cover 3, nickel, night, undo"
      list-class="palette-list"
      @pick="perform"
      @close="leave"
    />
  </Modal>
</template>

<style>
.palette .ant-select {
  width: 100%;
}
</style>
