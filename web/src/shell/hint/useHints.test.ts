import { enableAutoUnmount, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { vHint } from './hint'
import { useHints } from './useHints'

const page = {
  props: { words: { type: String, default: '4.7 s' } },
  directives: { hint: vHint },
  setup: () => ({ hint: useHints() }),
  template: `<button v-hint="words"><i>Plover</i></button><button aria-label="4.7 s" v-hint="words">!</button>
    <p>{{ hint?.words ?? 'no hint' }}</p>`,
}

describe('words that explain a thing', () => {
  enableAutoUnmount(afterEach)
  beforeEach(() => {
    vi.useFakeTimers()
  })
  afterEach(() => vi.useRealTimers())
  const at = (words?: string) => mount(page, { props: { words }, attachTo: document.body })
  async function rest(): Promise<void> {
    await vi.advanceTimersByTimeAsync(400)
    await nextTick()
  }

  it('are read aloud with it, but not what its label says already', async () => {
    const view = at()
    const [button, labelled] = view.findAll('button')
    expect(button!.attributes('aria-description')).toBe('4.7 s')
    expect(labelled!.attributes('aria-description')).toBeUndefined()
    await view.setProps({ words: '' })
    expect(button!.attributes('aria-description')).toBeUndefined()
    expect(button!.attributes('data-hint')).toBeUndefined()
  })
  it('are shown where the hand rests, not where it only passes, and go with it', async () => {
    const view = at()
    await view.find('i').trigger('pointerover')
    expect(view.find('p').text()).toBe('no hint')
    await rest()
    expect(view.find('p').text()).toBe('4.7 s')
    await view.find('p').trigger('pointerover')
    expect(view.find('p').text()).toBe('no hint')
    await view.find('i').trigger('pointerover')
    await view.find('p').trigger('pointerover')
    await rest()
    expect(view.find('p').text()).toBe('no hint')
  })
  it('are taken away by Escape, by a press and by rolling', async () => {
    const view = at()
    for (const away of [
      new KeyboardEvent('keydown', { key: 'Escape' }),
      new Event('pointerdown'),
      new Event('scroll'),
    ]) {
      await view.find('i').trigger('pointerover')
      await rest()
      expect(view.find('p').text()).toBe('4.7 s')
      document.dispatchEvent(away)
      await nextTick()
      expect(view.find('p').text()).toBe('no hint')
    }
  })
})
