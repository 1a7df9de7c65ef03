<script setup lang="ts">
import type { JobRow, PlaySheet } from '../api/types'
import { labelled } from './findings'

/** What tells the call before the snap, and who has far to go after it. */
const props = defineProps<{ travels: PlaySheet['travels']; pairs: PlaySheet['pairs']; jobs: readonly JobRow[] }>()
const label = labelled(() => props.jobs)
</script>

<template>
  <section aria-label="Tells">
    <h3>Tells <span class="soft">what gives the call away</span></h3>
    <p
      v-if="!travels.length && !pairs.length"
      class="soft"
    >
      Nobody moves after the snap picture, and no call of this week's plan can be told from this one.
    </p>
    <p
      v-for="t in travels"
      :key="t.job"
    >
      <b>{{ label(t.job) }}</b> has {{ t.yards.toFixed(1) }} yd from where he shows, {{ t.seconds.toFixed(1) }} s.
    </p>
    <p
      v-for="p in pairs"
      :key="p.call"
    >
      Told from <b>{{ p.call }}</b>{{
        p.men ? ` by ${p.by ? label(p.by) : ''}, ${p.yards.toFixed(1)} yd; ${p.men} men in all` : ''
      }}{{ p.stance ? `; stance of ${label(p.stance)}` : '' }}.
    </p>
  </section>
</template>

<style scoped src="./answers.css"></style>
