import { enableAutoUnmount, flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import WordMenu from './WordMenu.vue'

const options = [
  { id: 'fog', name: 'Anvil Fog', words: 'two deep', kinds: ['cover 2'], group: 'Meant for Pro I' },
  { id: 'drizzle', name: 'Anvil Drizzle', words: 'three deep', kinds: ['cover 3'], group: 'Meant for others' },
]
async function opened() {
  const view = mount(WordMenu, { props: { value: 'fog', label: 'Call', options }, attachTo: document.body })
  await view.find('button').trigger('click')
  // the list comes in a file of its own
  await vi.waitFor(() => expect(document.querySelector('.word-list')).not.toBeNull(), { timeout: 20_000 })
  return view
}

describe('a word that is chosen', { timeout: 30_000 }, () => {
  enableAutoUnmount(afterEach)
  beforeEach(() => (document.body.innerHTML = ''))
  it('says what it is and what it stands for', () => {
    const button = mount(WordMenu, { props: { value: 'fog', label: 'Call', options } }).find('button')
    expect(button.text()).toBe('Anvil Fog')
    expect(button.attributes('aria-label')).toBe('Call: Anvil Fog')
  })
  it('shows under headings what each thing is in the trade', async () => {
    await opened()
    const list = document.querySelector('.word-list')!.textContent
    expect(list).toContain('Meant for others')
    expect(list).toContain('three deep')
  })
  it('finds by what a thing is, takes it with Enter, and the hand goes back to the word', async () => {
    const view = await opened()
    const field = view.find('input')
    await field.setValue('cover 3')
    await flushPromises()
    await field.trigger('keydown', { key: 'Enter', which: 13, keyCode: 13 })
    await flushPromises()
    expect(view.emitted('pick')).toEqual([['drizzle']])
    expect(view.find('.ant-select').exists()).toBe(false)
    expect(document.activeElement).toBe(view.find('button').element)
  })
  it('says what the keys are on before it is taken', async () => {
    const view = await opened()
    expect(view.emitted('look')).toBeUndefined()
    await view.find('input').setValue('cover 3')
    await flushPromises()
    expect(view.emitted('look')).toEqual([['drizzle']])
    expect(view.emitted('pick')).toBeUndefined()
  })
  it('says that nothing is called so', async () => {
    const view = await opened()
    await view.find('input').setValue('zebra')
    await flushPromises()
    expect(document.querySelector('.word-list')!.textContent).toContain('Nothing is called “zebra”')
  })
  it('takes with Enter what was typed, also before the list is there', async () => {
    const view = mount(WordMenu, {
      props: { value: 'fog', label: 'Call', options, free: true },
      attachTo: document.body,
    })
    const button = view.find('button')
    async function typed(words: string): Promise<void> {
      void button.trigger('click')
      await nextTick()
      for (const key of words) await button.trigger('keydown', { key })
      await button.trigger('keydown', { key: 'Enter' })
      await flushPromises()
    }
    await typed('cover 3')
    await typed('zebra')
    await typed('')
    expect(view.emitted('pick')).toEqual([['drizzle'], ['zebra']])
    expect(button.attributes('aria-expanded')).toBe('false')
    expect(document.activeElement).toBe(button.element)
  })
  it('finds also what was typed while the list was on its way, and no action of the view has those keys', async () => {
    const view = mount(WordMenu, { props: { value: 'fog', label: 'Call', options }, attachTo: document.body })
    const outside = vi.fn()
    document.addEventListener('keydown', outside)
    const button = view.find('button')
    void button.trigger('click')
    await nextTick()
    for (const key of 'zero') await button.trigger('keydown', { key })
    document.removeEventListener('keydown', outside)
    await vi.waitFor(() => expect(view.find('input').exists()).toBe(true), { timeout: 20_000 })
    await flushPromises()
    expect(outside).not.toHaveBeenCalled()
    expect(document.querySelector('.word-list')!.textContent).toContain('Nothing is called “zero”')
  })
})
