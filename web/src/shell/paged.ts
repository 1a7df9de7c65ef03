import { useInfiniteQuery } from '@tanstack/vue-query'
import { computed, type ComputedRef } from 'vue'
import { faultOf } from '../api/client'
import type { Paged } from '../api/types'

export interface PagedList<T> {
  items: ComputedRef<T[]>
  /** Items on all pages; undefined until the first has come. */
  total: ComputedRef<number | undefined>
  /** How many are not shown yet. */
  left: ComputedRef<number>
  fault: ComputedRef<string>
  /** Asks anew for the pages that are shown. */
  load: () => Promise<unknown>
  /** Adds the next page. */
  more: () => Promise<unknown>
}

/** A list that grows, asked for page by page; what is shown stays when a page does not come. */
export function usePaged<T>(
  key: () => readonly unknown[],
  ask: (page: number) => Promise<Paged<T>>,
  enabled: () => boolean = () => true,
): PagedList<T> {
  const query = useInfiniteQuery({
    queryKey: computed(key),
    queryFn: ({ pageParam }) => ask(pageParam),
    initialPageParam: 0,
    getNextPageParam: (last) => (last.page + 1 < last.pages ? last.page + 1 : undefined),
    enabled: computed(enabled),
  })
  const items = computed(() => query.data.value?.pages.flatMap((p) => p.items) ?? [])
  const total = computed(() => query.data.value?.pages.at(-1)?.total)
  return {
    items,
    total,
    left: computed(() => Math.max(0, (total.value ?? 0) - items.value.length)),
    fault: computed(() => faultOf(query.error.value)),
    load: () => query.refetch(),
    more: () => query.fetchNextPage(),
  }
}
