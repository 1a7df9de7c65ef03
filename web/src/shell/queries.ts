import { QueryClient } from '@tanstack/vue-query'
import { answer, client, problemOf } from '../api/client'

const TIMES = 2

/** What was refused is refused again; what did not come at all is asked for once more. */
const again = (failed: number, error: Error): boolean => {
  const { status } = problemOf(error)
  return failed < TIMES && (status === 0 || status >= 500)
}

/**
 * The one place where answers of the server are kept: the latest wins, the same question is asked once. An answer is
 * never changed, so nothing watches its inside. The server may be on this very machine: it is asked also while the
 * machine has no network.
 */
export const queries = new QueryClient({
  defaultOptions: {
    queries: { retry: again, networkMode: 'always', shallow: true },
    mutations: { networkMode: 'always' },
  },
})

export const CHOICES = { queryKey: ['choices'], queryFn: () => answer(client.GET('/api/choices')) }
export const CALLS = { queryKey: ['calls'], queryFn: () => answer(client.GET('/api/calls')) }
export const PLAYBOOK = { queryKey: ['playbook'], queryFn: () => answer(client.GET('/api/playbook')) }
/** What the engine measures by. Who is setting figures is not given others in between. */
export const FIGURES = {
  queryKey: ['figures'],
  queryFn: () => answer(client.GET('/api/conventions/figures')),
  refetchOnWindowFocus: false,
}
