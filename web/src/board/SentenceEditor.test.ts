import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import type { RungRow } from '../api/types'
import { useBoard } from './boardStore'
import SentenceEditor from './SentenceEditor.vue'

const RUNG = { id: 'anvil/will/own-1', sentence: 'run B' } as RungRow
function editing() {
  const board = useBoard()
  const tried = vi.spyOn(board, 'trySentence').mockReturnValue()
  const view = mount(SentenceEditor, { props: { rung: RUNG }, attachTo: document.body })
  const text = () => (view.find('textarea').element as HTMLTextAreaElement).value
  return { board, tried, view, text }
}
const fault = (at: number, expected: string[]) => ({
  status: 422,
  code: 'sentence-fault',
  detail: 'a sentence cannot be read',
  problems: [
    { document: 'other', where: 'x', message: 'of somebody else', at: 0, expected: [] },
    { document: 'anvil/will', where: 'own-1', message: '"gapp" is no gap; may follow: gap', at, expected },
  ],
})

describe('a sentence being written', () => {
  beforeEach(() => {
    localStorage.clear()
    setActivePinia(createPinia())
  })
  it('is tried once the hand rests, and kept with Enter as it stands', async () => {
    vi.useFakeTimers()
    const { tried, view } = editing()
    await view.find('textarea').setValue('run C gap ')
    await vi.advanceTimersByTimeAsync(250)
    expect(tried.mock.calls).toEqual([[{ rung: RUNG.id, sentence: 'run C gap ' }]])
    vi.useRealTimers()
    await view.find('textarea').trigger('keydown', { key: 'Enter' })
    expect(view.emitted('keep')).toEqual([['run C gap']])
    await view.find('textarea').trigger('keydown', { key: 'Escape' })
    expect(view.emitted('leave')).toHaveLength(1)
  })
  it('says its own fault, offers what may follow there, and is not kept while it has one', async () => {
    const { board, view, text } = editing()
    await view.find('textarea').setValue('run B gapp')
    board.tryProblem = fault(6, ['gap', 'a name'])
    await nextTick()
    expect(view.find('[role=alert]').text()).toBe('"gapp" is no gap. May follow:')
    await view.find('textarea').trigger('keydown', { key: 'Enter' })
    expect(view.emitted('keep')).toBeUndefined()
    await view.find('textarea').trigger('keydown', { key: 'Tab' })
    expect(text()).toBe('run B gap ')
  })
  it('is not completed by what only describes a word', async () => {
    const { board, view, text } = editing()
    board.tryProblem = fault(5, ['a gap'])
    await nextTick()
    await view.find('textarea').trigger('keydown', { key: 'Tab' })
    expect(text()).toBe('run B')
  })
})
