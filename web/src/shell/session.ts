import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { answer, client, problemOf, whenSignedOut } from '../api/client'
import type { Me } from '../api/types'
import { forgetNobodys } from './kept'

const AGAIN_MILLIS = 2500

/** Begins the application anew, so that nothing of whoever was here stays on the screen or in memory. */
export interface Fresh {
  begin(address?: string): void
}
const BROWSER: Fresh = {
  begin: (address) => (address ? location.assign(address) : location.reload()),
}

/**
 * Who is signed in. Losing the session shows the sign-in over the view, and the same user finds everything as it was;
 * signing out, or another user, begins anew.
 */
export const useSession = defineStore('session', () => {
  const me = ref<Me | null>(null)
  /** Who was here last, while the sign-in is over the view. */
  const last = ref<string>()
  const asked = ref(false)
  let fresh = BROWSER
  const others = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel('mensch.session')

  whenSignedOut(() => (me.value = null))
  others?.addEventListener('message', (event: MessageEvent<string | null>) => {
    if (event.data !== (me.value?.username ?? null)) fresh.begin()
  })

  function enter(now: Me | null): void {
    me.value = now
    if (now) last.value = now.username
  }
  async function load(): Promise<void> {
    forgetNobodys()
    for (;;) {
      try {
        enter((await answer(client.GET('/api/session'))) || null)
        asked.value = true
        return
      } catch (error) {
        const { status } = problemOf(error)
        if (status !== 0 && status < 500) {
          asked.value = true
          return
        }
        await new Promise((done) => setTimeout(done, AGAIN_MILLIS))
      }
    }
  }
  async function signIn(username: string, password: string): Promise<void> {
    const now = await answer(client.POST('/api/session', { body: { username, password } }))
    const other = last.value !== undefined && last.value !== now.username
    others?.postMessage(now.username)
    if (other) fresh.begin('/')
    else enter(now)
  }
  async function signOut(): Promise<void> {
    await answer(client.DELETE('/api/session'))
    others?.postMessage(null)
    fresh.begin('/')
  }
  return { me, last: computed(() => last.value), asked, load, signIn, signOut, beginBy: (by: Fresh) => (fresh = by) }
})
