import { computed, ref, shallowRef, type ComputedRef, type Ref } from 'vue'
import { problemOf } from '../api/client'
import type { Paged } from '../api/types'

export interface PagedList<T> {
  items: Ref<T[]>
  /** Items on all pages; undefined until the first has come. */
  total: Ref<number | undefined>
  /** How many are not shown yet. */
  left: ComputedRef<number>
  fault: Ref<string>
  /** Begins anew with the first page. */
  load: () => Promise<void>
  /** Adds the next page. */
  more: () => Promise<void>
}

/** A list that grows, asked for page by page. */
export function usePaged<T>(ask: (page: number) => Promise<Paged<T>>): PagedList<T> {
  const items = shallowRef<T[]>([])
  const total = ref<number>()
  const fault = ref('')
  const left = computed(() => Math.max(0, (total.value ?? 0) - items.value.length))
  let next = 0
  async function add(page: number, before: readonly T[]): Promise<void> {
    try {
      const found = await ask(page)
      items.value = [...before, ...found.items]
      total.value = found.total
      next = page + 1
      fault.value = ''
    } catch (error) {
      fault.value = problemOf(error).detail
    }
  }
  return { items, total, left, fault, load: () => add(0, []), more: () => add(next, items.value) }
}
