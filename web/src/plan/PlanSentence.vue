<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed } from 'vue'
import WordMenu from '../words/WordMenu.vue'
import { ORDERS } from './order'
import { usePlan, WHICH } from './planStore'
import { counted } from '../words/counted'

/** Which calls are tried against which formations, how, and in which order they are shown. */
const props = defineProps<{ all: number; week: number }>()
const { which, motions, plays, against, order, wanted } = storeToRefs(usePlan())
const AGAINST = computed(() => [
  { id: 'all', name: props.all ? `${props.all} formations` : 'all formations' },
  { id: 'plan', name: `this week's ${props.week}` },
])
</script>

<template>
  <h1 class="sentence words">
    Plan audit <em>·</em> {{ wanted ? counted(wanted, 'call') : 'calls' }} of
    <WordMenu
      :value="which"
      label="Which calls"
      :options="WHICH"
      strong
      @pick="which = $event"
    />
    <em> against</em>
    <WordMenu
      :value="against"
      label="Which formations"
      :options="AGAINST"
      after=","
      @pick="against = $event"
    />
    <WordMenu
      :value="String(motions)"
      label="Motions"
      after=","
      :options="[
        { id: 'true', name: 'with every motion' },
        { id: 'false', name: 'as set' },
      ]"
      @pick="motions = $event === 'true'"
    />
    <WordMenu
      :value="String(plays)"
      label="Plays"
      :options="[
        { id: 'false', name: 'lined up' },
        { id: 'true', name: 'with every play run at it' },
      ]"
      after=","
      @pick="plays = $event === 'true'"
    />
    <WordMenu
      :value="order"
      label="Order"
      :options="ORDERS"
      @pick="order = $event"
    />
  </h1>
</template>
