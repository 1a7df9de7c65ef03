<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { problemOf } from '../api/client'
import FieldDrawing from '../board/field/FieldDrawing.vue'
import { formationChoice, snapAgainst, useLists } from '../shell/lists'
import WordMenu from '../words/WordMenu.vue'
import { useLineUp } from './useLineUp'

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
if (!lists.choices) void lists.load()
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
    <p
      v-if="error"
      class="trouble"
      role="alert"
    >
      {{ problemOf(error).detail }}
    </p>
    <div class="drawing">
      <FieldDrawing
        v-if="data"
        :field="data.field"
        :sheet="data.phases[0]!"
        from="offence"
        :layers="['gaps', 'areas', 'paths']"
        :listed="[]"
      />
    </div>
  </div>
</template>

<style scoped>
.against {
  font: 500 16px/1.5 var(--serif);
}
.drawing {
  height: 340px;
  background: var(--field);
}
.trouble {
  color: var(--bust);
  font-weight: 600;
}
</style>
