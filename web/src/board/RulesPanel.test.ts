import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { job, part, sheet } from '../testing/fixtures'

const post = vi.fn()
vi.mock('../api/client', async (original) => ({ ...(await original<typeof import('../api/client')>()), client: { GET: vi.fn(), POST: post } }))

const nickel = job('nickel', 'NB', 7, { align: part('align', 'outside end man 3 x 5', 'anvil/nickel/base') })
const answered = { call: 'anvil-fog', callName: 'Anvil Fog', revision: 0, digest: '', field: {}, phases: [sheet([nickel])], changes: [] }

async function panel() {
  setActivePinia(createPinia())
  const { useBoard } = await import('./boardStore')
  const { default: RulesPanel } = await import('./RulesPanel.vue')
  const board = useBoard()
  board.callSheet = { id: 'anvil-fog', name: 'Anvil Fog', revision: 0, digest: '', motion: [], checks: [], layers: [], meantFor: [], points: [], roles: [{ id: 'nickel', label: 'NB', sits: 'cover side', rungs: [{ id: 'anvil/nickel/base', layer: 'front', sentence: 'align outside end man 3 x 5' }] }] }
  board.board = answered as never
  board.selected = 'nickel'
  return { board, wrapper: mount(RulesPanel, { props: { mayWrite: true }, attachTo: document.body }) }
}

describe('rules panel', () => {
  beforeEach(() => {
    localStorage.clear()
    post.mockReset()
    vi.useFakeTimers()
  })
  it('shows the ladder and which rung gave what', async () => {
    const { wrapper } = await panel()
    expect(wrapper.find('.fires').text()).toContain('gives align now')
  })
  it('offers what may follow and puts it where the sentence stopped', async () => {
    const { wrapper } = await panel()
    post.mockImplementation(() => Promise.resolve({ error: { code: 'document-invalid', detail: 'x', problems: [{ document: 'anvil', where: 'nickel/base', message: '"q" cannot stand there; may follow: B', at: 10, expected: ['B'] }] }, response: new Response(null, { status: 422 }) }))
    await wrapper.find('button.say').trigger('click')
    await wrapper.find('textarea').setValue('align gap q')
    await vi.advanceTimersByTimeAsync(300)
    await flushPromises()
    expect(wrapper.find('.fault').text()).toContain('"q" cannot stand there')
    expect(wrapper.find('.acts .main').attributes('disabled')).toBeDefined()
    await wrapper.find('.offers button').trigger('click')
    expect((wrapper.find('textarea').element as HTMLTextAreaElement).value).toBe('align gap B ')
  })
  it('keeps a sentence that reads well as an unsaved edit, and leaves one that is left', async () => {
    const { board, wrapper } = await panel()
    post.mockImplementation(() => Promise.resolve({ data: answered, response: new Response(null, { status: 200 }) }))
    await wrapper.find('button.say').trigger('click')
    await wrapper.find('textarea').setValue('align gap B @ 4')
    await vi.advanceTimersByTimeAsync(300)
    await wrapper.find('textarea').trigger('keydown', { key: 'Enter' })
    expect(board.draft.edits).toEqual([{ rung: 'anvil/nickel/base', sentence: 'align gap B @ 4' }])
    await wrapper.find('button.say').trigger('click')
    await wrapper.find('textarea').setValue('align gap C @ 4')
    await wrapper.find('textarea').trigger('keydown', { key: 'Escape' })
    expect(board.draft.edits).toHaveLength(1)
    expect(board.trying).toBeUndefined()
  })
  it('lets a player read but not write', async () => {
    const { wrapper } = await panel()
    await wrapper.setProps({ mayWrite: false })
    expect(wrapper.find('button.say').exists()).toBe(false)
    expect(wrapper.text()).toContain('align outside end man 3 x 5')
  })
})
