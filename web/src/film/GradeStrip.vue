<script setup lang="ts">
import { computed } from 'vue'
import type { FilmedPlay } from '../api/types'
import { useGrades, type GradeMark } from './gradeStore'

/** Asked, measured and graded of each defender, in the order they stand. */
const props = defineProps<{ play: FilmedPlay; target?: string; marked: Set<string> }>()
defineEmits<{ pick: [man: string] }>()
const grades = useGrades()

interface Shown {
  facet: string
  mark: GradeMark
  given: boolean
}
function marks(job: string): Shown[] {
  const given = grades.words(job).marks.map((m) => ({ ...m, given: true }))
  const open = grades.proposed(job).filter((p) => !given.some((g) => g.facet === p.facet))
  return [...given, ...open.map((p) => ({ facet: p.facet, mark: p.mark, given: false }))]
}
const rows = computed(() =>
  props.play.sheet.jobs.map((job) => ({
    job,
    asked: job.parts.find((p) => p.part === 'align')!.shown.replaceAll(' x ', '\u00a0x\u00a0'),
    verdict: props.play.verdicts.find((v) => v.job === job.id),
    measured: props.play.measured.find((m) => m.man === job.id),
    apart: props.play.apart.find((a) => a.man === job.id),
    marks: marks(job.id),
  })),
)
</script>

<template>
  <ol
    class="strip"
    aria-label="Asked, measured and graded, in the order the men stand"
  >
    <li
      v-for="r in rows"
      :key="r.job.id"
      :class="[r.verdict?.outcome.replace(' ', '-'), { selected: r.job.id === target }]"
    >
      <button
        type="button"
        :data-man="r.job.id"
        :aria-pressed="r.job.id === target"
        @click="$emit('pick', r.job.id)"
      >
        <span class="head"
          ><b>{{ r.job.label }}</b
          ><span>{{ r.job.name }}</span></span
        >
        <span class="asked">{{ r.asked }}</span>
        <span
          v-if="r.marks.length"
          class="grades"
          ><span
            v-for="m in r.marks"
            :key="m.facet"
            :class="{ open: !m.given, below: m.mark === '-' }"
            >{{ m.facet }}&nbsp;{{ m.mark }}{{ m.given ? ' ' : '? ' }}</span
          ></span
        >
        <span
          v-if="r.measured"
          class="line"
          ><i>stood</i> {{ Math.abs(r.measured.x).toFixed(1) }} {{ r.measured.x < 0 ? 'left' : 'right' }}&nbsp;x&nbsp;{{
            r.measured.y.toFixed(1)
          }}</span
        >
        <span
          v-if="r.verdict"
          class="verdict"
          >{{ r.verdict.words }}</span
        >
        <span
          v-else-if="r.apart"
          class="verdict"
          >the sides put him {{ r.apart.yards.toFixed(1) }} yd apart</span
        >
        <span
          v-else
          class="line"
          >{{ marked.has(r.job.id) ? 'clicked; solve the view first' : 'not clicked' }}</span
        >
        <span
          v-if="r.verdict?.nominal.length"
          class="line"
          >against the sheet's place of {{ r.verdict.nominal.join(', ') }}</span
        >
      </button>
    </li>
  </ol>
</template>

<style scoped>
.strip {
  display: grid;
  grid-template-columns: repeat(11, minmax(0, 1fr));
  height: 100%;
  background: var(--card);
  overflow-y: auto;
}
li {
  border-right: 1px solid var(--rule);
  display: flex;
  flex-direction: column;
  border-top: 4px solid transparent;
}
li.out {
  border-top-color: var(--bust);
}
li.in {
  border-top-color: var(--sound);
}
li.too-close {
  border-top: 4px dashed var(--soft);
}
li.selected {
  background: var(--pick);
}
button {
  all: unset;
  box-sizing: border-box;
  cursor: pointer;
  padding: 5px 5px 4px 7px;
  font: 400 12.5px/1.25 var(--narrow);
  display: flex;
  flex-direction: column;
  flex: 1;
  justify-content: flex-start;
}
button:focus-visible {
  outline: 3px solid var(--ink);
  outline-offset: -3px;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 4px;
}
.head b {
  font: 700 17px/1 var(--narrow);
}
.head span {
  color: var(--soft);
  text-align: right;
}
.asked {
  font-weight: 700;
  font-size: 13px;
  line-height: 1.15;
  margin: 2px 0;
}
.line {
  color: var(--soft);
}
i {
  font-style: normal;
  font-weight: 600;
}
.verdict {
  font-weight: 700;
}
.out .verdict {
  color: var(--bust);
}
.in .verdict {
  color: var(--sound);
}
.grades {
  display: flex;
  flex-wrap: wrap;
  column-gap: 7px;
  font-weight: 700;
  font-size: 13.5px;
}
.grades .below {
  color: var(--bust);
}
.grades .open {
  font-weight: 400;
  color: var(--soft);
}
</style>
