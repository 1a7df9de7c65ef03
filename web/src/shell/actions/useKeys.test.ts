import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Component } from 'vue'
import { createMemoryHistory, createRouter, RouterView } from 'vue-router'
import { actionsOf } from './action'
import { useViewActions } from './registry'
import { useKeys } from './useKeys'

const did = vi.fn<(what: string) => void>()
const view = (title: string, onKeydown?: (key: string) => void): Component => ({
  setup() {
    useViewActions({ title, actions: [actionsOf(title)('w', 'W', 'w', () => did(title))] })
    return { onKeydown }
  },
  template: `<main tabindex="0" @keydown="onKeydown?.($event.key)"><input /></main>`,
})

describe('keys', () => {
  const left = vi.fn<(key: string) => void>()
  /** Views on their way, until they come. */
  let coming: Record<string, (view: Component) => void>
  const onItsWay = (path: string) => ({
    path,
    component: () => new Promise<Component>((come) => (coming[path] = come)),
  })
  async function shell() {
    const router = createRouter({
      history: createMemoryHistory(),
      routes: [
        { path: '/', component: view('Playbook', left) },
        onItsWay('/pressure'),
        onItsWay('/grades'),
        { path: '/gone', component: () => Promise.reject(new Error('no such file')) },
      ],
    })
    const Shell = { components: { RouterView }, setup: () => useKeys(router), template: '<RouterView />' }
    await router.push('/')
    const wrapper = mount(Shell, { global: { plugins: [router] }, attachTo: document.body })
    const press = (key: string, init: KeyboardEventInit = {}, at: Element = wrapper.find('main').element): boolean =>
      at.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...init }))
    return { router, wrapper, press }
  }
  beforeEach(() => {
    setActivePinia(createPinia())
    coming = {}
    did.mockReset()
    left.mockReset()
  })

  it('do what the view has them for', async () => {
    const { press, wrapper } = await shell()
    expect(press('w')).toBe(false)
    expect(press('x')).toBe(true)
    expect(did.mock.calls).toEqual([['Playbook']])
    wrapper.unmount()
  })
  it('pressed while a view is on its way mean that view', async () => {
    const { router, press, wrapper } = await shell()
    const going = router.push('/pressure')
    await vi.waitFor(() => expect(coming['/pressure']).toBeDefined())
    press('w')
    // what is the browser's own, and what is written, is not kept
    expect(press('Tab')).toBe(true)
    expect(press('r', { ctrlKey: true })).toBe(true)
    expect(press('w', {}, wrapper.find('input').element)).toBe(true)
    expect(did).not.toHaveBeenCalled()
    expect(left.mock.calls.map(([key]) => key)).not.toContain('ArrowDown')
    press('ArrowDown')
    coming['/pressure']!(view('Pressure'))
    await going
    await vi.waitFor(() => expect(did.mock.calls).toEqual([['Pressure']]))
    expect(left.mock.calls.map(([key]) => key)).not.toContain('ArrowDown')
    wrapper.unmount()
  })
  it('mean the view that was gone to last', async () => {
    const { router, press, wrapper } = await shell()
    const going = router.push('/pressure')
    await vi.waitFor(() => expect(coming['/pressure']).toBeDefined())
    const elsewhere = router.push('/grades')
    coming['/pressure']!(view('Pressure'))
    await going
    press('w')
    expect(did).not.toHaveBeenCalled()
    await vi.waitFor(() => expect(coming['/grades']).toBeDefined())
    coming['/grades']!(view('Grades'))
    await elsewhere
    await vi.waitFor(() => expect(did.mock.calls).toEqual([['Grades']]))
    wrapper.unmount()
  })
  it('stay with the view when the other does not come', async () => {
    const { router, press, wrapper } = await shell()
    await router.push('/gone').catch(() => undefined)
    press('w')
    expect(did.mock.calls).toEqual([['Playbook']])
    wrapper.unmount()
  })
})
