import { computed, ref, type ComputedRef } from 'vue'
import type { RepWords } from '../api/types'
import { keptKey } from '../shell/kept'

/** One man on one play of one game. */
export interface RepAt {
  game: number
  play: number
  job: string
}
/** A word that the server has not heard yet, and the version it is said over. */
export interface Unheard {
  words: RepWords
  read: number
}
export interface UnheardWords {
  count: ComputedRef<number>
  of: (at: RepAt) => Unheard | undefined
  /** In the order they were first said. */
  all: () => RepAt[]
  say: (at: RepAt, what: Unheard) => void
  /** The server has it; what was said since is said over that version. */
  heard: (at: RepAt, sent: RepWords, version: number) => void
  forget: (at: RepAt) => void
}

/** Words on their way to the server, kept on this machine one by one, so that two windows do not write over each other's. */
export function unheardWords(storage: Storage = localStorage): UnheardWords {
  const prefix = keptKey('grades.')
  const nameOf = ({ game, play, job }: RepAt): string => `${game}.${play}.${job}`
  const kept = ref<Record<string, Unheard>>({})
  for (let i = 0; i < storage.length; i++) {
    const key = storage.key(i)!
    if (key.startsWith(prefix)) kept.value[key.slice(prefix.length)] = JSON.parse(storage.getItem(key)!) as Unheard
  }
  function say(at: RepAt, what: Unheard): void {
    kept.value = { ...kept.value, [nameOf(at)]: what }
    storage.setItem(prefix + nameOf(at), JSON.stringify(what))
  }
  function forget(at: RepAt): void {
    const { [nameOf(at)]: gone, ...rest } = kept.value
    kept.value = rest
    if (gone) storage.removeItem(prefix + nameOf(at))
  }
  function all(): RepAt[] {
    return Object.keys(kept.value).map((name) => {
      const [game, play, ...job] = name.split('.')
      return { game: Number(game), play: Number(play), job: job.join('.') }
    })
  }
  return {
    count: computed(() => Object.keys(kept.value).length),
    of: (at) => kept.value[nameOf(at)],
    all,
    say,
    heard: (at, sent, version) => {
      const now = kept.value[nameOf(at)]
      if (now && JSON.stringify(now.words) !== JSON.stringify(sent)) say(at, { words: now.words, read: version })
      else forget(at)
    },
    forget,
  }
}
