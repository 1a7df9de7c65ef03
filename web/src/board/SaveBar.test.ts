import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import { useBoard } from './boardStore'
import SaveBar from './SaveBar.vue'

// its dialogs are fetched when they open: here they are at hand
import './SaveAs.vue'
import './SavedBefore.vue'

const EDIT = { rung: 'otter-fog/will/own-1', sentence: 'run B gap' }
const SHEET = {
  id: 'otter-fog',
  name: 'Otter Fog',
  revision: 3,
  roles: [{ id: 'will', rungs: [{ id: EDIT.rung, sentence: 'run A gap' }] }],
}

function refusal(status: number, error: object) {
  return Promise.resolve({ error, response: new Response(null, { status }) })
}
function bar(revision: number) {
  const board = useBoard()
  board.revision = revision
  board.callId = 'otter-fog'
  board.callSheet = { ...SHEET, revision } as never
  board.setDraft({ edits: [EDIT], hand: [] })
  return { board, wrapper: mount(SaveBar, { attachTo: document.body }) }
}

describe('saving a call', () => {
  beforeEach(() => {
    vi.restoreAllMocks()
    localStorage.clear()
    document.body.innerHTML = ''
    setActivePinia(createPinia())
    vi.spyOn(client, 'GET').mockResolvedValue({ data: [], response: new Response() })
    vi.spyOn(client, 'POST').mockResolvedValue({
      data: { phases: [], changes: [], ...SHEET, revision: 1 },
      response: new Response(),
    })
  })
  it('counts what is not saved and writes the next revision', async () => {
    const { board, wrapper } = bar(3)
    const put = vi
      .spyOn(client, 'PUT')
      .mockResolvedValue({ data: { ...SHEET, revision: 4 }, response: new Response() } as never)
    expect(wrapper.text()).toContain('1 not saved')
    await wrapper.find('.main').trigger('click')
    await flushPromises()
    expect((put.mock.calls[0] as unknown as [string, object])[1]).toEqual({
      params: { path: { id: SHEET.id }, header: { 'If-Match': '"3"' } },
      body: { edits: [EDIT] },
    })
    expect(wrapper.find('[role=status]').text()).toBe('Saved as revision 4.')
    expect(board.dirty).toBe(false)
  })
  it('saves a call of the catalogue under a name of our own', async () => {
    const { board, wrapper } = bar(0)
    expect(wrapper.find('.main').text()).toContain('Save as')
    await wrapper.find('.main').trigger('click')
    await flushPromises()
    const name = document.querySelector<HTMLInputElement>('.ant-modal input')!
    expect(name.value).toBe('Otter Fog ours')
    document.querySelector('.ant-modal form')!.dispatchEvent(new Event('submit'))
    await flushPromises()
    expect(board.revision).toBe(1)
    expect(board.dirty).toBe(false)
  })
  it('keeps the draft and shows both texts when somebody saved before', async () => {
    const { board, wrapper } = bar(3)
    const theirs = { revision: 4, savedBy: 'teal' }
    vi.spyOn(client, 'PUT').mockReturnValue(
      refusal(412, { code: 'call-overtaken', detail: 'teal saved revision 4.', theirs, theirCall: SHEET }) as never,
    )
    await wrapper.find('.main').trigger('click')
    await flushPromises()
    const cells = [...document.querySelectorAll('.ant-modal td')].map((c) => c.textContent)
    expect(cells).toEqual([EDIT.rung, 'run A gap', 'run B gap'])
    expect(board.draft.edits).toEqual([EDIT])
    document.querySelector<HTMLButtonElement>('.ant-modal .main')!.click()
    await flushPromises()
    expect(board.revision).toBe(4)
    expect(board.draft.edits).toEqual([EDIT])
  })
  it('says why a call cannot be saved and loses nothing', async () => {
    const { board, wrapper } = bar(3)
    vi.spyOn(client, 'PUT').mockReturnValue(
      refusal(422, { code: 'call-fault', detail: 'will: no rung gives his key.' }) as never,
    )
    await wrapper.find('.main').trigger('click')
    await flushPromises()
    expect(wrapper.find('[role=alert]').text()).toBe('will: no rung gives his key.')
    expect(board.draft.edits).toEqual([EDIT])
  })
})
