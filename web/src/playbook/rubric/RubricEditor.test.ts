import { flushPromises, mount, RouterLinkStub } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../../api/client'
import { useSession } from '../../shell/session'
import { asked } from '../../testing/asked'
import RubricEditor from './RubricEditor.vue'
import { added, moved, rowsOf, withCell, withoutRow } from './rows'

const replace = vi.fn()
vi.mock('vue-router', () => ({ useRouter: () => ({ replace, push: vi.fn() }) }))
const BODY = {
  of: ['edge-run'],
  plays: 'run',
  criteria: [
    ['aim', 'TE', 'Aim', 'at the edge', 'at the chest', 'anchored'],
    ['hands', 'TE', 'Hands', 'inside', 'wide', 'held'],
  ],
}
const ROWS = rowsOf(BODY)
const TERMS = {
  rubrics: [],
  techniques: [
    { id: 'edge-run', name: 'Edge against the run' },
    { id: 'two-gap', name: 'Two-gapping' },
  ],
  facets: [{ id: 'TE', name: 'technique' }],
}

describe('rows of a rubric', () => {
  it('are read, changed, moved, taken away and added with ids of their own', () => {
    expect(withCell(ROWS, 1, 4, 'high')[1]).toEqual(['hands', 'TE', 'Hands', 'inside', 'high', 'held'])
    expect(moved(ROWS, 0, 1).map((r) => r[0])).toEqual(['hands', 'aim'])
    expect(moved(ROWS, 0, -1)).toEqual(ROWS)
    expect(withoutRow(ROWS, 0).map((r) => r[0])).toEqual(['hands'])
    const three = added(ROWS)
    expect(three[2]![0]).toBe('criterion-3')
    expect(new Set(added(withoutRow(three, 0)).map((r) => r[0])).size).toBe(3)
    expect(rowsOf({ criteria: ['x'] })).toEqual([['', '', '', '', '', '']])
    expect(rowsOf({})).toEqual([])
  })
})

describe('a rubric', () => {
  beforeEach(() => {
    localStorage.clear()
    vi.restoreAllMocks()
    setActivePinia(createPinia())
    useSession().me = { username: 'marrow', displayName: 'Ines Marrow', mayWrite: true, mayGrade: true }
  })
  it('of the catalogue is kept as our own in its place', async () => {
    vi.spyOn(client, 'GET').mockImplementation((path: string) =>
      Promise.resolve({
        data: path.endsWith('play-words')
          ? { starts: {} }
          : path.endsWith('/rubrics')
            ? TERMS
            : path.endsWith('/document')
              ? { kind: 'rubric', id: 'edge-run', name: 'Edge', revision: 0, body: BODY }
              : { version: 0, standing: { install: 'catalogue', published: true, retired: false } },
        response: new Response(),
      }),
    )
    const post = vi.spyOn(client, 'POST').mockResolvedValue({
      data: { id: 'our-edge', name: 'Our edge', revision: 1, body: BODY },
      response: new Response(),
    })
    const wrapper = mount(RubricEditor, {
      props: { id: 'edge-run' },
      global: { plugins: [asked()], stubs: { RouterLink: RouterLinkStub } },
    })
    await flushPromises()
    expect(wrapper.findAll('tbody tr').map((r) => r.attributes('data-row'))).toEqual(['aim', 'hands'])
    await wrapper.find('input.name').setValue('Our edge')
    await wrapper.find('[aria-label="Fault, row 2"]').setValue('high')
    expect(wrapper.text()).toContain('For Edge against the run')
    await wrapper.findAll('fieldset input')[1]!.setValue(true)
    await wrapper
      .findAll('button')
      .find((b) => b.text() === 'Keep as our own')!
      .trigger('click')
    await flushPromises()
    const sent = (post.mock.calls as unknown[][]).find(([path]) => path === '/api/playbook/documents')?.[1]
    expect(sent).toMatchObject({
      body: {
        kind: 'rubric',
        name: 'Our edge',
        body: {
          of: ['edge-run', 'two-gap'],
          instead: 'edge-run',
          criteria: [BODY.criteria[0], ['hands', 'TE', 'Hands', 'inside', 'high', 'held']],
        },
      },
    })
    expect(replace).toHaveBeenCalledWith('/playbook/rubric/our-edge')
  })
  it('is read by whoever may not change it', async () => {
    useSession().me = { username: 'abara', displayName: 'Abara', mayWrite: false, mayGrade: true }
    vi.spyOn(client, 'GET').mockImplementation((path: string) =>
      Promise.resolve({
        data: path.endsWith('play-words')
          ? { starts: {} }
          : path.endsWith('/rubrics')
            ? TERMS
            : { kind: 'rubric', id: 'edge-run', name: 'Edge', revision: 0, body: BODY },
        response: new Response(),
      }),
    )
    const wrapper = mount(RubricEditor, {
      props: { id: 'edge-run' },
      global: { plugins: [asked()], stubs: { RouterLink: RouterLinkStub } },
    })
    await flushPromises()
    expect(wrapper.findAll('tbody tr')[1]!.text()).toContain('wide')
    expect(wrapper.findAll('tbody input, fieldset input, tbody button')).toHaveLength(0)
  })
})
