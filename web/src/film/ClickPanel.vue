<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed } from 'vue'
import WordMenu from '../words/WordMenu.vue'
import { useFilm, type Mode } from './filmStore'
import MiniField from './MiniField.vue'
import NotSaved from './NotSaved.vue'
import SolvedView from './SolvedView.vue'
import { strangers, withoutMark } from './work'

/** What to click next: known places of the field, then every man's feet. */
defineEmits<{ mode: [mode: Mode]; add: [] }>()
const film = useFilm()
const { reel, snap, now, mode, target, place, men, labels } = storeToRefs(film)
const marked = computed(() => new Set(now.value?.marks.map((m) => m.man)))
const clicked = computed(() => new Set(now.value?.points.map((p) => p.name)))
const unclicked = computed(() => snap.value?.known.filter((k) => !clicked.value.has(k.name)) ?? [])
const places = computed(() => [
  ...(place.value ? [] : [{ id: '', name: `${unclicked.value.length} to choose from` }]),
  ...(snap.value?.known ?? []).map((k) => ({
    id: k.name,
    name: clicked.value.has(k.name) ? `done: ${k.name}` : k.name,
  })),
])
const gone = computed(() => (now.value && snap.value ? strangers(now.value, snap.value.sheet) : []))
function takeOff(): void {
  film.set(gone.value.reduce(withoutMark, now.value!))
}
const MODES: { id: Mode; key: string; name: string }[] = [
  { id: 'calibrate', key: 'K', name: 'calibrate' },
  { id: 'mark', key: 'M', name: 'mark feet' },
]
</script>

<template>
  <aside
    aria-label="View and men"
    tabindex="0"
  >
    <NotSaved />
    <div class="modes">
      <button
        v-for="m in MODES"
        :key="m.id"
        type="button"
        :aria-pressed="mode === m.id"
        @click="$emit('mode', m.id)"
      >
        <span class="key">{{ m.key }}</span> {{ m.name }}
      </button>
    </div>
    <template v-if="snap">
      <p
        v-if="mode === 'calibrate'"
        class="ask"
      >
        {{
          place ? `Click in the picture: ${place}.` : 'Choose a place on the small field, then click it in the picture.'
        }}
      </p>
      <p
        v-else-if="mode === 'mark'"
        class="ask"
      >
        Click between the feet of <b>{{ film.label(target ?? '') }}</b>
        {{ snap.sheet.jobs.find((j) => j.id === target)?.name ?? '(offence)' }}.
      </p>
      <MiniField
        :snap="snap"
        :mode="mode"
        :chosen="place"
        :clicked="clicked"
        :target="target"
        @choose="film.choosePlace"
        @pick="target = $event"
      />
      <div
        v-if="mode === 'calibrate'"
        class="pick"
      >
        Place
        <WordMenu
          :value="place ?? ''"
          label="Place"
          :options="places"
          field
          @pick="film.choosePlace"
        />
      </div>
      <SolvedView
        :snap="snap"
        :points="now?.points.length ?? 0"
        :places="mode === 'calibrate'"
      />
      <p
        v-if="gone.length"
        class="soft"
      >
        Marked, but not in this formation or call: {{ gone.join(', ') }}.
        <button
          type="button"
          class="link"
          @click="takeOff"
        >
          Take {{ gone.length === 1 ? 'it' : 'them' }} off
        </button>
      </p>
      <div
        v-if="mode === 'mark'"
        class="men"
      >
        <button
          v-for="m in men"
          :key="m"
          type="button"
          :class="{ done: marked.has(m) }"
          :aria-pressed="m === target"
          @click="target = m"
        >
          {{ film.label(m) }}{{ labels.has(m) ? '' : '*' }}</button
        ><span class="soft">* offence he is placed on</span>
      </div>
      <p
        v-else-if="mode === 'look' || !snap.calibration"
        class="soft hint"
      >
        Calibrate the view with four places or more, then mark feet: the verdicts appear below. Film is private to the
        coaches; a reel and its grades can be erased on the Film page.
      </p>
    </template>
    <p
      v-else-if="reel && !reel.snaps.length"
      class="ask"
    >
      No snap yet. Step to the frame where the ball moves and press <span class="key">N</span>.
      <button
        class="button"
        type="button"
        @click="$emit('add')"
      >
        A new snap here
      </button>
    </p>
  </aside>
</template>

<style scoped>
aside {
  padding: 8px 14px;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
aside > * {
  flex: none;
}
.modes {
  display: flex;
  gap: 14px;
}
.modes button,
.men button {
  all: unset;
  cursor: pointer;
  font: 600 13px/1.3 var(--narrow);
}
.modes button:focus-visible,
.men button:focus-visible {
  outline: 3px solid var(--ink);
}
.modes [aria-pressed='true'] {
  border-bottom: 3px solid var(--accent);
}
.ask {
  font-size: 14px;
}
.pick {
  font: 600 13px var(--narrow);
}
.men {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  align-items: center;
}
.men button {
  border: 1px solid var(--rule);
  padding: 2px 6px;
}
.men .done {
  background: var(--faint);
}
.men [aria-pressed='true'] {
  background: var(--pick);
  border-color: var(--accent);
}
.men .soft,
.hint {
  font-size: 12.5px;
}
</style>
