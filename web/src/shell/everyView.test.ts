import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount, type VueWrapper } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest'
import AppShell from './AppShell.vue'
import { queries } from './queries'
import { router } from './router'
import { useTrouble } from './trouble'

const ADDRESSES = router
  .getRoutes()
  .map((route) =>
    route.path.replace(':rest(.*)*', 'nowhere').replace(':kind', 'run').replace(':id', 'power').replace(':game', '7'),
  )
/** Nothing is said to be missing, or counted, before it is known. */
const FALSE = /\b0 \w+|\b(no|nothing|nobody) (?!page|here)\w+/i
/** These read nothing. */
const STILL = ['/', '/nowhere']
const READING = ADDRESSES.filter((address) => !STILL.includes(address))
const COACH = { username: 'marrow', displayName: 'Ines Marrow', mayWrite: true, mayGrade: true }
const GONE = { status: 404, code: 'not-found', detail: 'Somebody took this away.' }
const reply = (status: number, body: unknown): Response =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } })

describe('every view', () => {
  // read once, however long that takes beside others
  beforeAll(async () => {
    await Promise.all(router.getRoutes().map((route) => (route.components!.default as () => Promise<unknown>)()))
  }, 120_000)
  let others: () => Promise<Response>
  let shown: VueWrapper | undefined
  beforeEach(() => {
    localStorage.clear()
    setActivePinia(createPinia())
    vi.spyOn(console, 'error').mockImplementation(() => undefined)
    vi.spyOn(console, 'warn')
    vi.stubGlobal('confirm', () => true)
    vi.stubGlobal('fetch', (request: Request) =>
      request.url.endsWith('/api/session') ? Promise.resolve(reply(200, COACH)) : others(),
    )
  })
  afterEach(async () => {
    shown?.unmount()
    queries.clear()
    await flushPromises()
    vi.unstubAllGlobals()
    vi.restoreAllMocks()
  })
  async function at(address: string) {
    await router.push(address)
    const wrapper = (shown = mount(AppShell, {
      global: {
        plugins: [router, [VueQueryPlugin, { queryClient: queries }]],
        config: { errorHandler: useTrouble().broke },
      },
      attachTo: document.body,
    }))

    await flushPromises()
    await vi.waitFor(() => expect(wrapper.find('main').element.children.length).toBeGreaterThan(0))
    return wrapper
  }

  it.each(READING)('%s says what it could not read', async (address) => {
    others = () => Promise.resolve(reply(404, GONE))
    const wrapper = await at(address)
    await vi.waitFor(() => expect(wrapper.get('[role=alert]').text()).toContain(GONE.detail))
    expect(wrapper.find('main').text()).not.toMatch(FALSE)
  })
  it.each(ADDRESSES)('%s is not empty while it waits', async (address) => {
    others = () => new Promise(() => undefined)
    const wrapper = await at(address)
    expect(wrapper.find('main h1').exists()).toBe(true)
    expect(wrapper.find('main').text().length).toBeGreaterThan(20)
    expect(wrapper.find('main').text()).not.toMatch(FALSE)
    expect(document.activeElement?.id).toBe('work')
    expect(console.error).not.toHaveBeenCalled()
    expect(console.warn).not.toHaveBeenCalled()
  })
})
