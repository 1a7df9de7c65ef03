<script setup lang="ts">
import { computed } from 'vue'
import type { Effort } from '../api/types'
import { counted } from '../words/counted'
import PlaysLink from './PlaysLink.vue'

/** How fast he was on plays on which he was followed, against his own speed. */
const props = withDefaults(defineProps<{ effort: Effort; leads?: boolean }>(), { leads: true })
const all = computed(() => props.effort.plays.map((p) => p.at))
const slowestFirst = computed(() => [...props.effort.plays].sort((a, b) => a.yardsASecond - b.yardsASecond).slice(0, 5))
</script>

<template>
  <div v-if="effort.plays.length">
    <p>
      <template v-if="effort.own !== undefined">
        His own speed, reached on two plays: <b>{{ effort.own.toFixed(1) }} yd/s</b>. On
        <PlaysLink
          :plays="all"
          of="Plays on which he was followed"
          :leads="leads"
          >{{ counted(effort.plays.length, 'play') }}</PlaysLink
        >
        followed he ran <b>{{ effort.medianPercent }} %</b> of it at his fastest, in the middle. The slowest:
      </template>
      <template v-else>
        Followed on
        <PlaysLink
          :plays="all"
          of="Plays on which he was followed"
          :leads="leads"
          >{{ counted(effort.plays.length, 'play') }}</PlaysLink>, too few for a speed of his own:
      </template>
    </p>
    <ul class="row">
      <li
        v-for="p in slowestFirst"
        :key="`${p.at.game} ${p.at.number}`"
      >
        <PlaysLink
          :plays="[p.at]"
          of="His pace"
          :leads="leads"
          >{{ p.at.opponent }}, play {{ p.at.number }}</PlaysLink
        >: {{ p.yardsASecond.toFixed(1) }} ± {{ p.doubt.toFixed(1) }} yd/s<template v-if="p.percent !== undefined"
          >, {{ p.percent }} %</template
        >
      </li>
    </ul>
    <p class="soft">
      How fast he was says nothing of what he was asked: who covers short has nowhere to run. Look before it is called
      effort.
    </p>
  </div>
</template>
