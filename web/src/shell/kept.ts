import { useStorage, type RemovableRef } from '@vueuse/core'
import { useSession } from './session'

/** Where something of one user is kept on this machine. */
export function keptKey(what: string): string {
  return `mensch.of.${useSession().me?.username ?? 'nobody'}.${what}`
}

/** Kept for the next window that opens, and not told to those that are open: two boards show two snaps. */
export const OF_WINDOW = { listenToStorageChanges: false } as const

/**
 * A value kept on this machine for whoever is signed in, and for nobody else. Asked when a store begins: a change of
 * user begins every store anew (see session).
 */
export function useKept<T>(what: string, first: T, window: Partial<typeof OF_WINDOW> = {}): RemovableRef<T> {
  return useStorage(keptKey(what), first as object, undefined, window) as unknown as RemovableRef<T>
}

const VIEWS = ['board', 'film', 'plan', 'playbook']
/** Work that was kept before it belonged to a user belongs to nobody: it is not shown to whoever comes next. */
export function forgetNobodys(storage: Storage = localStorage): void {
  const keys = Array.from({ length: storage.length }, (_, i) => storage.key(i) ?? '')
  for (const key of keys) if (VIEWS.some((view) => key.startsWith(`mensch.${view}.`))) storage.removeItem(key)
}
