import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import FieldLegend from '../../board/field/FieldLegend.vue'
import TakeOutPlay from '../../film/TakeOutPlay.vue'
import ActionPalette from './ActionPalette.vue'
import { actionsOf } from './action'
import KeysHelp from './KeysHelp.vue'
import { useActions } from './registry'

const shown = (): string => document.body.textContent.replace(/\s+/g, ' ')
let closes: (() => void)[] = []
const open = (component: Parameters<typeof mount>[0], props = {}) => {
  const wrapper = mount(component, { props, attachTo: document.body })
  closes.push(() => wrapper.unmount())
  return wrapper
}
beforeEach(() => {
  localStorage.clear()
  setActivePinia(createPinia())
})
afterEach(() => {
  closes.forEach((close) => close())
  closes = []
  document.body.innerHTML = ''
})

describe('what opens over a view', () => {
  it('the list of keys says every key that works here in words, under its heading', async () => {
    const actions = useActions()
    const field = actionsOf('The field')
    actions.enter({ title: 'Board', actions: [field('left', 'ArrowLeft', 'The man to the left', vi.fn())] })
    actions.help = true
    open(KeysHelp)
    await flushPromises()
    expect(shown()).toContain('The field')
    expect([...document.querySelectorAll('.key')].map((k) => k.textContent.trim())).toEqual(['Left'])
    expect(shown()).toContain('The man to the left')
  })
  it('the palette is gone before what was chosen is done, and gives the hand back', async () => {
    vi.useFakeTimers()
    const actions = useActions()
    const did: boolean[] = []
    const act = actionsOf('The field')
    actions.enter({ title: 'Board', actions: [act('turn', 'V', 'Turn it round', () => did.push(actions.palette))] })
    document.body.innerHTML = '<button id="before">before</button>'
    document.getElementById('before')!.focus()
    actions.palette = true
    const palette = open(ActionPalette)
    await vi.advanceTimersByTimeAsync(50)
    palette.findComponent({ name: 'ChoiceSearch' }).vm.$emit('pick', 'The field/turn')
    expect(document.activeElement?.id).toBe('before')
    await vi.advanceTimersByTimeAsync(50)
    expect(did).toEqual([false])
    vi.useRealTimers()
  })
  it('the legend explains every mark with its drawing', async () => {
    open(FieldLegend, { open: true })
    await flushPromises()
    expect(document.querySelectorAll('dt svg path').length).toBe(document.querySelectorAll('dd').length)
    expect(shown()).toContain('Gap that nobody has.')
  })
  it('a play is taken out only when that is said', async () => {
    const asking = open(TakeOutPlay, { open: true, number: 3 })
    await flushPromises()
    expect(shown()).toContain('Take play 3 out of the game?')
    document.querySelector<HTMLButtonElement>('button[type=button].button')!.click()
    expect(asking.emitted('close')).toHaveLength(1)
    expect(asking.emitted('takeOut')).toBeUndefined()
    document.querySelector('form')!.dispatchEvent(new Event('submit', { cancelable: true }))
    expect(asking.emitted('takeOut')).toHaveLength(1)
  })
})
