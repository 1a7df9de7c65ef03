<script setup lang="ts">
import { computed, nextTick, useTemplateRef } from 'vue'
import WordInput from '../../words/WordInput.vue'
import { routeRows, routesBack, type Body, type RouteRow } from './written'

/** Every route of one book as a line of words; the one in hand opens, and is drawn. */
const props = defineProps<{ body: Body; route: string; readonly: boolean }>()
const emit = defineEmits<{ change: [routes: unknown]; look: [route: string] }>()
const routes = computed(() => routeRows(props.body))
const set = (list: RouteRow[]): void => emit('change', routesBack(list))
function change(at: number, one: Partial<RouteRow>): void {
  set(routes.value.map((r, i) => (i === at ? { ...r, ...one } : r)))
  if (one.id) emit('look', one.id)
}
const book = useTemplateRef('book')
/** The route in hand changes, and the hand goes into its sentence. */
async function look(route: string): Promise<void> {
  emit('look', route)
  await nextTick()
  book.value?.querySelector<HTMLElement>('.say textarea')?.focus({ preventScroll: true })
}
function without(at: number): void {
  const left = routes.value.filter((_, i) => i !== at)
  set(left)
  void look((left[at] ?? left.at(-1))?.id ?? '')
}
function add(): void {
  const ids = routes.value.map((r) => r.id)
  const n = [...ids.keys(), ids.length].map((i) => `new-route${i ? `-${i + 1}` : ''}`).find((id) => !ids.includes(id))!
  set([...routes.value, { id: n, path: 'straight @ 10', breaks: 0, settles: false }])
  void look(n)
}
const named = (id: string): string => id.replaceAll('-', ' ')
const ends = (r: RouteRow): string =>
  [r.breaks ? `breaks at ${r.breaks} s` : '', r.settles ? 'settles' : 'runs on'].filter(Boolean).join(', ')
</script>

<template>
  <ol ref="book">
    <li
      v-for="(r, i) in routes"
      :key="i"
    >
      <button
        v-if="r.id !== route"
        type="button"
        @click="look(r.id)"
      >
        <b>{{ named(r.id) }}</b> {{ r.path }}; {{ ends(r) }}
      </button>
      <p
        v-else
        class="say"
      >
        The
        <WordInput
          :value="r.id"
          :label="`Name of route ${i + 1}`"
          :readonly="readonly"
          @change="change(i, { id: $event })"
        />
        goes
        <WordInput
          :value="r.path"
          :label="`Way of ${r.id}`"
          :readonly="readonly"
          @change="change(i, { path: $event })"
        />, breaks
        <WordInput
          :value="r.breaks"
          :label="`When ${r.id} breaks, seconds, 0 by his speed`"
          counted
          :readonly="readonly"
          @count="change(i, { breaks: $event })"
        />
        s after the snap{{ r.breaks ? '' : ' (0: when his speed has him there)' }} and
        <button
          type="button"
          class="turn"
          :disabled="readonly"
          @click="change(i, { settles: !r.settles })"
        >
          {{ r.settles ? 'settles there' : 'runs on' }}</button>.
        <button
          v-if="!readonly && routes.length > 1"
          type="button"
          class="link"
          @click="without(i)"
        >
          take it out
        </button>
      </p>
    </li>
  </ol>
  <button
    v-if="!readonly"
    type="button"
    class="link"
    @click="add"
  >
    Add a route
  </button>
  <p class="hint">
    A way is points with a comma between: straight @ 6, in 5 @ 8, out 3 @ 2, sideline 3 @ 16, hash @ 12, far hash @ 18,
    over ball @ 5. In and out are yards from where he is, what stands at a mark is so many yards inside it; @ is the
    depth past the line, behind it negative.
  </p>
</template>

<style scoped src="./sentences.css"></style>
<style scoped>
ol {
  list-style: none;
  margin: 0;
  padding: 0 0 8px;
}
li {
  border-bottom: 1px solid var(--faint);
}
li > button {
  all: unset;
  display: block;
  width: 100%;
  cursor: pointer;
  font: 400 14px/1.3 var(--narrow);
  padding: 5px 0;
}
li > button:focus-visible {
  outline: 3px solid var(--ink);
}
.say {
  padding: 4px 0 6px 10px;
  border-left: 3px solid var(--accent);
}
.turn {
  border: 0;
  border-bottom: 2px solid var(--control);
  background: transparent;
  color: inherit;
  font: inherit;
  padding: 0;
  cursor: pointer;
}
</style>
