<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import type { PlaybookItem } from '../api/types'
import { nameOf } from '../shell/atHand'
import { families } from './playbookStore'
import { vHint } from '../shell/hint/hint'

/** Documents as lines of words; one Tab stop, the arrows walk, a double click opens. */
const props = defineProps<{
  list: readonly PlaybookItem[]
  picked?: string
  /** Names of those he likes. */
  favourites: readonly string[]
  /** Under the names of their families, in the order of which they come. */
  together: boolean
}>()
const groups = computed(() => (props.together ? [...families(props.list)] : [['', props.list] as const]))
defineEmits<{ pick: [id: string]; open: [item: PlaybookItem] }>()
const INSTALLED: Record<string, string> = { catalogue: '', installed: 'installed', plan: "this week's plan" }
const lines = useTemplateRef<HTMLElement>('lines')
/** The one Tab comes to: the picked one, else the first. */
const stop = computed(() => (props.list.find((i) => i.id === props.picked) ?? props.list[0])?.id)
/** The picked line is seen; the hand goes with it when it is in the list. */
function follow(): void {
  const line = lines.value?.querySelector<HTMLElement>('[aria-current="true"]')
  line?.scrollIntoView({ block: 'nearest' })
  if (lines.value?.contains(document.activeElement)) line?.focus({ preventScroll: true })
}
defineExpose({ follow })
</script>

<template>
  <div ref="lines">
    <section
      v-for="[family, items] in groups"
      :key="family"
      :aria-label="family || undefined"
    >
      <h2 v-if="family">
        {{ family }} <small>{{ items.length }}</small>
      </h2>
      <ul>
        <li
          v-for="item in items"
          :key="item.id"
        >
          <button
            type="button"
            :tabindex="item.id === stop ? 0 : -1"
            :aria-current="item.id === picked"
            @click="$emit('pick', item.id)"
            @dblclick="$emit('open', item)"
          >
            <b
              >{{ item.name
              }}<span
                v-if="favourites.includes(nameOf(item))"
                v-hint="'a favourite of mine'"
                class="star"
              >
                ★</span
              ></b
            >
            <span class="is">{{ item.summary }}</span>
            <small
              ><strong v-if="INSTALLED[item.install]">{{ INSTALLED[item.install] }}</strong
              ><strong v-if="!item.published"> draft</strong><template v-if="item.retired"> retired</template></small
            >
          </button>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
h2 {
  font: 700 14px/1.2 var(--narrow);
  padding: 12px 16px 4px 20px;
  position: sticky;
  top: 0;
  background: var(--paper);
  border-bottom: 1.5px solid var(--ink);
}
h2 small {
  font-weight: 400;
}
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
