import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, client } from '../api/client'
import type { SnapWords } from '../api/types'

/** A call lined up against a snap, the one before shown until it is there; not asked while either is missing. */
export function useLineUp(call: () => string, snap: () => SnapWords | undefined) {
  return useQuery({
    queryKey: computed(() => ['line-up', call(), snap()]),
    queryFn: () => answer(client.POST('/api/line-ups', { body: { snap: snap()!, call: call(), edits: [], hand: [] } })),
    enabled: computed(() => !!call() && !!snap()),
    placeholderData: (before) => before,
  })
}
