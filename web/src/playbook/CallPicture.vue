<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { faultOf } from '../api/client'
import FieldPicture from '../board/field/FieldPicture.vue'
import { formationChoice, snapAgainst, useLists } from '../shell/lists'
import WordMenu from '../words/WordMenu.vue'
import { useLineUp } from './useLineUp'
import FaultSaid from '../shell/FaultSaid.vue'

/** One call large, against a formation of choice: the first it is meant for until another is chosen. */
const props = defineProps<{ call: string }>()
const lists = useLists()
const formation = ref('')
const item = computed(() => lists.call(props.call))
const formations = computed(() => (lists.choices?.formations ?? []).filter((f) => f.players === item.value?.players))
watch(
  [item, formations],
  () => {
    const meant = item.value?.meantFor ?? []
    const first = formations.value.find((f) => !meant.length || meant.includes(f.id))
    if (!formations.value.some((f) => f.id === formation.value)) formation.value = first?.id ?? ''
  },
  { immediate: true },
)
lists.need()
const snap = computed(() => snapAgainst(lists.formation(formation.value), lists.choices))
const { data, error } = useLineUp(
  () => props.call,
  () => snap.value,
)
</script>

<template>
  <div>
    <p class="against">
      against
      <WordMenu
        :value="formation"
        label="Formation of the picture"
        :options="formations.map(formationChoice)"
        @pick="formation = $event"
      />
    </p>
    <FaultSaid :words="faultOf(error)" />
    <FieldPicture
      class="drawing"
      :board="data"
      :layers="['gaps', 'areas', 'paths']"
    />
  </div>
</template>

<style scoped>
.against {
  font: 500 16px/1.5 var(--serif);
}
.drawing {
  height: 340px;
}
</style>
