<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { nextTick } from 'vue'
import { standingWords, usePlaybook } from './playbookStore'

/** What was said last of a document, and the way back. */
const playbook = usePlaybook()
const { said } = storeToRefs(playbook)
/** The word is gone with the click; the hand goes to the document it was of. */
async function unsay(): Promise<void> {
  await playbook.unsay()
  await nextTick()
  document.querySelector<HTMLElement>('.playbook [aria-current=true]')?.focus()
}
</script>

<template>
  <p
    v-if="said"
    role="status"
  >
    {{ said.name }} {{ standingWords(said.before, said.now) }}.
    <button
      class="link"
      type="button"
      @click="unsay"
    >
      Undo</button
    >&nbsp;<span class="key">Z</span>
  </p>
</template>

<style scoped>
p {
  padding: 6px 16px;
  background: var(--pick);
  font-weight: 600;
}
</style>
