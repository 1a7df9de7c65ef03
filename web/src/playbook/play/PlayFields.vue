<script setup lang="ts">
import { computed, type Component } from 'vue'
import type { PlayWords } from '../../api/types'
import FormationMen from './FormationMen.vue'
import ListedWords from './ListedWords.vue'
import OptionSentences from './OptionSentences.vue'
import PassSentences from './PassSentences.vue'
import ProtectionSentences from './ProtectionSentences.vue'
import RouteBook from './RouteBook.vue'
import RunSentences from './RunSentences.vue'
import { useBody } from './useBody'
import { needsOf, type Body } from './written'

/** One document of the offence in sentences, in the words of the trade. */
const props = defineProps<{ kind: string; body: Body; words: PlayWords; route: string; readonly: boolean }>()
const emit = defineEmits<{ change: [body: Body]; look: [route: string] }>()
const { set } = useBody(props, (body) => emit('change', body))
const SENTENCES: Record<string, Component> = {
  run: RunSentences,
  pass: PassSentences,
  option: OptionSentences,
  protection: ProtectionSentences,
}
const needs = computed(() => props.words.needs.map((need) => ({ id: need, name: need })))
const sentences = computed(() => SENTENCES[props.kind])
</script>

<template>
  <div>
    <template v-if="sentences">
      <p class="say">
        Of the formation it needs
        <ListedWords
          label="Need, seen from the play side"
          :list="needsOf(body)"
          :choices="needs"
          join=" and "
          none="nothing"
          more="nothing more"
          out="not this one"
          free
          :readonly="readonly"
          after="."
          @change="set('needs', $event)"
        />
      </p>
      <component
        :is="sentences"
        :body="body"
        :words="words"
        :readonly="readonly"
        @change="emit('change', $event)"
      />
      <p class="hint">
        Said to the play side: “my side” is where it goes, “backside” is away from it. Run the other way, everything
        turns over.
      </p>
    </template>
    <RouteBook
      v-else-if="kind === 'routes'"
      :body="body"
      :route="route"
      :readonly="readonly"
      @change="set('routes', $event)"
      @look="emit('look', $event)"
    />
    <FormationMen
      v-else
      :body="body"
      :readonly="readonly"
      @change="emit('change', $event)"
    />
  </div>
</template>

<style scoped src="./sentences.css"></style>
