import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import { useSession } from '../shell/session'
import { asked } from '../testing/asked'
import StartView from './StartView.vue'

const router = { push: vi.fn(), replace: vi.fn() }
vi.mock('vue-router', async (whole) => ({ ...(await whole<object>()), useRouter: () => router }))

describe('the first page', () => {
  beforeEach(() => {
    localStorage.clear()
    router.push.mockClear()
    router.replace.mockClear()
    setActivePinia(createPinia())
    vi.spyOn(client, 'GET').mockResolvedValue({
      data: [{ revision: 0 }, { revision: 0 }, { revision: 3 }],
      response: new Response(),
    } as never)
  })
  const start = (coach: boolean) => {
    useSession().me = { username: 'x', displayName: 'X', mayWrite: coach, mayGrade: coach }
    return mount(StartView, { global: { plugins: [asked()], stubs: { RouterLink: true } } })
  }
  it('shows a coach where to begin and how many calls ship, and begins on the board once he left it', async () => {
    const view = start(true)
    await flushPromises()
    expect(view.text()).toContain('has 2 calls')
    await view.find('button').trigger('click')
    expect(router.push).toHaveBeenCalledWith('/board')
    start(true)
    expect(router.replace).toHaveBeenCalledWith('/board')
  })
  it('leads a player to his job', () => {
    const view = start(false)
    expect(router.replace).toHaveBeenCalledWith('/mine')
    expect(view.text()).toBe('')
  })
})
