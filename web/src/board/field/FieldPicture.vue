<script setup lang="ts">
import type { Board, PassSheet, RunSheet, Spot } from '../../api/types'
import type { Layer } from './layers'
import type { Drawing, ViewFrom } from './field'
import FieldDrawing from './FieldDrawing.vue'

/** A line-up to be looked at before any motion; a play may lie over it, and men of the offence may be placed. */
withDefaults(
  defineProps<{
    board?: Board
    from?: ViewFrom
    layers?: Layer[]
    selected?: string
    run?: RunSheet
    pass?: PassSheet
    placing?: boolean
  }>(),
  {
    board: undefined,
    from: 'offence',
    layers: () => [],
    selected: undefined,
    run: undefined,
    pass: undefined,
  },
)
defineEmits<{ pick: [job: string]; place: [man: string, spot: Spot] }>()
defineSlots<{
  /** Over the drawing, in its units. */
  over(props: { drawing: Drawing }): unknown
  /** While there is none. */
  none(): unknown
}>()
const NOTHING_FOUND: [] = []
</script>

<template>
  <div class="picture">
    <FieldDrawing
      v-if="board"
      :field="board.field"
      :sheet="board.phases[0]!"
      :from="from"
      :layers="layers"
      :selected="selected"
      :listed="NOTHING_FOUND"
      :run="run"
      :pass="pass"
      :placing="placing"
      @pick="$emit('pick', $event)"
      @place="(man, spot) => $emit('place', man, spot)"
    >
      <template #over="{ drawing }">
        <slot
          name="over"
          :drawing="drawing"
        />
      </template>
    </FieldDrawing>
    <slot
      v-else
      name="none"
    />
  </div>
</template>

<style scoped>
.picture {
  background: var(--field);
  min-height: 0;
}
</style>
