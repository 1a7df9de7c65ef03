<script setup lang="ts">
import { until } from '@vueuse/core'
import { computed, nextTick, onMounted, ref, useTemplateRef, watch, type Ref } from 'vue'
import { useRouter } from 'vue-router'
import { problemOf } from '../api/client'
import FieldPicture from '../board/field/FieldPicture.vue'
import { usePlaybook } from '../playbook/playbookStore'
import { actionsOf } from '../shell/actions/action'
import { useViewActions } from '../shell/actions/registry'
import { formationChoice, useLists } from '../shell/lists'
import { useSession } from '../shell/session'
import WordInput from '../words/WordInput.vue'
import WordMenu from '../words/WordMenu.vue'
import CoveragesLeft from './CoveragesLeft.vue'
import { counted, usePressure } from './usePressure'
import WhoComes from './WhoComes.vue'

/** A pressure begun as one: who comes, then the coverage that is left, then its name. */
const pressure = usePressure()
const { begun, formation, trial, sheet, left, coverage, fault, made } = pressure
const playbook = usePlaybook()
const lists = useLists()
const router = useRouter()
const session = useSession()
const mayWrite = computed(() => session.me?.mayWrite ?? false)
onMounted(() => playbook.load())
const selected = ref<string>()
const men = useTemplateRef('men')
const covers = useTemplateRef('covers')
const named = useTemplateRef('named')
const toName = (): void => named.value?.focus()
const kept = useTemplateRef<HTMLElement>('kept')
/** In flag one man is the rusher by rule: a pressure is of the eleven-man game. */
const fronts = computed(() =>
  playbook
    .of('front')
    .filter((f) => !f.kinds.includes('flag'))
    .map((f) => ({ id: f.id, name: f.name, words: f.summary, kinds: f.kinds })),
)
const formations = computed(() =>
  (lists.choices?.formations ?? []).filter((f) => f.players === 11).map(formationChoice),
)
const picture = computed(() => trial.data.value?.board)
const comes = computed(() => counted(coverage.value?.rush ?? 0))
const stays = computed(() => counted(coverage.value?.cover ?? 0))
/** The first trial takes its time; who has waited so long has gone on to something else. */
const LIST_WAIT_MILLIS = 10_000
/** The hand goes to a list once it is there. */
async function toList(list: Readonly<Ref<{ focus: () => void } | null>>): Promise<void> {
  await until(list).toBeTruthy({ timeout: LIST_WAIT_MILLIS })
  await nextTick()
  list.value?.focus()
}
/** The next one: the hand goes to its name. */
async function another(): Promise<void> {
  made.value = undefined
  await nextTick()
  toName()
}
watch(made, async () => {
  await nextTick()
  kept.value?.querySelector('a')?.focus()
})

const writes = actionsOf('The pressure', true)
const goes = actionsOf('The pressure')
useViewActions({
  title: 'Pressure',
  actions: [
    writes('keep', 'S', 'Keep it, and the call it is first of', () => void pressure.keep()),
    goes('men', 'W', 'To who comes: up and down walk the men', () => void toList(men)),
    goes('left', 'C', 'To the coverages that are left', () => void toList(covers)),
    writes('name', 'N', 'Give it a name', toName),
    goes('leave', 'Escape', 'Back to the playbook', () => void router.push('/playbook')),
  ],
})
</script>

<template>
  <div class="view pressure">
    <header class="view-head">
      <h1 class="sentence words">
        A pressure from
        <WordMenu
          :value="begun.front"
          label="Front"
          :options="fronts"
          @pick="pressure.from"
        />
        <em>against</em>
        <WordMenu
          :value="formation"
          label="Formation"
          :options="formations"
          after=","
          @pick="formation = $event"
        />
        <template v-if="coverage">{{ comes }} come, {{ stays }} play {{ coverage.name }}</template>
      </h1>
      <template v-if="mayWrite && !made">
        <span class="sentence name"
          ><em>called</em>
          <WordInput
            ref="named"
            :value="begun.name"
            label="Name of the pressure"
            placeholder="name it"
            @change="pressure.change({ name: $event })"
        /></span>
        <button
          type="button"
          class="button main"
          :disabled="!coverage"
          @click="pressure.keep"
        >
          Keep it and its call <span class="key">S</span>
        </button>
      </template>
    </header>
    <section
      aria-label="Field"
      class="middle"
    >
      <p
        v-if="fault || trial.error.value"
        class="fault"
        role="alert"
      >
        {{ fault || problemOf(trial.error.value).detail }}
      </p>
      <p
        v-if="made"
        ref="kept"
        class="kept"
        role="status"
      >
        {{ made.name }} is kept as your draft.
        <RouterLink :to="`/playbook/card/${made.call}`">Print its card</RouterLink>
        <RouterLink :to="`/board?call=${made.call}`">See it on the board</RouterLink>
        <RouterLink :to="`/playbook/call/${made.call}`">Write its rules on</RouterLink>
        <button
          type="button"
          class="link"
          @click="another"
        >
          Begin another
        </button>
      </p>
      <FieldPicture
        class="drawing"
        :board="picture"
        :layers="['gaps', 'areas', 'paths']"
        :selected="selected"
        @pick="selected = $event"
      >
        <template #none>
          <p
            v-if="trial.isPending.value"
            class="wait"
            role="status"
          >
            Lining up every coverage behind it.
          </p>
          <p
            v-else-if="!trial.error.value"
            class="fault"
          >
            No coverage of the playbook has a man for every seat of this front. Choose another front.
          </p>
        </template>
      </FieldPicture>
    </section>
    <aside
      aria-label="Who comes, and what is left"
      tabindex="0"
    >
      <WhoComes
        v-if="sheet && trial.data.value"
        ref="men"
        :jobs="sheet.jobs"
        :choices="trial.data.value.choices"
        :told="pressure.told"
        :selected="selected"
        @tell="pressure.tell"
        @pick="selected = $event"
      />
      <CoveragesLeft
        v-if="left.length"
        ref="covers"
        :left="left"
        :picked="coverage?.coverage"
        :stays="stays"
        @pick="pressure.change({ coverage: $event })"
      />
    </aside>
  </div>
</template>

<style scoped>
.pressure {
  --columns: minmax(0, 1fr) minmax(340px, 34%);
}
.name {
  margin-left: auto;
  display: inline-flex;
  gap: 8px;
}
.middle {
  display: flex;
  flex-direction: column;
  min-height: 0;
}
.drawing {
  flex: var(--field-flex, 1);
  height: var(--field-height, auto);
}
aside {
  padding: 10px 16px;
}
.fault,
.wait,
.kept {
  padding: 8px 16px;
}
.kept {
  background: var(--pick);
  font-weight: 600;
}
.kept a,
.kept button {
  margin-left: 14px;
}
</style>
