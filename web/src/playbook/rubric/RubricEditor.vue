<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, useTemplateRef } from 'vue'
import { useRouter } from 'vue-router'
import { answer, client, over, problemOf } from '../../api/client'
import { actionsOf } from '../../shell/actions/action'
import { useViewActions } from '../../shell/actions/registry'
import FaultSaid from '../../shell/FaultSaid.vue'
import { useSession } from '../../shell/session'
import WordMenu from '../../words/WordMenu.vue'
import RubricTable from './RubricTable.vue'
import PlayHead from '../play/PlayHead.vue'
import { usePlayDraft } from '../play/playDraft'
import { added, rowsOf, type Row } from './rows'

/** What men of a technique are graded by: rows in the order in which they happen. */
const props = defineProps<{ id: string }>()
const router = useRouter()
const session = useSession()
const asking = useQueryClient()
const { isNew, work, saved, trouble, fault, unread, said, changed, ofOurs, overtaken, ...draft } = usePlayDraft(
  'rubric',
  props.id,
)
const head = useTemplateRef('head')
const mayWrite = computed(() => session.me?.mayWrite ?? false)
const standing = computed(() => {
  if (!saved.value) return ''
  return ofOurs.value ? `revision ${saved.value.revision}` : 'from the catalogue'
})
const rows = computed(() => rowsOf(work.value?.body ?? {}))
const of = computed(() => (Array.isArray(work.value?.body.of) ? (work.value.body.of as string[]) : []))
const { data: terms } = useQuery({
  queryKey: ['rubrics'],
  queryFn: () => answer(client.GET('/api/playbook/rubrics')),
})
const facets = computed(() => (terms.value?.facets ?? []).map((f) => ({ id: f.id, name: f.id })))
const techniques = computed(() => terms.value?.techniques ?? [])
const called = (technique: string): string => techniques.value.find((t) => t.id === technique)?.name ?? technique
const standsFor = computed(() => terms.value?.rubrics.find((r) => r.id === instead.value)?.name ?? instead.value)
const plays = computed(() => (typeof work.value?.body.plays === 'string' ? work.value.body.plays : 'any'))
const instead = computed(() => (typeof work.value?.body.instead === 'string' ? work.value.body.instead : ''))
const PLAYS = [
  { id: 'run', name: 'runs' },
  { id: 'pass', name: 'passes' },
  { id: 'any', name: 'runs and passes' },
]
function keep(change: Record<string, unknown>): void {
  if (work.value) draft.keep({ body: { ...work.value.body, ...change } })
}
function give(technique: string, on: boolean): void {
  const rest = of.value.filter((t) => t !== technique)
  keep({ of: on ? [...rest, technique] : rest })
}
const keepRows = (next: Row[]): void => keep({ criteria: next })
/** One that is kept under a new name stands for the one it was made of. */
async function write(asNew: boolean): Promise<void> {
  if (asNew && !ofOurs.value && !isNew && !instead.value) keep({ instead: props.id })
  const id = await draft.write(asNew)
  if (!id) head.value?.toName()
  await asking.invalidateQueries({ queryKey: ['rubrics'] })
  await stands.refetch()
  if (id && asNew) await router.replace(`/playbook/rubric/${id}`)
}
const stands = useQuery({
  queryKey: ['standing', 'rubric', props.id],
  queryFn: () =>
    answer(client.GET('/api/playbook/{kind}/{id}/standing', { params: { path: { kind: 'rubric', id: props.id } } })),
})
async function publish(published: boolean): Promise<void> {
  const now = stands.data.value
  if (!now) return
  try {
    await answer(
      client.PUT('/api/playbook/{kind}/{id}/standing', {
        params: { path: { kind: 'rubric', id: props.id }, header: over(now.version) },
        body: { ...now.standing, published },
      }),
    )
  } catch (error) {
    fault.value = problemOf(error).detail
  }
  await stands.refetch()
  await asking.invalidateQueries({ queryKey: ['rubrics'] })
}
const rubric = actionsOf('The rubric')
const writes = actionsOf('The rubric', true)
const maySave = (): boolean => changed.value && !overtaken.value
useViewActions({
  title: 'Rubric',
  actions: [
    writes('undo', 'Z', 'Back by one change', draft.undo, () => draft.mayUndo.value),
    writes('save', 'S', 'Save it, as our own', () => void write(!ofOurs.value), maySave),
    rubric('leave', 'Escape', 'Back to the rubrics', () => void router.push('/playbook/rubrics')),
  ],
})
</script>

