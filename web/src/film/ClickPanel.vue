<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed, watch } from 'vue'
import WordMenu from '../words/WordMenu.vue'
import { useFilm, type Mode } from './filmStore'
import MenFound from './MenFound.vue'
import PlacesFound from './PlacesFound.vue'
import ModeBar from './ModeBar.vue'
import MiniField from './MiniField.vue'
import NotSaved from './NotSaved.vue'
import PathWords from './PathWords.vue'
import PlayLogFields from './PlayLogFields.vue'
import SolvedView from './SolvedView.vue'
import StoodAs from './StoodAs.vue'
import type { Paths } from './usePaths'
import type { InPicture } from './usePicture'
import { BALL, strangers, withoutMan, withoutPlace } from './work'

/** What to click next: known places of the field, then every man's feet. */
const props = defineProps<{ frame: number; picture?: InPicture; paths?: Paths }>()
defineEmits<{ mode: [mode: Mode]; add: []; also: [] }>()
const film = useFilm()
const { reel, play, angle, now, mode, target, labels, missing } = storeToRefs(film)
const inFrame = (click: { frame?: number }): boolean => (click.frame ?? now.value!.snapFrame) === props.frame
const marked = computed(() => new Set(now.value?.marks.filter(inFrame).map((m) => m.man)))
const clicked = computed(() => new Set(now.value?.points.filter(inFrame).map((p) => p.name)))
/** The known place that is clicked next. */
const place = computed(() => film.placeIn(props.frame))
const atSnap = computed(() => props.frame === now.value?.snapFrame)
const inTurn = computed(() => film.menIn(props.frame))
watch(inTurn, (all) => {
  if (mode.value === 'mark' && !all.includes(target.value ?? '')) target.value = all[0]
})
/** How the frame that is shown is measured, when it is not the snap's. */
const still = computed(() => angle.value?.stills.find((s) => s.frame === props.frame))
const unclicked = computed(() => play.value?.known.filter((k) => !clicked.value.has(k.name)) ?? [])
const places = computed(() => [
  ...(place.value ? [] : [{ id: '', name: `${unclicked.value.length} to choose from` }]),
  ...(play.value?.known ?? []).map((k) => ({
    id: k.name,
    name: clicked.value.has(k.name) ? `done: ${k.name}` : k.name,
  })),
])
const gone = computed(() => (now.value && play.value ? strangers(now.value, play.value.sheet) : []))
/** So far to the side, and up or back, in the offence's sense. */
function elsewhere(off: { x: number; y: number }): string {
  const side = `${Math.abs(off.x).toFixed(1)} yd ${off.x < 0 ? 'left' : 'right'}`
  return `${side} and ${Math.abs(off.y).toFixed(1)} yd ${off.y < 0 ? 'behind' : 'ahead'}`
}
const notHere = computed(() => (still.value?.elsewhere ?? []).map((m) => film.label(m)).join(', '))
const later = computed(() => {
  const before = props.frame < now.value!.snapFrame
  const since = `This frame is ${sinceBall(props.frame).toFixed(2)} s ${before ? 'before' : 'after'} the ball.`
  if (still.value?.trouble) return `${since} Nobody is measured in it: ${still.value.trouble}.`
  if (still.value?.checked) return `${since} Its own places are clicked and fit.`
  if (before && sinceBall(props.frame) > play.value!.stillBefore)
    return `${since} Whoever stands here may move until then: press J.`
  if (before)
    return `${since} Click again who stands as he stands at the snap: two more such frames tell a lineman's gap far better.`
  const places = angle.value!.leastPointsTurned === 2 ? 'two' : 'four'
  return (
    `${since} Who is clicked here is measured as if the camera stood as at the snap: ` +
    `click one known place in this frame, and it is checked; click ${places} where the camera turns.`
  )
})
/** Seconds between a frame and the ball. */
function sinceBall(frame: number): number {
  return Math.abs((reel.value!.frameTimes[frame] ?? 0) - (reel.value!.frameTimes[now.value!.snapFrame] ?? 0))
}
function takeOff(): void {
  film.set(gone.value.reduce(withoutMan, now.value!))
}
function takeOffPlaces(): void {
  film.set(angle.value!.noPlaces.reduce(withoutPlace, now.value!))
}
</script>

