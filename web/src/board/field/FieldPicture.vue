<script setup lang="ts">
import { computed } from 'vue'
import type { Board, PassSheet, RunSheet, Spot } from '../../api/types'
import type { Layer } from './layers'
import type { Drawing, ViewFrom } from './field'
import FieldDrawing from './FieldDrawing.vue'
import type { AskedThing } from './fieldWords'

/** A line-up to be looked at before any motion; a play may lie over it, and men of the offence may be placed. */
const props = withDefaults(
  defineProps<{
    board?: Board
    from?: ViewFrom
    layers?: Layer[]
    selected?: string
    run?: RunSheet
    pass?: PassSheet
    placing?: boolean
    /** The man of the offence in hand. */
    man?: string
  }>(),
  {
    board: undefined,
    from: 'offence',
    layers: () => [],
    selected: undefined,
    run: undefined,
    pass: undefined,
    man: undefined,
  },
)
defineEmits<{ pick: [job: string]; ask: [man: string]; place: [man: string, spot: Spot] }>()
defineSlots<{
  /** Over the drawing, in its units. */
  over(props: { drawing: Drawing }): unknown
  /** While there is none. */
  none(): unknown
}>()
const asked = computed((): AskedThing | undefined => (props.man ? { kind: 'MAN', name: props.man } : undefined))
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
      :asked="asked"
      @pick="$emit('pick', $event)"
      @ask="$event.kind === 'MAN' && $emit('ask', $event.name)"
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