<template>
  <div class="view">
    <PlayHead
      ref="head"
      kind="rubric"
      :name="work?.name"
      :may-write="mayWrite && !!work"
      :standing="standing"
      :ours="ofOurs"
      :changed="changed"
      :may-save="maySave()"
      :may-undo="draft.mayUndo.value"
      :said="said"
      @name="draft.keep({ name: $event })"
      @write="write"
      @back="draft.back"
      @undo="draft.undo"
    />
    <section
      class="rolls wide"
      aria-label="As it is written"
      tabindex="0"
    >
      <FaultSaid :words="trouble" />
      <p
        v-if="!work && !trouble"
        class="empty"
        role="status"
      >
        Opening the rubric.
      </p>
      <p
        v-if="overtaken"
        class="fault"
        role="alert"
      >
        Somebody saved revision {{ saved?.revision }} after you began on {{ work?.revision }}. Your text is kept.
        <button
          type="button"
          class="link"
          @click="draft.onTop"
        >
          Put mine on top
        </button>
        <button
          type="button"
          class="link"
          @click="draft.back()"
        >
          Take theirs
        </button>
      </p>
      <FaultSaid :words="fault || unread" />
      <template v-if="work">
        <p class="said">
          <span
            >For <b>{{ of.map(called).join(', ') || 'nobody yet' }}</b></span
          >
          on
          <WordMenu
            v-if="mayWrite"
            :value="plays"
            label="On which plays"
            :options="PLAYS"
            @pick="keep({ plays: $event })"
          /><template v-else>{{ PLAYS.find((p) => p.id === plays)?.name }}</template>
          <label v-if="instead"
            ><input
              type="checkbox"
              checked
              :disabled="!mayWrite"
              @change="keep({ instead: undefined })"
            />
            in the place of {{ standsFor }}</label
          >
          <button
            v-if="ofOurs && mayWrite && stands.data.value"
            type="button"
            class="link"
            @click="publish(!stands.data.value!.standing.published)"
          >
            {{ stands.data.value.standing.published ? 'Take it back to a draft' : 'Publish: every coach grades by it' }}
          </button>
        </p>
        <fieldset v-if="mayWrite">
          <legend>Men of which techniques</legend>
          <label
            v-for="t in techniques"
            :key="t.id"
            ><input
              type="checkbox"
              :checked="of.includes(t.id)"
              @change="give(t.id, ($event.target as HTMLInputElement).checked)"
            />
            {{ t.name }}</label
          >
        </fieldset>
        <RubricTable
          :rows="rows"
          :facets="facets"
          :may-write="mayWrite"
          @rows="keepRows"
        />
        <button
          v-if="mayWrite"
          type="button"
          class="button"
          @click="keepRows(added(rows))"
        >
          One more criterion
        </button>
        <p class="soft">
          Rows stand in the order in which they happen: of several faults the first is what the others followed from.
          Rows of TE are marked one by one; a row of another facet says what that facet means for such a man.
        </p>
      </template>
    </section>
  </div>
</template>

<style scoped>
section {
  padding: 4px 20px 24px;
}
.said {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: baseline;
}
fieldset {
  border: 0;
  padding: 4px 0;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  font: 400 13px var(--narrow);
}
legend {
  padding: 0;
  color: var(--soft);
}
</style>
