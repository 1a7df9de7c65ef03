<script setup lang="ts">
import { useEventListener, watchDebounced } from '@vueuse/core'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import { answer, client, over, problemOf } from '../../api/client'
import type { PlayWords, Preview } from '../../api/types'
import { useKept } from '../../shell/kept'
import { typing } from '../../shell/keys'
import { useSession } from '../../shell/session'
import SketchDrawing from '../SketchDrawing.vue'
import PlayFields from './PlayFields.vue'
import { fresh, type Body } from './written'

/** One document of the offence: written in words, tried against every formation while it is written. */
const props = defineProps<{ kind: string; id: string }>()
const router = useRouter()
const session = useSession()
const { kind, id } = props
const isNew = id === 'new'
interface Work {
  name: string
  body: Body
  /** The revision it was begun on. */
  revision: number
}
/** What is not saved yet, kept on this machine. */
const store = useKept<{ mine?: Work }>(`playbook.play.${kind}.${id}`, {})
const kept = computed<Work | undefined>({
  get: () => store.value.mine,
  set: (mine) => (store.value = mine ? { mine } : {}),
})
const saved = shallowRef<Work | undefined>(isNew ? { name: '', body: fresh(kind), revision: 0 } : undefined)
const words = shallowRef<PlayWords>()
const preview = shallowRef<Preview>()
const trouble = ref('')
/** Why it was not written. */
const fault = ref('')
/** Why it cannot be read as it stands. */
const unread = ref('')
const said = ref('')
const nameField = ref<HTMLInputElement>()
const mayWrite = computed(() => session.me?.mayWrite ?? false)
const work = computed<Work | undefined>(() => kept.value ?? saved.value)
const changed = computed(() => !!kept.value && JSON.stringify(kept.value) !== JSON.stringify(saved.value))
const ofOurs = computed(() => (saved.value?.revision ?? 0) > 0)
const NAMES: Record<string, string> = {
  run: 'Run',
  pass: 'Pass',
  option: 'Run-pass option',
  protection: 'Protection',
  routes: 'Routes',
  formation: 'Formation',
}

async function open(): Promise<void> {
  try {
    words.value = await answer(client.GET('/api/playbook/play-words'))
    if (!isNew) {
      const sheet = await answer(client.GET('/api/playbook/{kind}/{id}/document', { params: { path: { kind, id } } }))
      saved.value = { name: sheet.name, body: sheet.body, revision: sheet.revision }
    }
    trouble.value = ''
  } catch (error) {
    trouble.value = problemOf(error).detail
  }
}
onMounted(open)

const keep = (change: Partial<Work>): void => {
  if (work.value) kept.value = { ...work.value, ...change }
}
async function look(): Promise<void> {
  if (!work.value) return
  try {
    preview.value = await answer(
      client.POST('/api/playbook/previews', {
        body: {
          kind,
          id: isNew ? undefined : id,
          name: work.value.name,
          body: work.value.body as Record<string, never>,
        },
      }),
    )
    unread.value = ''
  } catch (error) {
    unread.value = problemOf(error).detail
  }
}
watchDebounced(work, look, { debounce: 300, immediate: true })

async function write(asNew: boolean): Promise<void> {
  const now = work.value
  if (!now) return
  if (asNew && (!now.name.trim() || now.name === saved.value?.name)) {
    fault.value = 'Give it a name of its own first.'
    nameField.value?.focus()
    return
  }
  try {
    const body = now.body as Record<string, never>
    const done = asNew
      ? await answer(client.POST('/api/playbook/documents', { body: { kind, name: now.name, body } }))
      : await answer(
          client.PUT('/api/playbook/{kind}/{id}/document', {
            params: { path: { kind, id }, header: over(now.revision) },
            body: { name: now.name, body },
          }),
        )
    kept.value = undefined
    saved.value = { name: done.name, body: done.body, revision: done.revision }
    fault.value = ''
    said.value = `Saved as revision ${done.revision}.`
    if (asNew) await router.replace(`/playbook/play/${kind}/${done.id}`)
  } catch (error) {
    fault.value = problemOf(error).detail
  }
}
function back(): void {
  kept.value = undefined
  said.value = ''
}
async function onTop(): Promise<void> {
  const mine = kept.value
  await open()
  if (mine && saved.value) kept.value = { ...mine, revision: saved.value.revision }
}
const overtaken = computed(
  () => !!kept.value && !!saved.value && kept.value.revision !== saved.value.revision && !isNew,
)
useEventListener('keydown', (event: KeyboardEvent) => {
  if (typing(event) || event.ctrlKey || event.metaKey) return
  if (event.key === 's' && mayWrite.value && changed.value) void write(!ofOurs.value)
  else if (event.key === 'Escape') void router.push('/playbook')
  else return
  event.preventDefault()
})
const sides = (f: Preview['fits'][number]): string => (f.bothSides ? f.name : `${f.name} (${f.side})`)
</script>

