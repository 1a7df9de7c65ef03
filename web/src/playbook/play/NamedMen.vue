<script setup lang="ts">
import { computed } from 'vue'
import type { Choice } from '../../words/fitting'
import WordMenu from '../../words/WordMenu.vue'
import { called, withOwn } from './playWords'

/** Men one after another; with none of them the sentence says what that means. */
const props = defineProps<{ list: string[]; men: readonly Choice[]; label: string; none: string; readonly: boolean }>()
const emit = defineEmits<{ change: [list: string[]] }>()
const NOBODY = { id: '', name: 'nobody here' }
const left = computed(() => props.men.filter((m) => !props.list.includes(m.id)))
const set = (at: number, who: string): void =>
  emit(
    'change',
    props.list.flatMap((m, i) => (i !== at ? [m] : who ? [who] : [])),
  )
</script>

<template>
  <span
    ><template
      v-for="(m, i) in list"
      :key="i"
      >{{ i ? ', then ' : ''
      }}<WordMenu
        :value="m"
        :label="`${label}, ${i + 1}`"
        :options="withOwn([{ id: m, name: called(men, m) }, ...left, NOBODY], m)"
        :disabled="readonly"
        @pick="set(i, $event)" /></template
    ><template v-if="!readonly && left.length"
      >{{ list.length ? ', then ' : ''
      }}<WordMenu
        value=""
        :label="list.length ? `${label}, one more` : label"
        :options="left"
        :empty="list.length ? 'nobody more' : none"
        @pick="emit('change', [...list, $event])" /></template
    ><template v-else-if="!list.length">{{ none }}</template></span
  >
</template>
