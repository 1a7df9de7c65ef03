<script setup lang="ts">
import { computed } from 'vue'
import { answer, client, over } from '../api/client'
import type { FilmedPlay } from '../api/types'
import { SIDES } from '../board/lineWords'
import { useLists } from '../shell/lists'
import { useFilm } from './filmStore'

/** The formation that the men were marked in, where the log has another: taken by one press, with the men's names. */
type Stood = FilmedPlay['stood'][number]
const film = useFilm()
const lists = useLists()
/** More are no answer. */
const MOST = 4
const stood = computed(() => film.play?.stood.slice(0, MOST) ?? [])
const named = ({ formation, mirrored }: { formation: string; mirrored: boolean }): string =>
  `${lists.formation(formation)?.name ?? formation}, ${SIDES.find((s) => s.id === String(mirrored))?.name ?? ''}`
const farthest = ({ farthest: man, yards }: Stood): string => `${man} farthest from it by ${yards.toFixed(1)} yd`

function take({ formation, mirrored }: Stood): Promise<void> {
  return film.tried(async () => {
    await film.settled()
    const { id, version } = film.play!
    await answer(
      client.PUT('/api/games/{game}/plays/{play}/formation', {
        params: { path: { game: film.game!.id, play: id }, header: over(version) },
        body: { formation, mirrored },
      }),
    )
    await film.openPlay(id)
  })
}
</script>

<template>
  <div
    v-if="stood.length && film.log"
    class="stood"
    role="status"
  >
    The marks do not stand as {{ named(film.log.snap) }}, but as
    {{ stood.length === 1 ? '' : 'one of these, which the marks do not tell apart: ' }}
    <button
      v-for="s in stood"
      :key="named(s)"
      class="button"
      type="button"
      :aria-label="`Log ${named(s)}`"
      @click="take(s)"
    >
      {{ named(s) }}
    </button>
    <span class="soft"
      >({{ farthest(stood[0]!) }}). Pressed, it is logged, and who was clicked is called as he is in it.</span
    >
  </div>
</template>

<style scoped>
.stood {
  font-size: 14px;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  align-items: center;
  border-left: 4px solid var(--accent);
  padding-left: 8px;
}
</style>
