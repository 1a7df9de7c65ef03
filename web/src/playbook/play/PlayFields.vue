<script setup lang="ts">
import { computed } from 'vue'
import type { PlayWords } from '../../api/types'
import ManRows from './ManRows.vue'
import {
  bothSides,
  listed,
  menOf,
  motionRows,
  motionsBack,
  routeRows,
  routesBack,
  rows,
  rowsBack,
  text,
  withValue,
  type Body,
  type MotionRow,
  type RouteRow,
} from './written'

/** The fields of one kind of document, in the words of the trade. */
const props = defineProps<{ kind: string; body: Body; words: PlayWords; readonly: boolean }>()
const emit = defineEmits<{ change: [body: Body] }>()

const men = computed(() => menOf(props.words))
const ball = computed(() => (props.body.ball ?? {}) as Record<string, string | number>)
const set = (key: string, value: unknown): void => emit('change', withValue(props.body, key, value))
const setBall = (key: string, value: unknown): void => set('ball', withValue(props.body.ball as Body, key, value))
const value = (event: Event): string => (event.target as HTMLInputElement | HTMLSelectElement).value
const number = (event: Event): number => Number(value(event))
const has = (key: string, one: string): boolean => ((props.body[key] ?? []) as string[]).includes(one)
function toggle(key: string, one: string, from: readonly string[]): void {
  const now = (props.body[key] ?? []) as string[]
  const next = now.includes(one) ? now.filter((n) => n !== one) : [...now, one]
  set(
    key,
    from.filter((f) => next.includes(f)),
  )
}
const runs = computed(() => props.words.runs.map((r) => r.id))
const routes = computed(() => routeRows(props.body))
const motions = computed(() => motionRows(props.body))
const setRoute = (at: number, change: Partial<RouteRow>): void =>
  set('routes', routesBack(routes.value.map((r, i) => (i === at ? { ...r, ...change } : r))))
const setMotion = (at: number, change: Partial<MotionRow>): void =>
  set('motions', motionsBack(motions.value.map((m, i) => (i === at ? { ...m, ...change } : m))))
</script>

