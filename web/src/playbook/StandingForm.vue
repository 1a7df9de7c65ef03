<script setup lang="ts">
import { computed } from 'vue'
import type { PlaybookItem } from '../api/types'
import { PLAYS } from './play/written'
import { usePlaybook, type Install } from './playbookStore'

/** How far a document has come: taught, in this week's plan; published; put away. */
const props = defineProps<{ item: PlaybookItem }>()
/** What the offence runs is met or put away; it is not taught to our men. */
const taught = computed(() => !PLAYS.includes(props.item.kind))
const playbook = usePlaybook()
const INSTALLS: { id: Install; name: string }[] = [
  { id: 'catalogue', name: 'Catalogue' },
  { id: 'installed', name: 'Installed' },
  { id: 'plan', name: "This week's plan" },
]
</script>

<template>
  <fieldset>
    <legend>Standing</legend>
    <span
      v-if="taught"
      class="three"
      ><button
        v-for="i in INSTALLS"
        :key="i.id"
        type="button"
        :aria-pressed="item.install === i.id"
        @click="playbook.stand(item, { install: i.id })"
      >
        {{ i.name }}
      </button></span
    >
    <p v-if="item.revision || item.kind === 'call' || !taught">
      <template v-if="item.revision"
        ><button
          type="button"
          class="link"
          @click="playbook.stand(item, { published: !item.published })"
        >
          {{ item.published ? 'Take it back to a draft' : 'Publish: players may see it' }}</button
        ><br
      /></template>
      <button
        type="button"
        class="link"
        @click="playbook.stand(item, { retired: !item.retired })"
      >
        {{ item.retired ? 'Bring it back' : taught ? 'Retire it' : 'Nobody runs it: put it away' }}
      </button>
    </p>
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  border-top: 1.5px solid var(--rule);
  margin: 12px 0 0;
  padding: 6px 0 0;
}
legend {
  font: 700 14px/1.3 var(--narrow);
  padding: 0 6px 0 0;
}
.three {
  display: flex;
}
.three button {
  all: unset;
  cursor: pointer;
  flex: 1;
  text-align: center;
  font: 600 13px/1 var(--narrow);
  padding: 7px 2px;
  border: 1.5px solid var(--ink);
  margin-left: -1.5px;
}
.three button[aria-pressed='true'] {
  background: var(--ink);
  color: var(--on-dark);
}
.three button:focus-visible {
  outline: 3px solid var(--accent);
}
fieldset p {
  margin-top: 8px;
  font-size: 13px;
  line-height: 1.7;
}
.link {
  font-size: 13px;
}
</style>