<template>
  <div class="editor">
    <header class="view-head">
      <h1 class="sentence words">
        <RouterLink to="/playbook">Playbook</RouterLink> <em>·</em> {{ NAMES[kind] ?? kind }} <em>·</em>
        <input
          ref="nameField"
          class="name"
          :value="work?.name"
          :readonly="!mayWrite || !work"
          aria-label="Name"
          placeholder="name it"
          maxlength="80"
          @input="keep({ name: ($event.target as HTMLInputElement).value })"
        />
        <em
          v-if="saved"
          class="soft count"
          >{{ ofOurs ? `revision ${saved.revision}` : isNew ? 'not kept yet' : 'from the catalogue' }}</em
        >
      </h1>
      <span
        v-if="said && !changed"
        class="said"
        role="status"
        >{{ said }}</span
      >
      <template v-if="mayWrite && work">
        <button
          v-if="ofOurs"
          type="button"
          class="button main"
          :disabled="!changed || overtaken"
          @click="write(false)"
        >
          Save <span class="key">S</span>
        </button>
        <button
          type="button"
          :class="['button', { main: !ofOurs }]"
          @click="write(true)"
        >
          Keep as our own
        </button>
        <button
          v-if="changed"
          type="button"
          class="button"
          @click="back()"
        >
          Take back
        </button>
      </template>
    </header>
    <section
      aria-label="As it is written"
      tabindex="0"
    >
      <p
        v-if="trouble"
        class="fault"
        role="alert"
      >
        {{ trouble }}
        <button
          type="button"
          class="link"
          @click="open"
        >
          Look again
        </button>
      </p>
      <p
        v-if="overtaken"
        class="fault"
        role="alert"
      >
        Somebody saved revision {{ saved?.revision }} after you began on {{ kept?.revision }}. Your text is kept.
        <button
          type="button"
          class="link"
          @click="onTop"
        >
          Put mine on top
        </button>
        <button
          type="button"
          class="link"
          @click="back()"
        >
          Take theirs
        </button>
      </p>
      <p
        v-if="fault"
        class="fault"
        role="alert"
      >
        {{ fault }}
      </p>
      <PlayFields
        v-if="work && words"
        :kind="kind"
        :body="work.body"
        :words="words"
        :readonly="!mayWrite"
        @change="keep({ body: $event })"
      />
      <p
        v-if="mayWrite && !ofOurs && !isNew"
        class="soft"
      >
        What ships is not changed: give it another name and keep it as your own.
      </p>
    </section>
    <aside
      aria-label="What it comes to"
      tabindex="0"
    >
      <p
        v-if="unread"
        class="fault"
        role="alert"
      >
        {{ unread }}
      </p>
      <template v-if="preview">
        <SketchDrawing
          v-if="preview.sketch"
          :sketch="preview.sketch"
          :label="`${work?.name}, drawn to scale`"
          class="big"
        />
        <template v-if="kind !== 'routes' && kind !== 'formation'">
          <h2>
            {{
              preview.fits.length
                ? `${preview.fits.length} of ${preview.formations} formations can run it`
                : 'No formation can run it'
            }}
          </h2>
          <p class="small">{{ preview.fits.map(sides).join(', ') }}</p>
          <p
            v-if="preview.fits[0]"
            class="soft small"
          >
            Drawn on {{ preview.fits[0].name }}, to the {{ preview.fits[0].side }}. The thick line is the ball.
          </p>
        </template>
      </template>
    </aside>
  </div>
</template>

<style scoped>
.editor {
  display: grid;
  grid-template: auto minmax(0, 1fr) / minmax(0, 1fr) 380px;
  height: 100%;
}
header {
  grid-column: 1 / 3;
}
.name {
  font: inherit;
  color: inherit;
  border: 0;
  border-bottom: 2px solid var(--rule);
  background: transparent;
  min-width: 240px;
  field-sizing: content;
}
.count {
  font: 400 14px var(--narrow);
}
section {
  overflow-y: auto;
  padding: 16px 20px;
  background: var(--card);
}
aside {
  border-left: 2px solid var(--ink);
  padding: 12px 14px;
  overflow-y: auto;
}
.big {
  background: var(--field);
  margin-bottom: 10px;
}
h2 {
  font: 700 16px/1.3 var(--narrow);
}
.small {
  font: 400 14px/1.4 var(--narrow);
}
.fault {
  color: var(--bust);
  font-weight: 600;
  margin-bottom: 10px;
}
.said {
  color: var(--soft);
  font-size: 14px;
}
</style>
