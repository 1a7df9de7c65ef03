<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { ref } from 'vue'
import { answer, client, problemOf } from '../api/client'
import type { JoinOffer } from '../api/types'
import FaultSaid from '../shell/FaultSaid.vue'
import { counted } from '../words/counted'

/** Other games whose log reads like this one's: perhaps the same game from another side. Nothing is joined unasked. */
const props = defineProps<{ game: number }>()
const emit = defineEmits<{ joined: [] }>()
const { data: offers, refetch } = useQuery({
  queryKey: ['joins', props.game],
  queryFn: () => answer(client.GET('/api/games/{game}/joins', { params: { path: { game: props.game } } })),
})
const fault = ref('')
const busy = ref(false)

async function join(offer: JoinOffer, pairs: JoinOffer['pairs']): Promise<void> {
  busy.value = true
  try {
    for (const { here, there } of pairs)
      await answer(
        client.POST('/api/games/{game}/joins', {
          params: { path: { game: props.game } },
          body: { here: here.id, game: offer.game, there: there.id },
        }),
      )
    fault.value = ''
  } catch (error) {
    fault.value = problemOf(error).detail
  }
  busy.value = false
  await refetch()
  emit('joined')
}
</script>

<template>
  <FaultSaid :words="fault" />
  <div
    v-for="o in offers ?? []"
    :key="o.game"
    class="offer"
    role="status"
  >
    <p>
      <b>{{ o.opponent }}</b> looks like this game from another side: {{ o.pairs.length }} of its
      {{ counted(o.plays, 'play') }} are logged with the same formation, spot, down and call. Joined, a play has both
      films and counts once; where one coach graded the same man in both, this game's mark stands and the other is kept
      in its note.
    </p>
    <p class="acts">
      <button
        class="button main"
        type="button"
        :disabled="busy"
        @click="join(o, o.pairs)"
      >
        Join {{ counted(o.pairs.length, 'play') }}
      </button>
      <button
        v-for="p in o.pairs"
        :key="p.here.id"
        class="link"
        type="button"
        :disabled="busy"
        @click="join(o, [p])"
      >
        {{ p.here.number }} with {{ p.there.number }}
      </button>
    </p>
  </div>
</template>

<style scoped>
.offer {
  border: 1.5px solid var(--ink);
  padding: 10px 14px;
  max-width: 760px;
}
.acts {
  margin-top: 8px;
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
</style>
