<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue'
import { useRouter } from 'vue-router'
import { actionsOf } from '../../shell/actions/action'
import { useViewActions } from '../../shell/actions/registry'
import { useSession } from '../../shell/session'
import FormationStage from './FormationStage.vue'
import { provideMet } from './met'
import PlayHead from './PlayHead.vue'
import { usePlayDraft } from './playDraft'
import PlayFields from './PlayFields.vue'
import PlayTrial from './PlayTrial.vue'
import RouteStage from './RouteStage.vue'
import { routeRows, routesBack, withCorner } from './written'
import FaultSaid from '../../shell/FaultSaid.vue'

/** One document of the offence: written in words, tried against every formation while it is written. */
const props = defineProps<{ kind: string; id: string }>()
const router = useRouter()
const session = useSession()
const { isNew, work, saved, words, preview, trouble, fault, unread, said, changed, ofOurs, overtaken, ...draft } =
  usePlayDraft(props.kind, props.id)
const met = provideMet()
const head = useTemplateRef('head')
const mayWrite = computed(() => session.me?.mayWrite ?? false)
const standing = computed(() => {
  if (!saved.value) return ''
  return ofOurs.value ? `revision ${saved.value.revision}` : isNew ? 'not kept yet' : 'from the catalogue'
})
async function write(asNew: boolean): Promise<void> {
  const id = await draft.write(asNew)
  if (!id) head.value?.toName()
  else if (asNew) await router.replace(`/playbook/play/${props.kind}/${id}`)
}
const play = actionsOf('The play')
const writes = actionsOf('The play', true)
const maySave = (): boolean => changed.value && !overtaken.value
useViewActions({
  title: 'Play',
  actions: [
    writes('undo', 'Z', 'Back by one change', draft.undo, () => draft.mayUndo.value),
    writes('save', 'S', 'Save it, as our own', () => void write(!ofOurs.value), maySave),
    play('leave', 'Escape', 'Back to the playbook', () => void router.push('/playbook')),
  ],
})
const sheet = useTemplateRef('sheet')
/** The hand goes to what a man is told; one who is told nothing has his place at the end of the men. */
function toSentence(names: readonly string[]): void {
  const men = [...(sheet.value?.querySelectorAll<HTMLElement>('[data-who]') ?? [])]
  const line = men.find((m) => names.includes(m.dataset.who ?? '')) ?? sheet.value?.querySelector('[data-more]')
  const hand = line?.querySelector<HTMLElement>('[data-menu]:enabled') ?? line
  if (hand instanceof HTMLElement) hand.focus()
}
const docId = computed(() => (isNew ? undefined : props.id))
/** Which route of a book is drawn: the one in hand, else the first. */
const looked = ref('')
const routes = computed(() => (props.kind === 'routes' ? routeRows(work.value?.body ?? {}) : []))
const route = computed(() => (routes.value.find((r) => r.id === looked.value) ?? routes.value[0])?.id ?? '')
function corner(at: number, words: string): void {
  if (!work.value) return
  const changed = routes.value.map((r) => (r.id === route.value ? withCorner(r, at, words) : r))
  draft.keep({ body: { ...work.value.body, routes: routesBack(changed) } })
}
</script>

<template>
  <div class="view editor">
    <PlayHead
      ref="head"
      :kind="kind"
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
      ref="sheet"
      class="rolls"
      aria-label="As it is written"
      tabindex="0"
    >
      <FaultSaid :words="trouble"
        ><button
          type="button"
          class="link"
          @click="draft.open"
        >
          Look again
        </button></FaultSaid
      >
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
      <FaultSaid :words="fault" />
      <p
        v-if="!work && !trouble"
        class="empty"
        role="status"
      >
        Opening the {{ kind }}.
      </p>
      <PlayFields
        v-if="work && words"
        :kind="kind"
        :body="work.body"
        :words="words"
        :route="route"
        :readonly="!mayWrite"
        @change="draft.keep({ body: $event })"
        @look="looked = $event"
      />
      <p
        v-if="work && mayWrite && !ofOurs && !isNew"
        class="soft"
      >
        What ships is not changed: give it another name and keep it as your own.
      </p>
    </section>
    <aside
      aria-label="What it comes to"
      tabindex="0"
    >
      <FaultSaid :words="unread" />
      <RouteStage
        v-if="work && kind === 'routes'"
        :id="docId"
        :work="work"
        :route="route"
        :readonly="!mayWrite"
        @look="looked = $event"
        @corner="corner"
      />
      <FormationStage
        v-else-if="work && kind === 'formation' && preview?.sketch"
        :work="work"
        :preview="preview"
        :readonly="!mayWrite"
        @men="draft.keep({ body: { ...work.body, men: $event } })"
      />
      <PlayTrial
        v-else-if="work && kind !== 'formation'"
        :id="docId"
        :kind="kind"
        :work="work"
        :preview="preview"
        @man="toSentence"
        @met="met = $event"
      />
    </aside>
  </div>
</template>

<style scoped>
.editor {
  --columns: minmax(0, 1fr) minmax(380px, 38%);
}
/* The picture stands in the middle, the words at its right, as on the board; read aloud, the words come first. */
section {
  grid-area: 2 / 2;
  padding: 12px 18px;
  background: var(--card);
  border-left: 2px solid var(--ink);
}
aside {
  grid-area: 2 / 1;
  padding: 8px 16px;
  border: 0;
  background: none;
}
.fault {
  margin-bottom: 10px;
}
</style>
