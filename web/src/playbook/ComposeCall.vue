<script setup lang="ts">
import { Modal } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { problemOf, type Problem } from '../api/client'
import type { Choice } from '../words/fitting'
import WordMenu from '../words/WordMenu.vue'
import { usePlaybook } from './playbookStore'

const emit = defineEmits<{ done: [] }>()
const playbook = usePlaybook()
const router = useRouter()
const name = ref('')
/** Begun from a front, coverage, movement or pressure that is picked, it is of that one. */
const picked = playbook.selected
const parts = ref<Record<string, string>>({
  front: 'anvil',
  coverage: 'drizzle',
  movement: '',
  pressure: '',
  ...(picked && { [picked.kind]: picked.id }),
})
const problem = ref<Problem>()
const PARTS = [
  { kind: 'front', may: false },
  { kind: 'coverage', may: false },
  { kind: 'movement', may: true },
  { kind: 'pressure', may: true },
]
/** What a part can be, found also by what it is in the trade's words. */
function partChoices(part: (typeof PARTS)[number]): Choice[] {
  const listed = playbook.of(part.kind).map((i) => ({
    id: i.id,
    name: i.revision ? `${i.name} (ours)` : i.name,
    words: i.summary,
    kinds: i.kinds,
  }))
  return part.may ? [{ id: '', name: 'none' }, ...listed] : listed
}
const layers = computed(() => PARTS.map((p) => parts.value[p.kind]!).filter(Boolean))

/** Enter and a click in one moment make one call. */
const making = ref(false)
async function make(): Promise<void> {
  if (making.value) return
  making.value = true
  try {
    const id = await playbook.compose(name.value, layers.value)
    emit('done')
    await router.push(`/playbook/call/${id}`)
  } catch (error) {
    problem.value = problemOf(error)
  } finally {
    making.value = false
  }
}
</script>

<template>
  <Modal
    open
    title="A new call"
    :footer="null"
    :width="520"
    @cancel="emit('done')"
  >
    <form @submit.prevent="make">
      <label
        >Name
        <input
          v-model="name"
          required
          autofocus
          placeholder="Anvil Heron Mist"
      /></label>
      <div
        v-for="p in PARTS"
        :key="p.kind"
        class="ask"
      >
        {{ p.kind }}
        <WordMenu
          :value="parts[p.kind] ?? ''"
          :label="p.kind"
          :options="partChoices(p)"
          field
          @pick="parts[p.kind] = $event"
        />
      </div>
      <p class="soft">
        It starts as your draft. “Blank” is a coverage with nothing in it but valid places, to write one from nothing.
      </p>
      <div
        v-if="problem"
        class="fault"
        role="alert"
      >
        <p v-if="!problem.problems?.length">{{ problem.detail }}</p>
        <p
          v-for="(p, i) in (problem.problems ?? []).slice(0, 6)"
          :key="i"
        >
          {{ p.document }} {{ p.where }}: {{ p.message }}
        </p>
      </div>
      <p class="acts">
        <button
          type="submit"
          class="button main"
        >
          Make it and write its rules</button
        ><button
          type="button"
          class="button"
          @click="emit('done')"
        >
          Leave it
        </button>
      </p>
    </form>
  </Modal>
</template>

<style scoped>
form {
  display: grid;
  gap: 10px;
}
label,
.ask {
  display: grid;
  grid-template-columns: 100px 1fr;
  align-items: center;
  font: 600 14px var(--narrow);
  text-transform: capitalize;
}
input {
  font: 500 15px var(--text);
  padding: 6px;
  border: 1.5px solid var(--ink);
  background: var(--card);
  color: var(--ink);
  border-radius: 3px;
}
.acts {
  display: flex;
  gap: 8px;
}
.fault {
  font-size: 13px;
}
</style>
