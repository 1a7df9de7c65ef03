<script setup lang="ts">
import type { PlayWords } from '../../api/types'
import WordMenu from '../../words/WordMenu.vue'
import CheckList from './CheckList.vue'
import { useBody } from './useBody'
import type { Body } from './written'

/** A protection: how the line counts, and who stays in. */
const props = defineProps<{ body: Body; words: PlayWords; readonly: boolean }>()
const emit = defineEmits<{ change: [body: Body] }>()
const { set, unless, said } = useBody(props, (body) => emit('change', body))
</script>

<template>
  <p class="say">
    The line counts by
    <WordMenu
      :value="said('scheme', 'half slide')"
      label="The line counts by"
      :options="words.terms.schemes"
      :disabled="readonly"
      after="."
      @pick="set('scheme', unless('half slide', $event))"
    />
  </p>
  <CheckList
    label="Stay in besides the five"
    :value="body.stay"
    :options="words.terms.stays"
    :readonly="readonly"
    @change="set('stay', $event)"
  />
</template>

<style scoped src="./sentences.css"></style>
