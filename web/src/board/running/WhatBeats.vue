<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { answer, client, faultOf } from '../../api/client'
import FaultSaid from '../../shell/FaultSaid.vue'
import { queries } from '../../shell/queries'
import { useSession } from '../../shell/session'
import { usePlays, type Picked } from '../playsStore'
import { percent, yards } from './figures'
import PlayMends from './PlayMends.vue'

/** Every play there is, run at the call: worst first, with what a typical snap of it is put down to. */
const emit = defineEmits<{ pick: [play: Picked] }>()
const plays = usePlays()
const session = useSession()
const mayWrite = computed(() => session.me?.mayWrite ?? false)
const on = ref(false)
const MOST = 8
const all = ref(false)
const asked = useQuery(
  computed(() => {
    const body = plays.painted
    return {
      queryKey: ['what beats', body],
      queryFn: () => answer(client.POST('/api/snap-runs/worst', { body: body! })),
      enabled: on.value && !!body,
      staleTime: Infinity,
    }
  }),
  queries,
)
const rows = computed(() => (on.value ? (asked.data.value ?? []) : []))
const shown = computed(() => (all.value ? rows.value : rows.value.slice(0, MOST)))
const trouble = computed(() => (on.value ? faultOf(asked.error.value) : ''))
watch(
  () => plays.painted,
  () => (on.value = false),
)
type Row = (typeof rows.value)[number]
const playOf = (r: Row): Picked => ({ kind: r.kind, id: r.play, left: r.side === 'left' })
const keyOf = (r: Row): string => `${r.play} ${r.side}`
/** Whose mends are open. */
const mended = ref<string>()
</script>

<template>
  <section
    class="beats"
    aria-label="What beats it"
  >
    <button
      v-if="!on"
      class="button"
      type="button"
      @click="on = true"
    >
      What beats it?
    </button>
    <FaultSaid :words="trouble" />
    <p
      v-if="on && asked.isPending.value"
      class="soft"
      role="status"
    >
      Running every play there is.
    </p>
    <p
      v-if="on && asked.data.value && !rows.length"
      class="soft"
    >
      No play is run from this formation yet.
    </p>
    <template v-if="rows.length">
      <table>
        <thead>
          <tr>
            <th>Play, worst first (model, 40 snaps each)</th>
            <th>holds</th>
            <th>mean</th>
          </tr>
        </thead>
        <tbody>
          <template
            v-for="r in shown"
            :key="keyOf(r)"
          >
            <tr>
              <th scope="row">
                <button
                  class="link"
                  type="button"
                  @click="emit('pick', playOf(r))"
                >
                  {{ r.name }} {{ r.side }}</button
                ><small>{{ r.why }}</small>
                <button
                  v-if="mayWrite"
                  class="link"
                  type="button"
                  :aria-expanded="mended === keyOf(r)"
                  @click="mended = mended === keyOf(r) ? undefined : keyOf(r)"
                >
                  {{ mended === keyOf(r) ? 'close' : 'What mends it?' }}
                </button>
              </th>
              <td>{{ percent(r.holds) }}</td>
              <td>{{ yards(r.mean) }}</td>
            </tr>
            <tr v-if="mended === keyOf(r)">
              <td
                class="mend"
                colspan="3"
              >
                <PlayMends :play="playOf(r)" />
              </td>
            </tr>
          </template>
        </tbody>
      </table>
      <button
        v-if="!all && rows.length > MOST"
        class="link"
        type="button"
        @click="all = true"
      >
        All {{ rows.length }}
      </button>
    </template>
  </section>
</template>

<style scoped src="../answers.css"></style>
<style scoped src="./outcomes.css"></style>
<style scoped>
.beats {
  font: 400 14px/1.35 var(--narrow);
  padding: 6px 0;
}
td.mend {
  padding: 0;
}
</style>
