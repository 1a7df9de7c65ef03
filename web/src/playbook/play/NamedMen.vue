<script setup lang="ts">
import { computed } from 'vue'
import WordMenu from '../../words/WordMenu.vue'
import { manChoice, withOwn } from './playWords'

/** Men one after another; with none of them the sentence says what that means. */
const props = defineProps<{ list: string[]; men: string[]; label: string; none: string; readonly: boolean }>()
const emit = defineEmits<{ change: [list: string[]] }>()
const NOBODY = { id: '', name: 'nobody here' }
const left = computed(() => props.men.filter((m) => !props.list.includes(m)).map(manChoice))
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
      :key="m"
      >{{ i ? ', then ' : ''
      }}<WordMenu
        :value="m"
        :label="`${label}, ${i + 1}`"
        :options="withOwn([manChoice(m), ...left, NOBODY], m)"
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
