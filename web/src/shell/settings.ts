import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { Router } from 'vue-router'
import { answer, client } from '../api/client'
import { actionsOf, type Action } from './actions/action'
import { told } from '../programme/figures'
import { FIGURES, queries } from './queries'

interface Setting {
  readonly id: string
  readonly name: string
  readonly words: string
  readonly address: string
}

/** House conventions and figures by name, so that one is gone to without knowing where it stands. */
export const useSettings = defineStore('settings', () => {
  const settings = shallowRef<readonly Setting[]>([])
  async function load(): Promise<void> {
    const conventions = await answer(client.GET('/api/conventions'))
    const { groups } = await queries.fetchQuery(FIGURES)
    settings.value = [
      ...conventions.settings.map((s) => ({
        id: `convention ${s.id}`,
        name: s.title,
        words: s.choices.find((c) => c.id === s.chosen)?.words ?? '',
        address: `/programme#${s.id}`,
      })),
      ...groups.flatMap((g) =>
        g.figures.map((f) => ({
          id: `figure ${g.id} ${f.id}`,
          name: f.what,
          words: `${told(f.value)} ${f.unit}`,
          address: `/programme/figures?find=${encodeURIComponent(f.what)}`,
        })),
      ),
    ]
  }
  const setting = actionsOf('House')
  const finds = (router: Router): Action[] =>
    settings.value.map((s) => ({
      ...setting(s.id, [], s.name, () => void router.push(s.address)),
      words: s.words,
    }))
  return { load, finds }
})
