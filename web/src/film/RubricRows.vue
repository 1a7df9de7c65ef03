<script setup lang="ts">
import { computed } from 'vue'
import { useGrades, type Facet } from './gradeStore'
import MarkButtons from './MarkButtons.vue'
import type { Ticked } from './useGrading'

/** What a facet means for this man: good, fault and what the fault leads to; of technique each is marked for itself. */
const props = defineProps<{ job: string; facet: Facet; criterion?: Ticked }>()
defineEmits<{ choose: [criterion: Ticked] }>()
const grades = useGrades()
const rows = computed(() =>
  grades
    .rubrics(props.job)
    .flatMap((r) => r.criteria.filter((c) => c.facet === props.facet).map((c) => ({ rubric: r.id, of: r.name, ...c }))),
)
const inHand = (row: { rubric: string; id: string }): boolean =>
  props.criterion?.rubric === row.rubric && props.criterion.criterion === row.id
</script>

<template>
  <ul
    class="rows"
    :aria-label="`What ${facet} means for him`"
  >
    <li
      v-for="r in rows"
      :key="`${r.rubric} ${r.id}`"
      :class="{ now: inHand(r) }"
      :data-criterion="r.id"
    >
      <template v-if="facet === 'TE'">
        <button
          type="button"
          class="name"
          :aria-current="inHand(r)"
          @click="$emit('choose', { rubric: r.rubric, criterion: r.id })"
        >
          {{ r.name }}
        </button>
        <MarkButtons
          :of="r.name"
          :mark="grades.tickOf(job, r.rubric, r.id)"
          small
          @mark="grades.tick(job, r.rubric, r.id, $event)"
        />
      </template>
      <span
        v-if="facet !== 'TE' || inHand(r)"
        class="said"
        ><template v-if="facet !== 'TE'"
          ><b>{{ r.name }}</b
          >: </template
        >good: {{ r.good }}. Fault: {{ r.fault }}<template v-if="r.leadsTo"> → {{ r.leadsTo }}</template
        >.</span
      >
    </li>
  </ul>
</template>

<style scoped>
.rows {
  grid-column: 1 / -1;
  font: 400 12.5px/1.35 var(--narrow);
  padding-left: 34px;
}
li {
  display: grid;
  grid-template-columns: 1fr auto;
}
.now {
  background: var(--pick);
  border-left: 4px solid var(--accent);
  margin-left: -8px;
  padding-left: 4px;
}
.said {
  grid-column: 1 / -1;
}
.name {
  all: unset;
  cursor: pointer;
}
.name:focus-visible {
  outline: 3px solid var(--ink);
}
.name[aria-current='true'] {
  font-weight: 700;
}
</style>
