<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed, nextTick, ref, watch } from 'vue'
import type { RepRow } from '../api/types'
import BesideMarks from './BesideMarks.vue'
import CorrectionFields from './CorrectionFields.vue'
import { useFilm, type Mode } from './filmStore'
import { useGrades, type Facet, type GradeMark } from './gradeStore'
import MarkButtons from './MarkButtons.vue'
import { OTHERWISE } from './marks'
import ModeBar from './ModeBar.vue'
import NoteField from './NoteField.vue'
import NotHeard from './NotHeard.vue'
import PlayedBy from './PlayedBy.vue'
import RubricRows from './RubricRows.vue'
import type { Ticked } from './useGrading'

/** The man in hand, facet by facet: what he was asked, what was measured of it, and what the coach says. */
const props = defineProps<{ facet: Facet; criterion?: Ticked; frame: number }>()
defineEmits<{
  mode: [mode: Mode]
  facet: [facet: Facet, criterion?: Ticked]
  confirm: []
  go: [frame: number]
}>()
const panel = ref<HTMLElement>()
// what the next key marks is in sight
watch(
  () => [props.facet, props.criterion],
  () => void nextTick(() => panel.value?.querySelector('.now')?.scrollIntoView?.({ block: 'nearest' })),
)
defineExpose({ who: () => panel.value?.querySelector<HTMLElement>('[data-menu="Who played"]')?.click() })
const film = useFilm()
const grades = useGrades()
const { mode, target, jobs } = storeToRefs(film)
const job = computed(() => jobs.value.find((j) => j.id === target.value))
const words = computed(() => grades.words(job.value?.id ?? ''))
const proposals = computed(() => grades.proposed(job.value?.id ?? ''))
const onPlay = computed(() => grades.asked(job.value?.id ?? ''))
const toldWords = (told: { message: string; seconds: number }): string =>
  `${told.message} (${told.seconds.toFixed(2)} s)`
const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1)
const others = computed(() => grades.others(job.value?.id ?? ''))
const asked = computed(() =>
  (['align', 'key', 'run', 'pass'] as const).map((part) => ({
    part,
    said: job.value?.parts.find((p) => p.part === part)?.shown ?? '',
  })),
)
const done = computed(() => jobs.value.filter((j) => grades.graded(j.id)).length)
const markOf = (facet: Facet): GradeMark | undefined => words.value.marks.find((m) => m.facet === facet)?.mark
const proposed = (facet: Facet) => proposals.value.find((p) => p.facet === facet)
const keyOf = (facet: Facet): string | undefined => OTHERWISE.find((o) => o.facet === facet)?.key
const said = (of: RepRow, facet: Facet): GradeMark | undefined => of.marks.find((m) => m.facet === facet)?.mark
</script>

