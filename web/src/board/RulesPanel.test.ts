import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { job, part, sheet } from '../testing/fixtures'

const post = vi.fn()
vi.mock('../api/client', async (original) => ({
  ...(await original<typeof import('../api/client')>()),
  client: { GET: vi.fn(), POST: post },
}))

const nickel = job('nickel', 'NB', 7, { align: part('align', 'outside end man 3 x 5', 'anvil/nickel/base') })
const answered = {
  call: 'anvil-fog',
  callName: 'Anvil Fog',
  revision: 0,
  digest: '',
  field: {},
  phases: [sheet([nickel])],
  changes: [],
}

async function panel() {
  setActivePinia(createPinia())
  const { useBoard } = await import('./boardStore')
  const { default: RulesPanel } = await import('./RulesPanel.vue')
  const board = useBoard()
  board.callId = 'anvil-fog'
  board.callSheet = {
    id: 'anvil-fog',
    name: 'Anvil Fog',
    revision: 0,
    digest: '',
    pictures: [],
    layers: [],
    meantFor: [],
    points: [],
    roles: [
      {
        id: 'nickel',
        name: 'nickel',
        label: 'NB',
        fresh: 'anvil-fog/nickel/own-1',
        freshThisWeek: 'this-week/nickel/own-1',
        sits: 'cover side',
        rungs: [{ id: 'anvil/nickel/base', layer: 'front', sentence: 'align outside end man 3 x 5', added: false }],
      },
    ],
  }
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
  it('writes a new rung into the call on the board, never into the one before it', async () => {
    const { board, wrapper } = await panel()
    const fog = board.callSheet!
    board.callSheet = { ...fog, id: 'anvil-drizzle' }
    await flushPromises()
    const asked = (wrapper.vm as unknown as { add(): Promise<void> }).add()
    await flushPromises()
    expect(wrapper.find('textarea').exists()).toBe(false)
    expect((wrapper.vm as unknown as { waiting: boolean }).waiting).toBe(true)
    board.callSheet = fog
    await asked
    await flushPromises()
    expect((wrapper.vm as unknown as { waiting: boolean }).waiting).toBe(false)
    expect(wrapper.find('textarea').exists()).toBe(true)
    expect(wrapper.text()).toContain('anvil-fog/nickel/own-1')
  })
  it('gives the keys back to the board when the ladder of the call does not come', async () => {
    const { board, wrapper } = await panel()
    board.callSheet = { ...board.callSheet!, id: 'anvil-drizzle' }
    await flushPromises()
    const vm = wrapper.vm as unknown as { add(): Promise<void>; waiting: boolean }
    const asked = vm.add()
    await vi.advanceTimersByTimeAsync(4000)
    expect(vm.waiting).toBe(true)
    await vi.advanceTimersByTimeAsync(1100)
    await asked
    expect(vm.waiting).toBe(false)
    expect(wrapper.find('textarea').exists()).toBe(false)
  })
  it('teaches the read table with what each message makes of his job', async () => {
    const { board, wrapper } = await panel()
    board.board = {
      ...answered,
      phases: [
        sheet([
          {
            ...nickel,
            reads: [{ of: 'near back', message: 'reach', words: 'become force', does: 'run outside, force' }],
            player: { id: 'lomas', said: '23 Lomas', measured: '171 lb', notes: ['a note'] },
          },
        ]),
      ],
    } as never
    await flushPromises()
    expect(wrapper.find('.reads').text()).toContain('reachbecome force run outside, force')
    expect(wrapper.text()).toContain('23 Lomas, 171 lb')
    expect(wrapper.text()).toContain('a note')
  })
  it('takes every rung of this week out in one go', async () => {
    const { board, wrapper } = await panel()
    const fog = board.callSheet!
    const week = { id: 'this-week/nickel/own-1', layer: 'plan', sentence: 'key ball', added: true }
    const edited = { ...fog, roles: [{ ...fog.roles[0]!, rungs: [week, ...fog.roles[0]!.rungs] }] }
    post.mockImplementation((path: string) =>
      Promise.resolve({ data: path.endsWith('/drafts') ? edited : answered, response: new Response() }),
    )
    board.setDraft({ edits: [{ rung: 'this-week/nickel/own-1', sentence: 'key ball' }], hand: [] })
    await flushPromises()
    const end = wrapper.findAll('button').find((b) => b.text().startsWith('The week is over'))!
    await end.trigger('click')
    expect(board.draft.edits).toEqual([{ rung: 'this-week/nickel/own-1', sentence: '' }])
  })
  it('offers what may follow and puts it where the sentence stopped', async () => {
    const { wrapper } = await panel()
    post.mockImplementation(() =>
      Promise.resolve({
        error: {
          code: 'document-invalid',
          detail: 'x',
          problems: [
            {
              document: 'anvil',
              where: 'nickel/base',
              message: '"q" cannot stand there; may follow: B',
              at: 10,
              expected: ['B'],
            },
          ],
        },
        response: new Response(null, { status: 422 }),
      }),
    )
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
    const fog = board.callSheet!
    post.mockImplementation((path: string) =>
      Promise.resolve({
        data: path.endsWith('/drafts') ? fog : answered,
        response: new Response(null, { status: 200 }),
      }),
    )
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
