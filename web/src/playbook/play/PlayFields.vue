<script setup lang="ts">
import { computed } from 'vue'
import type { PlayWords } from '../../api/types'
import CheckList from './CheckList.vue'
import ManRows from './ManRows.vue'
import MotionRows from './MotionRows.vue'
import RouteBook from './RouteBook.vue'
import SheetField from './SheetField.vue'
import { listed, rows, rowsBack, text, withValue, type Body } from './written'

/** The fields of one kind of document, in the words of the trade. */
const props = defineProps<{ kind: string; body: Body; words: PlayWords; readonly: boolean }>()
const emit = defineEmits<{ change: [body: Body] }>()

const ball = computed(() => (props.body.ball ?? {}) as Record<string, string | number>)
const set = (key: string, value: unknown): void => emit('change', withValue(props.body, key, value))
const setBall = (key: string, value: unknown): void => set('ball', withValue(props.body.ball as Body, key, value))
/** What is usual is not written. */
const unless = (usual: string, value: string): string => (value === usual ? '' : value)
const aims = computed(() =>
  props.words.points.map((p) => ({ id: p, name: p.length === 1 ? `${p} gap` : 'outside everybody' })),
)
const BEGINS: Record<string, string> = { straight: 'straight', away: 'with a step away', pass: 'as a pass' }
const begins = computed(() => props.words.firsts.map((f) => ({ id: f, name: BEGINS[f] ?? f })))
const paths = computed(() => props.words.paths.map((p) => ({ id: p, name: p })))
const fakes = computed(() => [{ id: '', name: 'no run' }, ...props.words.fakes])
const protections = computed(() => [{ id: '', name: 'any' }, ...props.words.protections])
const play = computed(() => props.kind !== 'routes' && props.kind !== 'formation')
</script>

<template>
  <div class="fields">
    <SheetField
      v-if="play"
      label="Needs of the formation, seen from the play side"
      :value="body.needs ?? ''"
      placeholder="as in: tight end on my side and two backs"
      wide
      :readonly="readonly"
      @change="set('needs', $event)"
    />
    <template v-if="kind === 'run'">
      <SheetField
        label="Aims at"
        :value="body.point"
        :options="aims"
        :readonly="readonly"
        @change="set('point', $event)"
      />
      <SheetField
        label="Carried by, the first who is there"
        :value="ball.carrier"
        :readonly="readonly"
        @change="setBall('carrier', $event)"
      />
      <SheetField
        label="Has the ball from gun, s"
        :value="ball.gun"
        seconds
        :readonly="readonly"
        @count="setBall('gun', $event)"
      />
      <SheetField
        label="From under centre, s"
        :value="ball.under"
        seconds
        :readonly="readonly"
        @count="setBall('under', $event)"
      />
      <SheetField
        label="Gets it at, yd to the play side x yd deep"
        :value="ball.mesh ?? ''"
        placeholder="by rule; as in: 1 x 4"
        :readonly="readonly"
        @change="setBall('mesh', $event)"
      />
      <SheetField
        label="Begins"
        :value="ball.first ?? 'straight'"
        :options="begins"
        :readonly="readonly"
        @change="setBall('first', unless('straight', $event))"
      />
      <SheetField
        label="Leaves unblocked"
        :value="body.leaves ?? 'nobody'"
        :options="words.leaves"
        :readonly="readonly"
        @change="set('leaves', unless('nobody', $event))"
      />
      <CheckList
        label="Ways of the ball when it is an option"
        :value="body.paths"
        :options="paths"
        :readonly="readonly"
        @change="set('paths', $event)"
      />
      <ManRows
        class="wide"
        label="Blocks"
        :list="rows(body.blocks)"
        :men="words.men"
        :choices="words.blocks"
        :readonly="readonly"
        @change="set('blocks', rowsBack($event))"
      />
    </template>
    <template v-else-if="kind === 'pass'">
      <SheetField
        label="The ball leaves the hand after, s"
        :value="body.throw"
        seconds
        :readonly="readonly"
        @count="set('throw', $event)"
      />
      <SheetField
        label="Thrown from"
        :value="body.launch ?? 'set'"
        :options="words.launches"
        :readonly="readonly"
        @change="set('launch', unless('set', $event))"
      />
      <SheetField
        label="At, yd to the play side x yd deep"
        :value="body.from ?? ''"
        placeholder="by rule; as in: 6 x 6"
        :readonly="readonly"
        @change="set('from', $event)"
      />
      <SheetField
        label="Looks first like"
        :value="body.fake ?? ''"
        :options="fakes"
        :readonly="readonly"
        @change="set('fake', $event)"
      />
      <SheetField
        label="Behind the protection"
        :value="body.protection ?? ''"
        :options="protections"
        :readonly="readonly"
        @change="set('protection', $event)"
      />
      <ManRows
        class="wide"
        label="Routes"
        :list="rows(body.routes)"
        :men="words.men"
        :choices="words.routes"
        :readonly="readonly"
        @change="set('routes', rowsBack($event))"
      />
      <SheetField
        label="The quarterback looks for, in order"
        :value="text(body.progression)"
        placeholder="as the routes are written"
        wide
        :readonly="readonly"
        @change="set('progression', listed($event))"
      />
      <SheetField
        label="Linemen who let the rush go and lead a screen"
        :value="text(body.screen)"
        placeholder="none"
        wide
        :readonly="readonly"
        @change="set('screen', listed($event))"
      />
      <SheetField
        label="Made to hurt"
        :value="body.attacks ?? ''"
        wide
        :readonly="readonly"
        @change="set('attacks', $event)"
      />
    </template>
    <template v-else-if="kind === 'option'">
      <SheetField
        label="The run"
        :value="body.run"
        :options="words.runs"
        :readonly="readonly"
        @change="set('run', $event)"
      />
      <SheetField
        label="The quarterback reads"
        :value="body.reads"
        :options="words.reads"
        :readonly="readonly"
        @change="set('reads', $event)"
      />
      <SheetField
        label="Thrown after, s"
        :value="body.thrown"
        seconds
        :readonly="readonly"
        @count="set('thrown', $event)"
      />
      <ManRows
        class="wide"
        label="Routes"
        :list="rows(body.route)"
        :men="words.men"
        :choices="words.routes"
        :readonly="readonly"
        @change="set('route', rowsBack($event))"
      />
    </template>
    <template v-else-if="kind === 'protection'">
      <SheetField
        label="The line counts by"
        :value="body.scheme ?? 'half slide'"
        :options="words.schemes"
        :readonly="readonly"
        @change="set('scheme', unless('half slide', $event))"
      />
      <CheckList
        label="Stay in besides the five"
        :value="body.stay"
        :options="words.stays"
        :readonly="readonly"
        @change="set('stay', $event)"
      />
    </template>
    <RouteBook
      v-else-if="kind === 'routes'"
      :body="body"
      :readonly="readonly"
      @change="set('routes', $event)"
    />
    <template v-else>
      <SheetField
        label="Men: place across from the ball, depth after a stroke"
        :value="body.men"
        wide
        :readonly="readonly"
        @change="set('men', $event)"
      />
      <SheetField
        label="Family"
        :value="body.family ?? 'own'"
        :readonly="readonly"
        @change="set('family', $event)"
      />
      <MotionRows
        :body="body"
        :readonly="readonly"
        @change="set('motions', $event)"
      />
    </template>
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
  gap: 12px 18px;
  align-items: end;
}
.wide {
  grid-column: 1 / -1;
}
</style>