<template>
  <div class="fields">
    <label
      v-if="kind !== 'routes' && kind !== 'formation'"
      class="wide"
      ><span>Needs of the formation, seen from the play side</span
      ><input
        :value="body.needs ?? ''"
        :readonly="readonly"
        placeholder="as in: tight end on my side and two backs"
        @change="set('needs', value($event))"
    /></label>
    <template v-if="kind === 'run'">
      <label
        ><span>Aims at</span
        ><select
          :value="body.point"
          :disabled="readonly"
          @change="set('point', value($event))"
        >
          <option
            v-for="p in ['A', 'B', 'C', 'D', 'E', 'outside']"
            :key="p"
            :value="p"
          >
            {{ p === 'outside' ? 'outside everybody' : `${p} gap` }}
          </option>
        </select></label
      >
      <label
        ><span>Carried by, the first who is there</span
        ><input
          :value="ball.carrier"
          :readonly="readonly"
          @change="setBall('carrier', value($event))"
      /></label>
      <label
        ><span>Has the ball from gun, s</span
        ><input
          type="number"
          step="0.1"
          min="0"
          max="6"
          :value="ball.gun"
          :readonly="readonly"
          @change="setBall('gun', number($event))"
      /></label>
      <label
        ><span>From under centre, s</span
        ><input
          type="number"
          step="0.1"
          min="0"
          max="6"
          :value="ball.under"
          :readonly="readonly"
          @change="setBall('under', number($event))"
      /></label>
      <label
        ><span>Begins</span
        ><select
          :value="ball.first ?? 'straight'"
          :disabled="readonly"
          @change="setBall('first', value($event) === 'straight' ? '' : value($event))"
        >
          <option value="straight">straight</option>
          <option value="away">with a step away</option>
          <option value="pass">as a pass</option>
        </select></label
      >
      <label
        ><span>Leaves unblocked</span
        ><select
          :value="body.leaves ?? 'nobody'"
          :disabled="readonly"
          @change="set('leaves', value($event) === 'nobody' ? '' : value($event))"
        >
          <option
            v-for="l in words.leaves"
            :key="l"
          >
            {{ l }}
          </option>
        </select></label
      >
      <fieldset>
        <legend>Ways of the ball when it is an option</legend>
        <label
          v-for="p in words.paths"
          :key="p"
          class="check"
          ><input
            type="checkbox"
            :checked="has('paths', p)"
            :disabled="readonly"
            @change="toggle('paths', p, words.paths)"
          />
          {{ p }}</label
        >
      </fieldset>
      <ManRows
        class="wide"
        label="Blocks"
        :list="rows(body.blocks)"
        :men="men"
        :choices="words.blocks"
        :readonly="readonly"
        @change="set('blocks', rowsBack($event))"
      />
    </template>
    <template v-else-if="kind === 'pass'">
      <label
        ><span>The ball leaves the hand after, s</span
        ><input
          type="number"
          step="0.1"
          min="0.5"
          max="8"
          :value="body.throw"
          :readonly="readonly"
          @change="set('throw', number($event))"
      /></label>
      <label
        ><span>Thrown from</span
        ><select
          :value="body.launch ?? 'set'"
          :disabled="readonly"
          @change="set('launch', value($event) === 'set' ? '' : value($event))"
        >
          <option
            v-for="l in words.launches"
            :key="l"
          >
            {{ l }}
          </option>
        </select></label
      >
      <label
        ><span>Looks first like</span
        ><select
          :value="body.fake ?? ''"
          :disabled="readonly"
          @change="set('fake', value($event))"
        >
          <option value="">no run</option>
          <option
            v-for="r in bothSides(runs)"
            :key="r"
          >
            {{ r }}
          </option>
        </select></label
      >
      <label
        ><span>Behind the protection</span
        ><select
          :value="body.protection ?? ''"
          :disabled="readonly"
          @change="set('protection', value($event))"
        >
          <option value="">any</option>
          <option
            v-for="p in words.protections"
            :key="p.id"
            :value="p.id"
          >
            {{ p.name }}
          </option>
        </select></label
      >
      <ManRows
        class="wide"
        label="Routes"
        :list="rows(body.routes)"
        :men="men"
        :choices="words.routes"
        :readonly="readonly"
        @change="set('routes', rowsBack($event))"
      />
      <label class="wide"
        ><span>The quarterback looks for, in order</span
        ><input
          :value="text(body.progression)"
          :readonly="readonly"
          placeholder="as the routes are written"
          @change="set('progression', listed(value($event)))"
      /></label>
      <label class="wide"
        ><span>Linemen who let the rush go and lead a screen</span
        ><input
          :value="text(body.screen)"
          :readonly="readonly"
          placeholder="none"
          @change="set('screen', listed(value($event)))"
      /></label>
      <label class="wide"
        ><span>Made to hurt</span
        ><input
          :value="body.attacks ?? ''"
          :readonly="readonly"
          @change="set('attacks', value($event))"
      /></label>
    </template>
    <template v-else-if="kind === 'option'">
      <label
        ><span>The run</span
        ><select
          :value="body.run"
          :disabled="readonly"
          @change="set('run', value($event))"
        >
          <option
            v-for="r in words.runs"
            :key="r.id"
            :value="r.id"
          >
            {{ r.name }}
          </option>
        </select></label
      >
      <label
        ><span>The quarterback reads</span
        ><select
          :value="body.reads"
          :disabled="readonly"
          @change="set('reads', value($event))"
        >
          <option
            v-for="r in bothSides(words.reads)"
            :key="r"
          >
            {{ r }}
          </option>
        </select></label
      >
      <label
        ><span>Thrown after, s</span
        ><input
          type="number"
          step="0.1"
          min="0.5"
          max="8"
          :value="body.thrown ?? 1.5"
          :readonly="readonly"
          @change="set('thrown', number($event))"
      /></label>
      <ManRows
        class="wide"
        label="Routes"
        :list="rows(body.route)"
        :men="men"
        :choices="words.routes"
        :readonly="readonly"
        @change="set('route', rowsBack($event))"
      />
    </template>
    <fieldset
      v-else-if="kind === 'protection'"
      class="wide"
    >
      <legend>Stay in besides the five</legend>
      <label
        v-for="s in words.stays"
        :key="s"
        class="check"
        ><input
          type="checkbox"
          :checked="has('stay', s)"
          :disabled="readonly"
          @change="toggle('stay', s, words.stays)"
        />
        {{ s === 'second' ? 'a second back, or a second end' : `a ${s}` }}</label
      >
    </fieldset>
    <template v-else-if="kind === 'routes'">
      <div
        v-for="(r, i) in routes"
        :key="i"
        class="wide route"
      >
        <input
          :value="r.id"
          :aria-label="`Name of route ${i + 1}`"
          :readonly="readonly"
          @change="setRoute(i, { id: value($event) })"
        /><input
          :value="r.path"
          :aria-label="`Way of ${r.id}`"
          :readonly="readonly"
          @change="setRoute(i, { path: value($event) })"
        /><input
          type="number"
          step="0.1"
          min="0"
          :value="r.breaks"
          :aria-label="`When ${r.id} breaks, seconds, 0 by his speed`"
          :readonly="readonly"
          @change="setRoute(i, { breaks: number($event) })"
        /><label class="check"
          ><input
            type="checkbox"
            :checked="r.settles"
            :disabled="readonly"
            @change="setRoute(i, { settles: !r.settles })"
          />
          settles</label
        >
      </div>
      <p class="wide soft">
        A way is points with a comma between: straight @ 6, in 5 @ 8, out 3 @ 2, sideline 3 @ 16, hash @ 12, far hash @
        18, over ball @ 5. Depth in yards past the line, behind it negative; beside it the second it breaks.
      </p>
      <button
        v-if="!readonly"
        type="button"
        class="link"
        @click="
          set('routes', routesBack([...routes, { id: 'new-route', path: 'straight @ 10', breaks: 0, settles: false }]))
        "
      >
        Add a route
      </button>
    </template>
    <template v-else>
      <label class="wide"
        ><span>Men: place across from the ball, depth after a stroke</span
        ><input
          :value="body.men"
          :readonly="readonly"
          @change="set('men', value($event))"
      /></label>
      <label
        ><span>Family</span
        ><input
          :value="body.family ?? 'own'"
          :readonly="readonly"
          @change="set('family', value($event))"
      /></label>
      <div
        v-for="(m, i) in motions"
        :key="i"
        class="wide route"
      >
        <input
          :value="m.name"
          :aria-label="`Name of motion ${i + 1}`"
          :readonly="readonly"
          @change="setMotion(i, { name: value($event) })"
        /><input
          :value="m.steps"
          :aria-label="`Steps of ${m.name}`"
          :readonly="readonly"
          @change="setMotion(i, { steps: value($event) })"
        /><label class="check"
          ><input
            type="checkbox"
            :checked="m.shift"
            :disabled="readonly"
            @change="setMotion(i, { shift: !m.shift })"
          />
          all set again</label
        ><button
          v-if="!readonly"
          type="button"
          class="link"
          @click="set('motions', motionsBack(motions.filter((_, j) => j !== i)))"
        >
          take out
        </button>
      </div>
      <button
        v-if="!readonly"
        type="button"
        class="link"
        @click="
          set('motions', motionsBack([...motions, { id: '', name: 'new motion', shift: false, steps: 'Z7/1.5' }]))
        "
      >
        Add a motion
      </button>
    </template>
  </div>
</template>

<style scoped src="../../styles/sheet-fields.css"></style>
<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 12px 18px;
  align-items: end;
}
.wide {
  grid-column: 1 / -1;
}
label span,
legend {
  display: block;
  font: 600 13px/1.3 var(--narrow);
  color: var(--soft);
}
fieldset {
  border: 0;
  margin: 0;
  padding: 0;
  min-width: 0;
}
.check {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  margin-right: 16px;
  font: 500 14px var(--narrow);
}
.check input {
  width: auto;
}
.route {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 2.4fr) 90px 90px;
  gap: 8px;
  align-items: center;
}
.soft {
  font-size: 13px;
}
.link {
  justify-self: start;
}
</style>
