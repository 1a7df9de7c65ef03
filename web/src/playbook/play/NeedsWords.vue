<script setup lang="ts">
import { computed } from 'vue'
import WordMenu from '../../words/WordMenu.vue'
import { called, withOwn } from './playWords'
import { needsApart, needsTogether } from './written'

/** What a play needs of the formation, one thing after another: chosen of what other plays need, or typed. */
const props = defineProps<{ value: string; known: readonly string[]; readonly: boolean }>()
const emit = defineEmits<{ change: [needs: string] }>()
const NO_MORE = { id: '', name: 'not this one' }
const needs = computed(() => needsApart(props.value))
const choices = computed(() =>
  [...new Set(props.known.flatMap(needsApart))]
    .sort((a, b) => a.localeCompare(b))
    .map((need) => ({ id: need, name: need.replace(/^\((.*)\)$/, '$1') })),
)
const left = computed(() => choices.value.filter((c) => !needs.value.includes(c.id)))
const set = (at: number, need: string): void =>
  emit('change', needsTogether(needs.value.flatMap((n, i) => (i !== at ? [n] : need ? [need] : []))))
</script>

<template>
  <p class="say">
    Of the formation it needs
    <template
      v-for="(need, i) in needs"
      :key="i"
      >{{ i ? ' and ' : ''
      }}<WordMenu
        :value="need"
        :label="`Need ${i + 1}, seen from the play side`"
        :options="withOwn([{ id: need, name: called(choices, need) }, ...left, NO_MORE], need)"
        :disabled="readonly"
        free
        @pick="set(i, $event)" /></template
    ><template v-if="!readonly"
      >{{ needs.length ? ' and ' : ''
      }}<WordMenu
        value=""
        :label="needs.length ? 'One more need' : 'Need, seen from the play side'"
        :options="left"
        :empty="needs.length ? 'nothing more' : 'nothing'"
        free
        @pick="emit('change', needsTogether([...needs, $event]))" /></template
    ><template v-else-if="!needs.length">nothing</template>.
  </p>
</template>

<style scoped src="./sentences.css"></style>
