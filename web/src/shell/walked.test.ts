import { mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, nextTick, ref } from 'vue'
import { useWalked } from './walked'

const men = ref(['Pell', 'Lind', 'Birk'])
const Lines = defineComponent({
  setup() {
    const root = ref<HTMLElement | null>(null)
    useWalked(root, 'li')
    return { men, root }
  },
  template: `<ol ref="root"><li v-for="m in men" :key="m"><input :aria-label="m" /><button>erase {{ m }}</button></li></ol>`,
})
const outside = vi.fn()
async function lines() {
  const wrapper = mount(Lines, { attachTo: document.body })
  const stops = () => wrapper.findAll('input, button').map((c) => (c.element as HTMLElement).tabIndex)
  const press = (key: string) =>
    document.activeElement!.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }))
  const here = () => document.activeElement!.getAttribute('aria-label') ?? document.activeElement!.textContent
  await nextTick()
  return { wrapper, stops, press, here }
}
document.addEventListener('keydown', outside)

describe('lines that are walked', () => {
  afterEach(() => {
    men.value = ['Pell', 'Lind', 'Birk']
    outside.mockReset()
    document.body.innerHTML = ''
  })
  it('are one stop of Tab, where the hand was last', async () => {
    const { wrapper, stops } = await lines()
    men.value = ['Pell', 'Lind', 'Birk', 'Reed']
    await nextTick()
    await vi.waitFor(() => expect(stops()).toEqual([0, 0, -1, -1, -1, -1, -1, -1]))
    wrapper.findAll('input')[2]!.element.focus()
    expect(stops()).toEqual([-1, -1, -1, -1, 0, 0, -1, -1])
  })
  it('are walked in the same column, and not over their ends', async () => {
    const { wrapper, press, here } = await lines()
    wrapper.findAll('button')[0]!.element.focus()
    press('ArrowDown')
    expect(here()).toBe('erase Lind')
    press('End')
    press('ArrowDown')
    expect(here()).toBe('erase Birk')
    press('Home')
    expect(here()).toBe('erase Pell')
  })
  it('keep the keys they used, and leave text its own', async () => {
    const { wrapper, press, here } = await lines()
    wrapper.findAll('input')[0]!.element.focus()
    press('ArrowDown')
    expect(here()).toBe('Lind')
    expect(outside).not.toHaveBeenCalled()
    press('End')
    press('ArrowLeft')
    expect(here()).toBe('Lind')
    expect(outside).toHaveBeenCalledTimes(2)
  })
  it('settle on a line that is left when theirs is taken out', async () => {
    const { wrapper, stops } = await lines()
    wrapper.findAll('input')[2]!.element.focus()
    men.value = ['Pell', 'Lind']
    await nextTick()
    await vi.waitFor(() => expect(stops()).toEqual([-1, -1, 0, 0]))
  })
})
