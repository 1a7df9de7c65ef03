import { defineStore } from 'pinia'
import { useKept } from './kept'

/** A document by its kind and id. */
export interface Named {
  kind: string
  id: string
}
/** So many are remembered as used. */
const REMEMBERED = 15
export const nameOf = ({ kind, id }: Named): string => `${kind}/${id}`

/** What this coach likes and what he used last, the latest first; kept on this machine. */
export const useAtHand = defineStore('at hand', () => {
  const favourites = useKept<string[]>('playbook.favourites', [])
  const used = useKept<string[]>('playbook.used', [])
  const isFavourite = (item: Named): boolean => favourites.value.includes(nameOf(item))

  function turn(item: Named): void {
    const name = nameOf(item)
    favourites.value = isFavourite(item) ? favourites.value.filter((n) => n !== name) : [...favourites.value, name]
  }
  function use(item: Named): void {
    const name = nameOf(item)
    used.value = [name, ...used.value.filter((n) => n !== name)].slice(0, REMEMBERED)
  }
  return { favourites, used, isFavourite, turn, use }
})
