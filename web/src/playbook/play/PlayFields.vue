<script setup lang="ts">
import { computed, type Component } from 'vue'
import type { PlayWords } from '../../api/types'
import FormationMen from './FormationMen.vue'
import NeedsWords from './NeedsWords.vue'
import OptionSentences from './OptionSentences.vue'
import PassSentences from './PassSentences.vue'
import ProtectionSentences from './ProtectionSentences.vue'
import RouteBook from './RouteBook.vue'
import RunSentences from './RunSentences.vue'
import { useBody } from './useBody'
import type { Body } from './written'

/** One document of the offence in sentences, in the words of the trade. */
const props = defineProps<{ kind: string; body: Body; words: PlayWords; route: string; readonly: boolean }>()
const emit = defineEmits<{ change: [body: Body]; look: [route: string] }>()
const { set, said } = useBody(props, (body) => emit('change', body))
const SENTENCES: Record<string, Component> = {
  run: RunSentences,
  pass: PassSentences,
  option: OptionSentences,
  protection: ProtectionSentences,
}
const sentences = computed(() => SENTENCES[props.kind])
</script>

<template>
  <div>
    <template v-if="sentences">
      <NeedsWords
        :value="said('needs')"
        :known="words.needs"
        :readonly="readonly"
        @change="set('needs', $event)"
      />
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
