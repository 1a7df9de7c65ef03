<script setup lang="ts">
import { Segmented } from 'ant-design-vue'
import { computed } from 'vue'
import type { PlaybookItem } from '../api/types'
import { PLAYS } from './play/written'
import { usePlaybook, type Install } from './playbookStore'

/** How far a document has come: taught, in this week's plan; published; put away. */
const props = defineProps<{ item: PlaybookItem }>()
/** What the offence runs is met or put away; it is not taught to our men. */
const taught = computed(() => !PLAYS.includes(props.item.kind))
const playbook = usePlaybook()
const INSTALLS: { value: Install; label: string }[] = [
  { value: 'catalogue', label: 'Catalogue' },
  { value: 'installed', label: 'Installed' },
  { value: 'plan', label: "This week's plan" },
]
</script>

<template>
  <fieldset>
    <legend>Standing</legend>
    <Segmented
      v-if="taught"
      :value="item.install"
      :options="INSTALLS"
      aria-label="How far it has come"
      @change="playbook.stand(item, { install: $event as Install })"
    />
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
fieldset p {
  margin-top: 8px;
  font-size: 13px;
  line-height: 1.7;
}
.link {
  font-size: 13px;
}
</style>
