<script setup lang="ts">
import { computed } from 'vue'
import type { Choices, PlanCell } from '../api/types'
import { cellWords, formationName } from './planStore'
import { counted } from '../words/counted'

/** The worst of one call against one formation. */
const props = defineProps<{ call: string; cell: PlanCell; formations: Choices['formations'] }>()
defineEmits<{ open: [] }>()

const motion = computed(
  () =>
    props.formations.find((f) => f.id === props.cell.formation)?.motions.find((m) => m.id === props.cell.motion)
      ?.name ?? props.cell.motion,
)
</script>

<template>
  <div>
    <h2>{{ call }} <span class="soft">against</span> {{ formationName(formations, cell.formation) }}</h2>
    <p class="standing">
      <b>{{ cell.standing }}</b><template v-if="cell.motion">
        after
        {{ motion }}</template
      >, worst of {{ counted(cell.asked, 'phase')
      }}<template v-if="!cell.meant">; the call is not meant for it</template>.
    </p>
    <p v-if="cell.worst">
      <b>{{ cell.worst }}</b> {{ cell.reason }}
    </p>
    <p v-else>Nothing worse than a note.</p>
    <button
      type="button"
      class="button main"
      @click="$emit('open')"
    >
      Open on the board <span class="key">Enter</span>
    </button>
    <span
      class="unseen"
      aria-live="polite"
      >{{ cellWords(call, formations, cell) }}</span
    >
  </div>
</template>

<style scoped>
h2 {
  font: 700 16px/1.25 var(--narrow);
  padding-bottom: 4px;
}
h2 .soft {
  font-weight: 400;
}
p {
  padding-bottom: 8px;
}
.standing b {
  text-transform: none;
}
</style>
