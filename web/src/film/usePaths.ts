import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, client, problemOf } from '../api/client'
import type { PlayPaths } from '../api/types'
import { useFilm } from './filmStore'
import { isGoing, WATCH_MILLIS } from './going'

/** How men moved through the play in hand, as its pictures were followed; and the following itself, which is the server's work. */
export function usePaths() {
  const film = useFilm()
  const versions = computed(() => film.play?.angles.map((a) => `${a.id} ${a.version}`).join() ?? '')
  const { data, refetch } = useQuery({
    queryKey: ['paths of play', () => film.play?.id, versions],
    queryFn: () =>
      answer(
        client.GET('/api/games/{game}/plays/{play}/paths', {
          params: { path: { game: film.game!.id, play: film.play!.id } },
        }),
      ),
    enabled: computed(() => !!film.play?.angles.length),
    // clicks are saved all the time: what was followed before stays in sight until it is known whether it stands
    placeholderData: (before, query) => (query?.queryKey[1] === film.play?.id ? before : undefined),
    refetchInterval: ({ state }) => (state.data?.angles.some((a) => isGoing(a.work)) ? WATCH_MILLIS : false),
  })
  const refused = ref('')
  /** How the angle in hand was followed. */
  const angle = computed(() => data.value?.angles.find((a) => a.angle === film.angle?.id))
  const work = computed(() => (isGoing(angle.value?.work) ? angle.value?.work : undefined))
  const trouble = computed(
    () =>
      refused.value ||
      (angle.value?.work?.state === 'failed' ? `Not followed: ${angle.value.work.words}.` : '') ||
      angle.value?.trouble ||
      '',
  )
  async function tried(what: () => Promise<unknown>): Promise<void> {
    try {
      await what()
      refused.value = ''
    } catch (why) {
      refused.value = problemOf(why).detail
    }
    await refetch()
  }
  const follow = (): Promise<void> =>
    tried(async () => {
      await film.settled()
      await answer(
        client.POST('/api/games/{game}/plays/{play}/angles/{angle}/paths', {
          params: { path: { game: film.game!.id, play: film.play!.id, angle: film.angle!.id } },
        }),
      )
    })
  const cancel = (): Promise<void> =>
    tried(() => answer(client.DELETE('/api/work/{id}', { params: { path: { id: work.value!.id } } })))
  /** Whether everybody was followed to a frame, by the clicks that stand. */
  const reaches = (frame: number): boolean => frame <= (angle.value?.lastFrame ?? -1)
  const men = computed<PlayPaths['men']>(() => data.value?.men ?? [])

  return { men, angle, work, trouble, follow, cancel, reaches }
}
export type Paths = ReturnType<typeof usePaths>
