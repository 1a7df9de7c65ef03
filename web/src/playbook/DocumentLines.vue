<script setup lang="ts">
import { useTemplateRef } from 'vue'
import type { PlaybookItem } from '../api/types'

/** Documents as lines of words; one Tab stop, the arrows walk, a double click opens. */
const props = defineProps<{ list: readonly PlaybookItem[]; picked: string }>()
defineEmits<{ pick: [id: string]; open: [item: PlaybookItem] }>()
const INSTALLED: Record<string, string> = { catalogue: '', installed: 'installed', plan: "this week's plan" }
const lines = useTemplateRef<HTMLElement>('lines')
/** The one Tab comes to: the picked one, else the first. */
const stop = (item: PlaybookItem, at: number): boolean =>
  props.list.some((i) => i.id === props.picked) ? item.id === props.picked : at === 0
/** The picked line is seen; the hand goes with it when it is in the list. */
function follow(): void {
  const line = lines.value?.querySelector<HTMLElement>('[aria-current="true"]')
  line?.scrollIntoView({ block: 'nearest' })
  if (lines.value?.contains(document.activeElement)) line?.focus({ preventScroll: true })
}
defineExpose({ follow })
</script>

<template>
  <ul ref="lines">
    <li
      v-for="(item, at) in list"
      :key="item.id"
    >
      <button
        type="button"
        :tabindex="stop(item, at) ? 0 : -1"
        :aria-current="item.id === picked"
        @click="$emit('pick', item.id)"
        @dblclick="$emit('open', item)"
      >
        <b>{{ item.name }}</b>
        <span class="is">{{ item.summary }}</span>
        <small
          ><strong v-if="INSTALLED[item.install]">{{ INSTALLED[item.install] }}</strong
          ><strong v-if="!item.published"> draft</strong><template v-if="item.retired"> retired</template></small
        >
      </button>
    </li>
  </ul>
</template>

<style scoped>
li {
  border-bottom: 1px solid var(--rule);
}
button {
  all: unset;
  box-sizing: border-box;
  display: grid;
  grid-template-columns: 168px minmax(0, 1fr) auto;
  gap: 12px;
  align-items: baseline;
  width: 100%;
  padding: 6px 14px 6px 16px;
  cursor: pointer;
  border-left: 4px solid transparent;
}
button:hover {
  background: var(--pick);
}
button:focus-visible {
  outline: 3px solid var(--ink);
  outline-offset: -3px;
}
button[aria-current='true'] {
  border-left-color: var(--accent);
  background: var(--pick);
}
b {
  font: 700 16px/1.25 var(--narrow);
}
.is {
  font: 400 14.5px/1.3 var(--narrow);
}
small {
  font: 400 13px/1.3 var(--narrow);
  color: var(--soft);
}
small strong {
  color: var(--ink);
}
@container work (width <= 760px) or (height <= 480px) {
  button {
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0 12px;
  }
  .is {
    grid-row: 2;
    grid-column: 1 / 3;
  }
}
</style>
