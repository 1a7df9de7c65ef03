<script setup lang="ts">
import type { PlayWords } from '../../api/types'
import WordInput from '../../words/WordInput.vue'
import WordMenu from '../../words/WordMenu.vue'
import ToldMen from './ToldMen.vue'
import { useBody } from './useBody'
import { rows, rowsBack, type Body } from './written'

/** A run-pass option: the run, the man it reads, the throw. */
const props = defineProps<{ body: Body; words: PlayWords; readonly: boolean }>()
const emit = defineEmits<{ change: [body: Body] }>()
const { set, said } = useBody(props, (body) => emit('change', body))
</script>

<template>
  <p class="say">
    The run is
    <WordMenu
      :value="said('run')"
      label="The run"
      :options="words.terms.runs"
      :disabled="readonly"
      after="."
      @pick="set('run', $event)"
    />
    The quarterback reads
    <WordMenu
      :value="said('reads')"
      label="The quarterback reads"
      :options="words.terms.reads"
      :disabled="readonly"
      @pick="set('reads', $event)"
    />
    and throws
    <WordInput
      :value="said('thrown')"
      label="Thrown after, seconds"
      counted
      :readonly="readonly"
      @count="set('thrown', $event)"
    />
    s after the snap.
  </p>
  <ToldMen
    label="Routes"
    verb="runs the"
    :list="rows(body.route)"
    :men="words.terms.men"
    :choices="words.routes"
    :readonly="readonly"
    @change="set('route', rowsBack($event))"
  />
</template>

<style scoped src="./sentences.css"></style>
