import { createPinia, setActivePinia } from 'pinia'
import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import ExchangeBar from './ExchangeBar.vue'

const bar = () => {
  const view = mount(ExchangeBar, { attachTo: document.body })
  const list = view.find('details')
  list.element.setAttribute('open', '')
  return { view, list, open: () => list.element.hasAttribute('open') }
}

describe('what is taken out of a playbook', () => {
  beforeEach(() => setActivePinia(createPinia()))
  afterEach(() => (document.body.innerHTML = ''))
  it('is a list of files, the schema among them', () => {
    expect(
      bar()
        .view.findAll('.menu a')
        .map((a) => a.attributes('href')),
    ).toEqual([
      '/api/exchange?what=own',
      '/api/exchange?what=formations',
      '/api/exchange?what=all',
      '/api/exchange/schema',
    ])
  })
  it('closes with Escape and gives the hand back', async () => {
    const { list, open } = bar()
    await list.find('a').trigger('keydown', { key: 'Escape' })
    expect(open()).toBe(false)
    expect(document.activeElement).toBe(list.find('summary').element)
  })
  it('closes when the hand goes elsewhere, and not from line to line', async () => {
    const { list, open } = bar()
    await list.findAll('a')[0]!.trigger('focusout', { relatedTarget: list.findAll('a')[1]!.element })
    expect(open()).toBe(true)
    await list.findAll('a')[1]!.trigger('focusout', { relatedTarget: document.body })
    expect(open()).toBe(false)
  })
})
