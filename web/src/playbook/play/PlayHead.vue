<script setup lang="ts">
import { useTemplateRef } from 'vue'

/** What the document is and is called, where it comes from, and what can be done with it. */
defineProps<{
  kind: string
  name?: string
  /** The document is there, and he may change it. */
  mayWrite: boolean
  standing: string
  ours: boolean
  changed: boolean
  maySave: boolean
  mayUndo: boolean
  said: string
}>()
defineEmits<{ name: [name: string]; write: [asNew: boolean]; back: []; undo: [] }>()
const field = useTemplateRef('field')
defineExpose({ toName: () => field.value?.focus() })
const NAMES: Record<string, string> = {
  run: 'Run',
  pass: 'Pass',
  option: 'Run-pass option',
  protection: 'Protection',
  routes: 'Routes',
  formation: 'Formation',
  rubric: 'Rubric',
}
</script>

<template>
  <header class="view-head">
    <h1 class="sentence words">
      <RouterLink to="/playbook">Playbook</RouterLink> <em>·</em> {{ NAMES[kind] ?? kind }} <em>·</em>
      <input
        ref="field"
        class="name"
        :value="name"
        :readonly="!mayWrite"
        aria-label="Name"
        placeholder="name it"
        maxlength="80"
        @input="$emit('name', ($event.target as HTMLInputElement).value)"
      />
      <em
        v-if="standing"
        class="soft count"
        >{{ standing }}</em
      >
    </h1>
    <span
      v-if="said && !changed"
      class="said"
      role="status"
      >{{ said }}</span
    >
    <template v-if="mayWrite">
      <button
        v-if="ours"
        type="button"
        class="button main"
        :disabled="!maySave"
        @click="$emit('write', false)"
      >
        Save <span class="key">S</span>
      </button>
      <button
        type="button"
        :class="['button', { main: !ours }]"
        @click="$emit('write', true)"
      >
        Keep as our own
      </button>
      <button
        v-if="changed"
        type="button"
        class="button"
        @click="$emit('back')"
      >
        Take all back
      </button>
      <button
        v-if="mayUndo"
        type="button"
        class="button"
        @click="$emit('undo')"
      >
        Undo <span class="key">Z</span>
      </button>
    </template>
  </header>
</template>

<style scoped>
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
.said {
  color: var(--soft);
  font-size: 14px;
}
</style>
