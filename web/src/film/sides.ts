import { computed, type Ref, type ShallowRef } from 'vue'
import { answer, client } from '../api/client'
import type { FilmedPlay, GameFilm, ReelSheet } from '../api/types'
import { stepped } from './knownPlaces'

/** What turning to another side shares with the rest of the film room. */
interface Room {
  footage: ShallowRef<GameFilm | undefined>
  reel: ShallowRef<ReelSheet | undefined>
  play: ShallowRef<FilmedPlay | undefined> | Ref<FilmedPlay | undefined>
  /** Clicks that are on their way go first. */
  settled: () => Promise<void>
  /** The clicks on the angle that is in hand then. */
  beginWork: () => void
}

/** The reels of a game, and the sides that the play in hand is seen from. */
export function useSides({ footage, reel, play, settled, beginWork }: Room) {
  const reels = new Map<number, ReelSheet>()

  async function reelOf(id: number): Promise<ReelSheet> {
    const path = { id }
    const found = reels.get(id) ?? (await answer(client.GET('/api/reels/{id}', { params: { path } })))
    reels.set(id, found)
    return found
  }
  /** A reel in hand, before any play is. */
  async function take(id: number | undefined): Promise<void> {
    if (id === undefined) reel.value = undefined
    else if (reel.value?.id !== id) reel.value = await reelOf(id)
  }
  function forget(): void {
    reels.clear()
    reel.value = undefined
  }
  /** The reel, the angle and its clicks change at once: frames of one side are none of another. */
  function to(next: ReelSheet | undefined): void {
    reel.value = next
    beginWork()
  }
  /** The same play from another side, or another reel of the game. */
  async function look(id: number): Promise<void> {
    await settled()
    to(await reelOf(id))
  }
  /** Reels that can be switched to: those the play in hand is on, all of them when none is in hand. */
  const sides = computed(() => {
    const all = footage.value?.reels ?? []
    return play.value ? all.filter((r) => play.value!.angles.some((a) => a.reel === r.id)) : all
  })
  /** The reel that comes after the one in hand. */
  const other = computed(() => {
    const of = sides.value.map((r) => r.id)
    return of.length > 1 ? stepped(of, reel.value?.id, 1) : undefined
  })
  async function walk(): Promise<void> {
    if (other.value !== undefined) await look(other.value)
  }
  return { reelOf, take, forget, to, look, sides, other, walk }
}
