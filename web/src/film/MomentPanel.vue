<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed } from 'vue'
import type { FilmedPlay, SeenAt } from '../api/types'
import { useFilm, type Mode } from './filmStore'
import { useGrades } from './gradeStore'
import ModeBar from './ModeBar.vue'
import NotSaved from './NotSaved.vue'
import { SEEN_KEYS, since } from './seen'

/** What happens when: moments of the man in hand and of the play, each marked in the frame that is shown. */
const props = defineProps<{ frame: number; times: readonly number[] }>()
defineEmits<{ mode: [mode: Mode]; go: [frame: number] }>()
const film = useFilm()
const grades = useGrades()
const { mode, target, now, play, jobs } = storeToRefs(film)
const job = computed(() => jobs.value.find((j) => j.id === target.value))
const order = computed(() => grades.asked(job.value?.id ?? '')?.order ?? [])
const moments = computed(() => play.value?.moments ?? [])
const groups = computed(() => [
  { name: job.value ? `${job.value.label} ${job.value.name}` : '', rows: moments.value.filter((m) => m.ofAMan) },
  { name: 'The play', rows: moments.value.filter((m) => !m.ofAMan) },
])
function at(row: FilmedPlay['moments'][number]): SeenAt | undefined {
  return now.value?.seen.find((s) => s.what === row.what && (!row.ofAMan || s.man === target.value))
}
const time = (one: SeenAt): string => since(one.frame, now.value!.snapFrame, props.times)
</script>

<template>
  <aside
    aria-label="What happens when"
    tabindex="0"
  >
    <NotSaved />
    <ModeBar
      :mode="mode"
      @mode="$emit('mode', $event)"
    />
    <template v-if="play && now">
      <p class="ask">
        Step to the frame and press the key. A time is told to one frame: two that are no farther apart are not
        different.
      </p>
      <section
        v-for="g in groups"
        :key="g.name"
      >
        <h2>{{ g.name }}</h2>
        <ul>
          <li
            v-for="r in g.rows"
            :key="r.what"
          >
            <button
              type="button"
              :aria-pressed="!!at(r)"
              @click="film.see(r.what, frame)"
            >
              <span class="key">{{ SEEN_KEYS[r.what] }}</span> {{ r.what }}
            </button>
            <button
              v-if="at(r)"
              type="button"
              class="link when"
              :aria-label="`${r.what}: go to frame ${at(r)!.frame}`"
              @click="$emit('go', at(r)!.frame)"
            >
              {{ time(at(r)!) }}
            </button>
          </li>
        </ul>
      </section>
      <p
        v-for="t in play.timesApart"
        :key="t"
        class="fault"
      >
        The sides do not agree when: {{ t }} apart. Mark it anew on one of them.
      </p>
      <ul
        v-if="order.length"
        class="order"
        aria-label="What his moments tell"
      >
        <li
          v-for="o in order"
          :key="o"
        >
          {{ o }}
        </li>
      </ul>
    </template>
  </aside>
</template>

<style scoped>
.ask,
.fault {
  font-size: 14px;
}
h2 {
  font: 700 15px/1.3 var(--narrow);
}
section li {
  display: flex;
  justify-content: space-between;
}
section button {
  all: unset;
  cursor: pointer;
  font: 400 14px/1.7 var(--narrow);
}
section button:focus-visible {
  outline: 3px solid var(--ink);
}
section [aria-pressed='true'] {
  font-weight: 700;
}
section .when {
  font-weight: 600;
  text-decoration: underline;
  font-variant-numeric: tabular-nums;
}
.order {
  font: 600 13px/1.4 var(--narrow);
}
</style>