<template>
  <aside
    ref="panel"
    aria-label="Grades of the man in hand"
    tabindex="0"
  >
    <ModeBar
      :mode="mode"
      @mode="$emit('mode', $event)"
    />
    <NotHeard />
    <template v-if="job">
      <h2>
        <b>{{ job.label }}</b> {{ job.name }}
        <span class="soft">{{ done }} of {{ jobs.length }} men graded</span>
      </h2>
      <PlayedBy :job="job.id" />
      <p
        v-if="grades.found?.earlier.includes(job.id)"
        class="fault"
        role="status"
      >
        You graded him by an earlier revision of the call or of a rubric. Look again: any mark you give now is by what
        is asked today.
        <button
          type="button"
          class="link"
          @click="grades.say(job.id, {})"
        >
          My marks stand
        </button>
      </p>
      <dl class="asked">
        <template
          v-for="a in asked"
          :key="a.part"
        >
          <dt>{{ a.part }}</dt>
          <dd>{{ a.said }}</dd>
        </template>
      </dl>
      <div
        v-if="onPlay"
        class="told"
      >
        <p v-if="onPlay.told.length">
          On this play his keys tell him <b>{{ onPlay.told.map(toldWords).join(', then ') }}</b><template
            v-if="onPlay.taught.length"
            >: {{ onPlay.taught.join('; ') }}</template
          >.
        </p>
        <p
          v-else-if="grades.found?.untold"
          class="soft"
        >
          {{ capital(grades.found.untold) }}.
        </p>
        <p
          v-if="onPlay.toClick"
          class="soft"
        >
          {{ capital(onPlay.toClick) }}: click him there.
        </p>
        <p v-if="onPlay.pace">{{ capital(onPlay.pace) }}.</p>
        <p
          v-for="o in onPlay.order"
          :key="o"
        >
          {{ capital(o) }}.
        </p>
      </div>
      <ul
        class="facets"
        aria-label="Facets"
      >
        <li
          v-for="f in grades.facets"
          :key="f.facet"
          :class="{ now: f.facet === facet && !criterion }"
          :data-facet="f.facet"
        >
          <button
            type="button"
            class="facet"
            :aria-current="f.facet === facet"
            @click="$emit('facet', f.facet)"
          >
            <b>{{ f.facet }}</b>
            <span :class="{ key: keyOf(f.facet) }">{{ keyOf(f.facet) }}</span>
            {{ f.meaning }}
          </button>
          <MarkButtons
            :of="f.facet"
            :mark="markOf(f.facet)"
            :proposed="proposed(f.facet)?.mark"
            @mark="grades.mark(job.id, f.facet, $event)"
          />
          <span
            v-if="proposed(f.facet)"
            class="measured"
            >{{ proposed(f.facet)!.measured }}</span
          >
          <span
            v-for="o in others.filter((r) => said(r, f.facet))"
            :key="o.grader"
            class="measured"
            >{{ o.grader }} says {{ said(o, f.facet) }}</span
          >
          <RubricRows
            v-if="f.facet === facet || (f.facet === 'TE' && words.criteria.length)"
            :job="job.id"
            :facet="f.facet"
            :criterion="criterion"
            @choose="$emit('facet', f.facet, $event)"
          />
        </li>
      </ul>
      <button
        class="button main"
        type="button"
        @click="$emit('confirm')"
      >
        <span class="key">Enter</span> {{ proposals.length ? 'Yes to what is proposed, next man' : 'Next man' }}
      </button>
      <p class="soft">
        The same with his technique as a whole: <span class="key">7</span> above, <span class="key">8</span> to,
        <span class="key">9</span> below standard. <span class="key">4</span> <span class="key">5</span>
        <span class="key">6</span>: alignment, read, assignment not as proposed. <span class="key">Shift Enter</span>:
        he did his job, also where nothing is proposed.
      </p>
      <BesideMarks :job="job.id" />
      <NoteField
        :man="job.id"
        :value="words.note ?? ''"
        @say="(man, note) => grades.say(man, { note })"
      />
      <CorrectionFields
        :job="job.id"
        :frame="frame"
        @go="$emit('go', $event)"
      />
      <p
        v-if="grades.found?.waiting.length"
        class="soft"
      >
        {{ grades.found.waiting.join(', ') }} graded men here too; you see it of a man when you have said yours.
      </p>
    </template>
    <p
      v-else
      class="soft"
    >
      Choose a defender below, or with <span class="key">D</span>.
    </p>
  </aside>
</template>

<style scoped>
h2 {
  font: 400 16px/1.2 var(--narrow);
}
h2 b {
  font-size: 20px;
}
h2 .soft {
  float: right;
  font-size: 12.5px;
  line-height: 24px;
}
.asked {
  display: grid;
  grid-template-columns: auto 1fr;
  column-gap: 8px;
  font: 400 13px/1.3 var(--narrow);
}
.asked dt {
  color: var(--soft);
}
.asked dd {
  margin: 0;
  font-weight: 600;
}
.told {
  font: 400 13px/1.35 var(--narrow);
}
.facets li {
  display: grid;
  grid-template-columns: 1fr auto;
  padding: 2px 4px 2px 6px;
  border-left: 4px solid transparent;
}
.facets .now {
  background: var(--pick);
  border-left-color: var(--accent);
}
.facet {
  all: unset;
  cursor: pointer;
  font: 400 13px/1.6 var(--narrow);
}
.facet b,
.facet span {
  display: inline-block;
  min-width: 26px;
}
.facet span {
  min-width: 16px;
}
.facet .key {
  padding: 0 3px;
  font-size: 11px;
}
.facet:focus-visible {
  outline: 3px solid var(--ink);
}
.measured {
  grid-column: 1 / -1;
  font: 600 12.5px/1.3 var(--narrow);
  padding-left: 36px;
}
</style>
