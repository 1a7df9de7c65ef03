<script setup lang="ts">
import WordInput from '../../words/WordInput.vue'
import MotionRows from './MotionRows.vue'
import { useBody } from './useBody'
import type { Body } from './written'

/** A formation: where its men stand, its family, its motions. */
const props = defineProps<{ body: Body; readonly: boolean }>()
const emit = defineEmits<{ change: [body: Body] }>()
const { set, said } = useBody(props, (body) => emit('change', body))
</script>

<template>
  <p class="say">
    It is of the family
    <WordInput
      :value="said('family', 'own')"
      label="Family"
      :readonly="readonly"
      @change="set('family', $event)"
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
