<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { storeToRefs } from 'pinia'
import { computed, ref } from 'vue'
import { answer, client, faultOf } from '../../api/client'
import FaultSaid from '../../shell/FaultSaid.vue'
import { callChoices, useLists } from '../../shell/lists'
import { queries } from '../../shell/queries'
import WordMenu from '../../words/WordMenu.vue'
import { useBoard } from '../boardStore'
import { usePlays } from '../playsStore'
import { useBeside } from './besideStore'
import { percent, yards } from './figures'

/** Which of this week's calls holds the play best, and one of them, or any other, beside the one on the board. */
const board = useBoard()
const plays = usePlays()
const lists = useLists()
const { call, row, trouble: besideTrouble } = storeToRefs(useBeside())
const on = ref(false)
const asked = useQuery(
  computed(() => {
    const play = plays.there
    const body = { ...plays.painted!, play: play?.id ?? '', left: play?.left ?? false }
    return {
      queryKey: ['at calls', body],
      queryFn: () => answer(client.POST('/api/snap-runs/calls', { body })),
      enabled: on.value && !!plays.painted && !!play,
      staleTime: Infinity,
    }
  }),
  queries,
)
const rows = computed(() => (on.value ? (asked.data.value ?? []) : []))
const trouble = computed(() => (on.value ? faultOf(asked.error.value) : ''))
const others = computed(() =>
  callChoices(
    lists.calls.filter((c) => c.id !== board.callId && c.players === lists.playersOf(board.callId)),
    lists.choices?.formations.find((f) => f.id === board.snap.formation),
  ),
)
const nameOf = (id: string): string => lists.call(id)?.name ?? id
const beside = (id: string): void => void (call.value = call.value === id ? undefined : id)
</script>

<template>
  <section
    class="calls"
    aria-label="At other calls"
  >
    <h3>Which call holds it</h3>
    <p>
      <button
        v-if="!on"
        class="button"
        type="button"
        @click="on = true"
      >
        Run it at this week's calls
      </button>
      <WordMenu
        :value="call ?? ''"
        label="Another call beside it"
        :options="others"
        empty="another call beside it"
        field
        @pick="call = $event"
      />
      <button
        v-if="call"
        class="link"
        type="button"
        @click="call = undefined"
      >
        one field again
      </button>
    </p>
    <FaultSaid :words="trouble || besideTrouble" />
    <p
      v-if="on && asked.isPending.value"
      class="soft"
      role="status"
    >
      Running it at each of them.
    </p>
    <table v-if="rows.length">
      <thead>
        <tr>
          <th>Call, best first (model, 200 snaps each)</th>
          <th>holds</th>
          <th>mean</th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="r in rows"
          :key="r.call"
        >
          <th scope="row">
            <b v-if="r.call === board.callId">{{ nameOf(r.call) }}, on the board</b>
            <button
              v-else
              class="link"
              type="button"
              :aria-pressed="call === r.call"
              @click="beside(r.call)"
            >
              {{ nameOf(r.call) }}</button><small>{{ r.why }}</small>
          </th>
          <td>{{ percent(r.holds) }}</td>
          <td>{{ yards(r.mean) }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="on && asked.data.value && rows.length === 1">
      No other call of this week's plan is meant for this formation: choose one above.
    </p>
    <template v-if="row">
      <p>
        <b>{{ nameOf(row.call) }}:</b> {{ row.said }}
      </p>
      <p>
        <b>{{ row.difference.said }}</b>
        <small
          >The difference lies between {{ yards(row.difference.least) }} and {{ yards(row.difference.most) }}, 95 times
          of 100; both have the same luck.</small
        >
      </p>
      <p>
        This snap: {{ row.snap.cause.blame }} <span class="soft">{{ yards(row.snap.gain) }}</span>
      </p>
    </template>
  </section>
</template>

<style scoped src="../answers.css"></style>
<style scoped src="./outcomes.css"></style>
