<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { Preview } from '../../api/types'
import { actionsOf } from '../../shell/actions/action'
import { useViewActions } from '../../shell/actions/registry'
import { useSession } from '../../shell/session'
import SketchDrawing from '../SketchDrawing.vue'
import { usePlayDraft } from './playDraft'
import PlayFields from './PlayFields.vue'

/** One document of the offence: written in words, tried against every formation while it is written. */
const props = defineProps<{ kind: string; id: string }>()
const router = useRouter()
const session = useSession()
const { isNew, work, saved, words, preview, trouble, fault, unread, said, changed, ofOurs, overtaken, ...draft } =
  usePlayDraft(props.kind, props.id)
const nameField = ref<HTMLInputElement>()
const mayWrite = computed(() => session.me?.mayWrite ?? false)
const NAMES: Record<string, string> = {
  run: 'Run',
  pass: 'Pass',
  option: 'Run-pass option',
  protection: 'Protection',
  routes: 'Routes',
  formation: 'Formation',
}
async function write(asNew: boolean): Promise<void> {
  const id = await draft.write(asNew)
  if (!id) nameField.value?.focus()
  else if (asNew) await router.replace(`/playbook/play/${props.kind}/${id}`)
}
const play = actionsOf('The play')
const writes = actionsOf('The play', true)
const maySave = (): boolean => changed.value && !overtaken.value
useViewActions({
  title: 'Play',
  actions: [
    writes('save', 'S', 'Save it, as our own', () => void write(!ofOurs.value), maySave),
    play('leave', 'Escape', 'Back to the playbook', () => void router.push('/playbook')),
  ],
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
          @input="draft.keep({ name: ($event.target as HTMLInputElement).value })"
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
          @click="draft.back()"
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
          @click="draft.open"
        >
          Look again
        </button>
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
        @change="draft.keep({ body: $event })"
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
@media (max-width: 800px) {
  .editor {
    display: block;
    overflow-y: auto;
  }
  header {
    flex-wrap: wrap;
  }
  aside {
    border-left: 0;
    border-top: 2px solid var(--ink);
  }
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
