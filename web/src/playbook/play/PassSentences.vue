<script setup lang="ts">
import { computed } from 'vue'
import type { PlayWords } from '../../api/types'
import WordInput from '../../words/WordInput.vue'
import WordMenu from '../../words/WordMenu.vue'
import ListedWords from './ListedWords.vue'
import { withOwn } from './playWords'
import ToldMen from './ToldMen.vue'
import { useBody } from './useBody'
import { rows, rowsBack, type Body } from './written'

/** A pass: when and from where it is thrown, who runs what, for whom the quarterback looks. */
const props = defineProps<{ body: Body; words: PlayWords; readonly: boolean }>()
const emit = defineEmits<{ change: [body: Body] }>()
const { set, unless, said } = useBody(props, (body) => emit('change', body))
const routed = computed(() =>
  rows(props.body.routes).map((r) => withOwn(props.words.terms.men, r.who).find((m) => m.id === r.who)!),
)
const fakes = computed(() => [{ id: '', name: 'no run' }, ...props.words.terms.fakes])
const protections = computed(() => [{ id: '', name: 'any protection' }, ...props.words.terms.protections])
const list = (key: string): string[] => (props.body[key] ?? []) as string[]
</script>

<template>
  <p class="say">
    The ball leaves the hand
    <WordInput
      :value="said('throw')"
      label="The ball leaves the hand after, seconds"
      counted
      :readonly="readonly"
      @count="set('throw', $event)"
    />
    s after the snap, from
    <WordMenu
      :value="said('launch', 'set')"
      label="Thrown from"
      :options="words.terms.launches"
      :disabled="readonly"
      after=","
      @pick="set('launch', unless('set', $event))"
    />
    <WordInput
      :value="said('from')"
      label="Thrown at, yards to the play side x yards deep"
      placeholder="at the usual depth"
      :readonly="readonly"
      @change="set('from', $event)"
    />. It looks first like
    <WordMenu
      :value="said('fake')"
      label="Looks first like"
      :options="withOwn(fakes, said('fake'))"
      :disabled="readonly"
      @pick="set('fake', $event)"
    />
    and is thrown behind
    <WordMenu
      :value="said('protection')"
      label="Behind the protection"
      :options="protections"
      :disabled="readonly"
      after="."
      @pick="set('protection', $event)"
    />
  </p>
  <ToldMen
    label="Routes"
    verb="runs the"
    :list="rows(body.routes)"
    :men="words.terms.men"
    :choices="words.routes"
    :readonly="readonly"
    @change="set('routes', rowsBack($event))"
  />
  <p class="say">
    The quarterback looks for
    <ListedWords
      :list="list('progression')"
      :choices="routed"
      label="The quarterback looks for"
      none="them as they are written"
      join=", then "
      more="nobody more"
      out="nobody here"
      :readonly="readonly"
      after="."
      @change="set('progression', $event)"
    />
    For a screen
    <ListedWords
      :list="list('screen')"
      :choices="words.terms.linemen"
      label="Linemen who let the rush go and lead a screen"
      none="nobody"
      join=", then "
      more="nobody more"
      out="nobody here"
      :readonly="readonly"
      @change="set('screen', $event)"
    />
    lets the rush go and leads the ball.
  </p>
  <p class="say">
    It is made to hurt
    <WordInput
      :value="said('attacks')"
      label="Made to hurt"
      placeholder="whom, in your words"
      :readonly="readonly"
      @change="set('attacks', $event)"
    />.
  </p>
</template>

<style scoped src="./sentences.css"></style>
