<script setup lang="ts">
import type { JobRow, RunSheet } from '../api/types'
import { labelled } from './findings'

/** What each man's key tells him on a play, and what he is taught to do on it. */
const props = defineProps<{ keys: RunSheet['keys']; jobs: readonly JobRow[] }>()
const label = labelled(() => props.jobs)
</script>

<template>
  <section
    v-if="keys.length"
    aria-label="Keys"
  >
    <h3>What the keys show <span class="soft">and what each man is taught on it</span></h3>
    <table>
      <tbody>
        <tr
          v-for="k in keys"
          :key="k.job"
        >
          <th scope="row">{{ label(k.job) }}</th>
          <td>
            {{ k.key }} ({{ k.whose }}): {{ k.message }} at {{ k.seconds.toFixed(1) }} s<small>{{ k.answer }}</small>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped src="./answers.css"></style>
