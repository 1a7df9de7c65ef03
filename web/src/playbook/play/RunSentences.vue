<script setup lang="ts">
import { computed } from 'vue'
import type { PlayWords } from '../../api/types'
import WordInput from '../../words/WordInput.vue'
import WordMenu from '../../words/WordMenu.vue'
import CheckList from './CheckList.vue'
import { withOwn } from './playWords'
import ToldMen from './ToldMen.vue'
import { useBody } from './useBody'
import { rows, rowsBack, type Body } from './written'

/** A run: where it aims, who has the ball when, who blocks whom. */
const props = defineProps<{ body: Body; words: PlayWords; readonly: boolean }>()
const emit = defineEmits<{ change: [body: Body] }>()
const { set, setIn, unless, said } = useBody(props, (body) => emit('change', body))
const ball = computed(() => (props.body.ball ?? {}) as Record<string, string | number>)
const carrier = computed(() => String(ball.value.carrier ?? ''))
</script>

<template>
  <p class="say">
    It aims at
    <WordMenu
      :value="said('point')"
      label="Aims at"
      :options="words.terms.points"
      :disabled="readonly"
      after="."
      @pick="set('point', $event)"
    />
    The
    <WordMenu
      :value="carrier"
      label="Carried by, the first who is there"
      :options="withOwn(words.terms.men, carrier)"
      :disabled="readonly"
      free
      @pick="setIn('ball', 'carrier', $event)"
    />
    carries it and has the ball
    <WordInput
      :value="ball.gun ?? 0"
      label="Has the ball from gun, seconds"
      counted
      :readonly="readonly"
      @count="setIn('ball', 'gun', $event)"
    />
    s after the snap from gun,
    <WordInput
      :value="ball.under ?? 0"
      label="Has the ball from under centre, seconds"
      counted
      :readonly="readonly"
      @count="setIn('ball', 'under', $event)"
    />
    s from under centre, at
    <WordInput
      :value="ball.mesh ?? ''"
      label="Gets it at, yards to the play side x yards deep"
      placeholder="his usual place"
      :readonly="readonly"
      @change="setIn('ball', 'mesh', $event)"
    />.
  </p>
  <p class="say">
    It begins
    <WordMenu
      :value="String(ball.first ?? 'straight')"
      label="Begins"
      :options="words.terms.firsts"
      :disabled="readonly"
      @pick="setIn('ball', 'first', unless('straight', $event))"
    />
    and leaves
    <WordMenu
      :value="said('leaves', 'nobody')"
      label="Leaves unblocked"
      :options="words.terms.leaves"
      :disabled="readonly"
      @pick="set('leaves', unless('nobody', $event))"
    />
    unblocked.
  </p>
  <ToldMen
    label="Blocks"
    verb="is told"
    :list="rows(body.blocks)"
    :men="words.terms.men"
    :choices="words.terms.blocks"
    :readonly="readonly"
    @change="set('blocks', rowsBack($event))"
  />
  <CheckList
    label="As an option the ball can go to"
    :value="body.paths"
    :options="words.terms.paths"
    :readonly="readonly"
    @change="set('paths', $event)"
  />
</template>

<style scoped src="./sentences.css"></style>
