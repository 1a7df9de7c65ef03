import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { PlaybookItem } from '../api/types'
import { playbookItem } from '../testing/fixtures'
import DocumentLines from './DocumentLines.vue'

const item = (id: string, over: Partial<PlaybookItem> = {}): PlaybookItem =>
  playbookItem({ id, name: id, summary: 'three deep', family: 'Cover 3', kinds: [], ...over })
const LIST = [item('fog'), item('mist', { install: 'plan', published: false }), item('hail', { retired: true })]
const SHOWN = { favourites: [], together: true }
const stops = (picked: string): (string | undefined)[] =>
  mount(DocumentLines, { props: { ...SHOWN, list: LIST, picked } })
    .findAll('button')
    .map((b) => b.attributes('tabindex'))

describe('documents as lines', () => {
  it('are one stop of Tab: the picked one, or the first', () => {
    expect(stops('mist')).toEqual(['-1', '0', '-1'])
    expect(stops('elsewhere')).toEqual(['0', '-1', '-1'])
  })
  it('say how far each has come', () => {
    const lines = mount(DocumentLines, { props: { ...SHOWN, list: LIST, picked: '' } }).findAll('li small')
    expect(lines.map((l) => l.text())).toEqual(['', "this week's plan draft", 'retired'])
  })
  it('are picked with a click and opened with two', async () => {
    const lines = mount(DocumentLines, { props: { ...SHOWN, list: LIST, picked: '' } })
    await lines.findAll('button')[1]!.trigger('click')
    await lines.findAll('button')[1]!.trigger('dblclick')
    expect(lines.emitted('pick')).toEqual([['mist']])
    expect(lines.emitted('open')).toEqual([[LIST[1]]])
  })
  it('take the hand along when it is among them', async () => {
    const lines = mount(DocumentLines, { props: { ...SHOWN, list: LIST, picked: 'fog' }, attachTo: document.body })
    HTMLElement.prototype.scrollIntoView = () => undefined
    lines.findAll('button')[0]!.element.focus()
    await lines.setProps({ picked: 'hail' })
    ;(lines.vm as unknown as { follow(): void }).follow()
    expect(document.activeElement).toBe(lines.findAll('button')[2]!.element)
    lines.unmount()
  })
})
