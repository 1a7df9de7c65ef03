<script setup lang="ts">
import { computed } from 'vue'
import { useLists } from '../../shell/lists'
import WordInput from '../../words/WordInput.vue'
import WordMenu from '../../words/WordMenu.vue'
import MotionRows from './MotionRows.vue'
import { withOwn } from './playWords'
import { useBody } from './useBody'
import type { Body } from './written'

/** A formation: where its men stand, its family, its motions. */
const props = defineProps<{ body: Body; readonly: boolean }>()
const emit = defineEmits<{ change: [body: Body] }>()
const lists = useLists()
const families = computed(() =>
  [...new Set(lists.choices?.formations.map((f) => f.family))].map((name) => ({ id: name, name })),
)
const { set, said } = useBody(props, (body) => emit('change', body))
</script>

<template>
  <p class="say">
    It is of the family
    <WordMenu
      :value="said('family', 'own')"
      label="Family"
      :options="withOwn(families, said('family', 'own'))"
      :disabled="readonly"
      free
      @pick="set('family', $event)"
    />
    and its men stand, across from the ball and their depth after a stroke,
    <WordInput
      :value="said('men')"
      label="Men: place across from the ball, depth after a stroke"
      :readonly="readonly"
      @change="set('men', $event)"
    />.
  </p>
  <MotionRows
    :body="body"
    :readonly="readonly"
    @change="set('motions', $event)"
  />
</template>

<style scoped src="./sentences.css"></style>
