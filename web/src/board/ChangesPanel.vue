<script setup lang="ts">
import { computed } from 'vue'
import type { ChangeRow } from '../api/types'
import { counted } from '../words/counted'

const props = defineProps<{ changes: ChangeRow[]; answer?: string; selected?: string }>()
defineEmits<{ pick: [job: string] }>()

const byMan = computed(() => {
  const men = new Map<string, ChangeRow[]>()
  for (const change of props.changes) men.set(change.job, [...(men.get(change.job) ?? []), change])
  return [...men]
})
</script>

<template>
  <div>
    <h2>
      <span>What the motion changed</span><span class="soft">{{ counted(byMan.length, 'man', 'men') }}</span>
    </h2>
    <p class="answer">
      <template v-if="answer">The call answers: {{ answer }}.</template>
    </p>
    <p
      v-if="!byMan.length"
      class="answer"
    >
      Nobody's job changed.
    </p>
    <ol>
      <li
        v-for="[job, rows] in byMan"
        :key="job"
        :class="{ dim: selected && selected !== job }"
      >
        <button
          type="button"
          @click="$emit('pick', job)"
        >
          <b
            >{{ rows[0]!.label }} <span class="soft">{{ rows[0]!.name }}</span><template v-if="rows[0]!.player"
              >, {{ rows[0]!.player }}</template
            ></b
          >
          <span
            v-for="row in rows"
            :key="row.part"
            class="row"
            >{{ row.told }} <small v-if="row.was">was {{ row.was }}</small></span
          >
          <small class="because">because {{ [...new Set(rows.flatMap((r) => r.because))].join(', ') }}</small>
        </button>
      </li>
    </ol>
  </div>
</template>

<style scoped>
h2 {
  font: 700 15px/1.2 var(--narrow);
  display: flex;
  justify-content: space-between;
  padding-bottom: 6px;
}
h2 .soft {
  font-weight: 400;
}
.answer {
  font: 400 13.5px/1.35 var(--narrow);
  color: var(--soft);
  padding-bottom: 6px;
}
button {
  all: unset;
  box-sizing: border-box;
  display: block;
  width: 100%;
  padding: 7px 0 8px;
  border-top: 1px solid var(--rule);
  cursor: pointer;
}
button:focus-visible {
  outline: 3px solid var(--ink);
}
b {
  font: 700 15px/1.3 var(--narrow);
}
b .soft {
  font-weight: 400;
  font-size: 13px;
}
.row {
  display: block;
  font-size: 13.5px;
  line-height: 1.35;
}
small {
  font-size: 12.5px;
  color: var(--soft);
  display: block;
}
.because {
  color: var(--ink);
  font-style: italic;
}
.dim {
  opacity: 0.45;
}
</style>