<template>
  <aside
    aria-label="View and men"
    tabindex="0"
  >
    <NotSaved />
    <ModeBar
      :mode="mode"
      @mode="$emit('mode', $event)"
    />
    <p
      v-if="picture?.ball.words.value"
      class="soft"
      role="status"
    >
      {{ picture.ball.words.value }}
    </p>
    <template v-if="play && angle">
      <p
        v-if="mode === 'calibrate'"
        class="ask"
      >
        {{
          place
            ? `Click in the picture: ${place}. Not to be seen? Choose another on the small field.`
            : 'Every place near the ball is clicked.'
        }}
      </p>
      <p
        v-else-if="mode === 'mark'"
        class="ask"
      >
        <template v-if="target === BALL"
          >Click the <b>ball</b> on the ground: from there everybody is measured. Where it is hidden, click under the
          centre’s hand and press <span class="key">H</span>.</template
        >
        <template v-else
          >Click between the feet of <b>{{ film.label(target ?? '') }}</b>
          {{ play.sheet.jobs.find((j) => j.id === target)?.name ?? '(offence)' }}. Where they are hidden, click where
          they must be and press <span class="key">H</span>.</template
        >
      </p>
      <StoodAs v-if="mode === 'mark' || mode === 'look'" />
      <MenFound
        v-if="mode === 'mark' && picture"
        :found="picture.men"
      />
      <PlacesFound
        v-else-if="mode === 'calibrate' && picture"
        :found="picture.places"
      />
      <MiniField
        :play="play"
        :mode="mode"
        :chosen="place"
        :clicked="clicked"
        :target="target"
        :paths="paths?.men.value ?? []"
        :since="props.frame < now!.snapFrame ? 0 : sinceBall(props.frame)"
        @choose="film.choosePlace($event, frame)"
        @pick="target = $event"
      />
      <PathWords
        v-if="paths && mode === 'mark'"
        :paths="paths"
        :target="target"
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
          @pick="film.choosePlace($event, frame)"
        />
      </div>
      <p
        v-if="!atSnap && (mode === 'mark' || mode === 'calibrate')"
        :class="still?.trouble ? 'fault' : 'soft'"
      >
        {{ later }}
      </p>
      <p
        v-if="notHere"
        class="fault"
      >
        Not clicked in the same place at the snap, and so not told better by this frame: {{ notHere }}.
      </p>
      <SolvedView
        v-if="atSnap || mode === 'look'"
        :angle="angle"
        :points="now?.points.filter((p) => p.frame === undefined).length ?? 0"
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
      <p
        v-if="angle.noPlaces.length"
        class="fault"
      >
        Clicked, but not on this field: {{ angle.noPlaces.join(', ') }}.
        <button
          type="button"
          class="link"
          @click="takeOffPlaces"
        >
          Take {{ angle.noPlaces.length === 1 ? 'it' : 'them' }} off
        </button>
      </p>
      <div
        v-if="mode === 'mark'"
        class="men"
      >
        <button
          v-for="m in inTurn"
          :key="m"
          type="button"
          :data-mark="m"
          :class="{ done: marked.has(m) }"
          :aria-pressed="m === target"
          @click="target = m"
        >
          {{ film.label(m) }}{{ labels.has(m) || m === BALL ? '' : '*' }}</button
        ><span class="soft">* offence he is placed on</span>
      </div>
      <PlayLogFields v-else-if="mode === 'look'" />
      <p
        v-if="mode === 'look' || !angle.calibration"
        class="soft hint"
      >
        Calibrate the view with {{ angle.leastPoints === 2 ? 'two or three places' : 'four places or more' }}, then mark
        feet: what is measured appears below and is proposed to whoever grades. A play filmed from two sides is measured
        from both. Film is private to the coaches; a coordinator can erase it on the game's page.
      </p>
    </template>
    <PlayLogFields v-else-if="play && mode === 'look'" />
    <p
      v-for="a in play?.apart ?? []"
      :key="a.man"
      class="fault"
    >
      The sides put {{ film.label(a.man) }} {{ a.yards.toFixed(1) }} yd apart: click him again on one of them.
    </p>
    <p
      v-if="play?.ballElsewhere"
      class="fault"
    >
      The ball was clicked {{ elsewhere(play.ballElsewhere) }} of where the log has it. Correct the spot in the log, or
      look whether the places are named by the right yard line.
    </p>
    <template v-if="reel && !angle">
      <p class="ask">
        {{ play ? `Play ${play.number} is not on this reel yet.` : 'No play in hand.' }} Step to the frame where the
        ball moves; <span class="key">S</span> goes there from near it.
      </p>
      <button
        v-if="missing"
        class="button main"
        type="button"
        @click="$emit('also')"
      >
        <span class="key">T</span> This is play {{ missing.number }}, seen from here
      </button>
      <button
        class="button"
        type="button"
        @click="$emit('add')"
      >
        <span class="key">N</span> A new play here
      </button>
    </template>
  </aside>
</template>

<style scoped>
.men button {
  all: unset;
  cursor: pointer;
  font: 600 13px/1.3 var(--narrow);
}
.men button:focus-visible {
  outline: 3px solid var(--ink);
}
.ask,
.fault {
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
