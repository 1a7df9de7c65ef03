<script setup lang="ts">
import { useTemplateRef } from 'vue'
import { useWalked } from '../shell/walked'
import { costWords, type Left } from './usePressure'

/** What the others can play behind it, where the least breaks first. */
defineProps<{ left: readonly Left[]; picked?: string; stays: string }>()
defineEmits<{ pick: [coverage: string] }>()
const lines = useTemplateRef<HTMLElement>('lines')
useWalked(lines, 'li')
defineExpose({ focus: () => lines.value?.querySelector<HTMLElement>('button[tabindex="0"]')?.focus() })
</script>

<template>
  <h2>
    What is left for {{ stays }}
    <span class="soft"
      >every play run at each; of those that give nothing for nothing, what is usual behind so many first</span
    >
  </h2>
  <ol ref="lines">
    <li
      v-for="l in left"
      :key="l.coverage"
    >
      <button
        type="button"
        :class="{ picked: l.coverage === picked, bust: l.busts, weak: !l.busts && l.weak }"
        :aria-pressed="l.coverage === picked"
        @click="$emit('pick', l.coverage)"
      >
        <b>{{ l.name }}</b> <span class="cost">{{ costWords(l) }}</span><small
          >{{ l.words }}{{ l.usual ? '' : '; not usual behind so many'
          }}{{ l.carried ? '' : '; the front does not carry it' }}</small
        ><small v-if="l.worst && l.coverage === picked">{{ l.worst }}</small>
      </button>
    </li>
  </ol>
</template>

<style scoped src="./lists.css"></style>
<style scoped>
button {
  all: unset;
  box-sizing: border-box;
  width: 100%;
  cursor: pointer;
  padding: 4px 6px;
  border-bottom: 1px solid var(--faint);
  border-left: 4px solid var(--sound);
  font: 400 15px/1.35 var(--narrow);
}
button:focus-visible {
  outline: 3px solid var(--ink);
  outline-offset: -3px;
}
.weak {
  border-left-color: var(--ink);
}
.bust {
  border-left: 4px double var(--bust);
}
.picked {
  background: var(--pick);
}
.cost {
  float: right;
  font-weight: 600;
}
small {
  display: block;
  font-size: 13px;
  color: var(--soft);
}
</style>
