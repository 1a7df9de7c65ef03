<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { standingWords, usePlaybook } from './playbookStore'

/** What was said last of a document, and the way back. */
const playbook = usePlaybook()
const { said } = storeToRefs(playbook)
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
      @click="playbook.unsay"
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
