import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import { finding, job, sheet } from '../testing/fixtures'
import { useBoard } from './boardStore'
import TriedRepairs from './TriedRepairs.vue'

const EDIT = { rung: 'anvil-fog/end-away/repair-1', sentence: 'when 1 receivers on my side: run B gap' }
const ROW = {
  edits: [EDIT],
  costs: [{ severity: 'note', title: 'A note.' }],
  men: 1,
  parts: 1,
  rushersLost: 1,
  elsewhere: { formations: 12, jobs: 3, newBusts: 0, newWeak: 1, mended: 2 },
}

async function repairs(data: unknown) {
  localStorage.clear()
  setActivePinia(createPinia())
  const lineup = { phases: [sheet([job('end-away', 'E', -4)])], changes: [] }
  useBoard().board = lineup as never
  const post = vi.spyOn(client, 'POST').mockImplementation(((path: string) =>
    Promise.resolve({
      data: path.endsWith('/repairs') ? data : path.endsWith('/drafts') ? { roles: [] } : lineup,
      response: new Response(),
    })) as never)
  const wrapper = mount(TriedRepairs, {
    props: { finding: finding('bust', 'Nobody has the B gap left.'), mayWrite: true },
    attachTo: document.body,
  })
  await flushPromises()
  return { wrapper, post, board: useBoard() }
}

describe('tried repairs', () => {
  beforeEach(() => vi.restoreAllMocks())
  afterEach(() => (document.body.innerHTML = ''))
  it('asks for the finding, says what each costs here and elsewhere, and applies one as one step of undo', async () => {
    const { wrapper, post, board } = await repairs({ repairs: [ROW], tried: 130 })
    expect((post.mock.calls[0] as unknown as [string, { body: object }])[1].body).toMatchObject({
      finding: 'gaps/Nobody has the B gap left.',
      phase: 0,
    })
    expect(wrapper.text()).toContain('end away when 1 receivers on my side: run B gap')
    expect(wrapper.text()).toContain(
      'one man learns something else; 1 rusher fewer; note: A note. It changes 3 of 12 other formations: 2 mended, 0 new busts, 1 new weak.',
    )
    expect(wrapper.text()).toContain('The cheapest of 130 changes tried')
    expect(document.activeElement?.textContent?.trim()).toBe('Apply')
    await wrapper.find('button').trigger('click')
    expect(board.draft.edits).toEqual([EDIT])
    expect(wrapper.emitted('applied')).toHaveLength(1)
    board.undo()
    expect(board.draft.edits).toEqual([])
  })
  it('names a tag of the library and what it tells each man', async () => {
    const nose = {
      rung: 'anvil-fog/nose/repair-1',
      sentence: 'when 2 receivers on my side: move cross face to B gap; run B gap',
    }
    const { wrapper, board } = await repairs({
      repairs: [{ ...ROW, tag: 'Trout', edits: [nose, EDIT], men: 2 }],
      tried: 130,
    })
    expect(wrapper.text()).toContain('Tag Trout against this picture:')
    board.board = { phases: [sheet([job('nose', 'N', 0), job('end-away', 'E', -4)])] } as never
    await flushPromises()
    expect(wrapper.findAll('.say').map((p) => p.find('b').text())).toEqual(['nose', 'end away'])
    board.board = { phases: [sheet([{ ...job('end-away', 'E', -4), name: 'end away from strength' }])] } as never
    await flushPromises()
    expect(wrapper.findAll('.say')[1]!.find('b').text()).toBe('end away from strength')
    await wrapper.find('button').trigger('click')
    expect(board.draft.edits).toEqual([nose, EDIT])
  })
  it('asks for others than those it has shown', async () => {
    const { wrapper, post } = await repairs({ repairs: [ROW], tried: 130 })
    await wrapper.find('.link').trigger('click')
    await flushPromises()
    expect((post.mock.calls[1] as unknown as [string, { body: { seen: object } }])[1].body.seen).toEqual([[EDIT]])
  })
  it('says when nothing tried mends it', async () => {
    expect((await repairs({ repairs: [], tried: 97 })).wrapper.text()).toContain('None of the 97 changes tried')
  })
})
