<script setup lang="ts">
import type { PlaybookItem } from '../api/types'
import { usePaged } from '../shell/paged'
import { day } from '../words/day'
import { usePlaybook } from './playbookStore'

/** Who saved a document of ours, and when; the latest first, a page at a time. */
const props = defineProps<{ item: PlaybookItem }>()
const playbook = usePlaybook()
const {
  items: history,
  left: older,
  more,
} = usePaged(
  () => ['history', props.item.kind, props.item.id, props.item.revision],
  (page) => playbook.history(props.item, page),
  () => props.item.revision > 0,
)
</script>

<template>
  <template v-if="history.length"
    ><h3>History</h3>
    <ol>
      <li
        v-for="h in history"
        :key="h.revision"
      >
        {{ h.revision }}. {{ h.savedBy }}, {{ day(h.savedAt) }}
      </li>
    </ol>
    <button
      v-if="older"
      class="link"
      type="button"
      @click="more"
    >
      {{ older }} earlier
    </button></template
  >
</template>

<style scoped src="./detail.css"></style>
