<script setup lang="ts">
import { InputNumber } from 'ant-design-vue'
import { computed } from 'vue'
import type { PlayLog } from '../api/types'
import WordMenu from '../words/WordMenu.vue'
import { useFilm } from './filmStore'

/** What the eleven did as one on the play in hand, before the ball and at the end. */
type Together = NonNullable<PlayLog['together']>
const film = useFilm()
const words = computed<Together>(() => film.log?.together ?? {})
const CHECKS: { id: NonNullable<Together['check']> | ''; name: string }[] = [
  { id: '', name: 'not said' },
  { id: 'made', name: 'made' },
  { id: 'missed', name: 'missed' },
  { id: 'not due', name: 'not due' },
]
const STRENGTHS: { id: NonNullable<Together['strength']> | ''; name: string }[] = [
  { id: '', name: 'not said' },
  { id: 'right', name: 'right' },
  { id: 'wrong', name: 'wrong' },
  { id: 'not declared', name: 'not declared' },
]
const SET = [
  { id: '', name: 'not said' },
  { id: 'yes', name: 'all set' },
  { id: 'no', name: 'not all set' },
]
const set = computed(() => (words.value.allSet === undefined ? '' : words.value.allSet ? 'yes' : 'no'))
const MOST = 11
function say(change: Partial<Together>): void {
  void film.changeLog({ together: { ...words.value, ...change } })
}
</script>

<template>
  <fieldset>
    <legend>Our eleven together</legend>
    <div>
      Check
      <WordMenu
        :value="words.check ?? ''"
        label="Check"
        :options="CHECKS"
        field
        @pick="say({ check: ($event || undefined) as Together['check'] })"
      />
    </div>
    <div>
      Strength
      <WordMenu
        :value="words.strength ?? ''"
        label="Strength declared"
        :options="STRENGTHS"
        field
        @pick="say({ strength: ($event || undefined) as Together['strength'] })"
      />
    </div>
    <div>
      At the snap
      <WordMenu
        :value="set"
        label="All set at the snap"
        :options="SET"
        field
        @pick="say({ allSet: $event ? $event === 'yes' : undefined })"
      />
    </div>
    <label
      >Hats at the ball
      <InputNumber
        :value="words.hats"
        :min="0"
        :max="MOST"
        :precision="0"
        :aria-label="`Defenders within ${film.play?.atTheBall} yd of the ball at the end`"
        :title="`Defenders within ${film.play?.atTheBall} yd of the ball when the play ended`"
        size="small"
        @change="say({ hats: typeof $event === 'number' ? $event : undefined })"
      />
    </label>
  </fieldset>
</template>

<style scoped>
fieldset {
  grid-column: 1 / -1;
  border: 0;
  border-top: 1px solid var(--rule);
  padding: 6px 0 0;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px 12px;
}
legend {
  float: left;
  grid-column: 1 / -1;
  padding: 0;
  font: 700 13px var(--narrow);
}
label {
  display: grid;
}
</style>
