import { defineStore } from 'pinia'
import { ref } from 'vue'
import { answer, client, whenSignedOut } from '../api/client'
import type { Me } from '../api/types'

/** Who is signed in. Losing the session shows the sign-in over the view: nothing behind it is thrown away. */
export const useSession = defineStore('session', () => {
  const me = ref<Me | null>(null)
  const asked = ref(false)
  whenSignedOut(() => (me.value = null))

  async function load(): Promise<void> {
    try {
      me.value = (await answer(client.GET('/api/session'))) || null
    } catch {
      me.value = null
    }
    asked.value = true
  }
  async function signIn(username: string, password: string): Promise<void> {
    me.value = await answer(client.POST('/api/session', { body: { username, password } }))
  }
  async function signOut(): Promise<void> {
    await answer(client.DELETE('/api/session'))
    me.value = null
  }
  return { me, asked, load, signIn, signOut }
})
