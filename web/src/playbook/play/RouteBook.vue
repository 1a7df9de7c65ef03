<script setup lang="ts">
import { computed } from 'vue'
import { routeRows, routesBack, type Body, type RouteRow } from './written'

/** Every route of one book, its way in points. */
const props = defineProps<{ body: Body; readonly: boolean }>()
const emit = defineEmits<{ change: [routes: unknown] }>()
const routes = computed(() => routeRows(props.body))
const set = (list: RouteRow[]): void => emit('change', routesBack(list))
const change = (at: number, one: Partial<RouteRow>): void =>
  set(routes.value.map((r, i) => (i === at ? { ...r, ...one } : r)))
const value = (event: Event): string => (event.target as HTMLInputElement).value
</script>

<template>
  <div class="book">
    <div
      v-for="(r, i) in routes"
      :key="i"
      class="route"
    >
      <input
        :value="r.id"
        :aria-label="`Name of route ${i + 1}`"
        :readonly="readonly"
        @change="change(i, { id: value($event) })"
      /><input
        :value="r.path"
        :aria-label="`Way of ${r.id}`"
        :readonly="readonly"
        @change="change(i, { path: value($event) })"
      /><input
        type="number"
        step="0.1"
        min="0"
        :value="r.breaks"
        :aria-label="`When ${r.id} breaks, seconds, 0 by his speed`"
        :readonly="readonly"
        @change="change(i, { breaks: Number(value($event)) })"
      /><label
        ><input
          type="checkbox"
          :checked="r.settles"
          :disabled="readonly"
          @change="change(i, { settles: !r.settles })"
        />
        settles</label
      >
    </div>
    <p class="soft">
      A way is points with a comma between: straight @ 6, in 5 @ 8, out 3 @ 2, sideline 3 @ 16, hash @ 12, far hash @
      18, over ball @ 5. Depth in yards past the line, behind it negative; beside it the second it breaks.
    </p>
    <button
      v-if="!readonly"
      type="button"
      class="link"
      @click="set([...routes, { id: 'new-route', path: 'straight @ 10', breaks: 0, settles: false }])"
    >
      Add a route
    </button>
  </div>
</template>

<style scoped src="../../styles/sheet-fields.css"></style>
<style scoped>
.book {
  grid-column: 1 / -1;
  display: grid;
  gap: 8px;
}
.route {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 2.4fr) 90px 90px;
  gap: 8px;
  align-items: center;
}
label {
  display: inline-flex;
  gap: 6px;
  font: 500 14px var(--narrow);
}
label input {
  width: auto;
}
p {
  font-size: 13px;
}
.link {
  justify-self: start;
}
</style>
