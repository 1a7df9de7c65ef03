import { flushPromises } from '@vue/test-utils'
import { createPinia, disposePinia, setActivePinia, type Pinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { client } from '../api/client'
import { job, sheet } from '../testing/fixtures'
import { queries } from '../shell/queries'
import { useBoard } from './boardStore'
import { usePlacing } from './offencePlaced'

const CHOICES = {
  codes: [
    { id: 'hs', name: 'high school', players: 11 },
    { id: 'flag5', name: 'flag, 5', players: 5 },
  ],
  formations: [
    { id: 'pro-i', name: 'Pro I', family: 'two backs', players: 11, motions: [{ id: 'trade', name: 'trade' }] },
    { id: 'trips-open', name: 'Trips open', family: 'trips', players: 11, motions: [] },
    { id: 'flag-spread', name: 'Flag spread', family: 'flag', players: 5, motions: [] },
  ],
  runs: [],
}
const CALLS = [
  { id: 'anvil-drizzle', name: 'Anvil Drizzle', revision: 0, players: 11 },
  { id: 'anvil-fog', name: 'Anvil Fog', revision: 2, players: 11 },
  { id: 'tack-siskin', name: 'Tack Siskin', revision: 0, players: 5 },
]

/** A server that answers when it is told to, in whatever order. */
function server() {
  const asked: {
    path: string
    body: { snap: { formation: string }; call: string }
    done: (phases: number) => void
    refuse: (code: string) => void
  }[] = []
  const others: string[] = []
  vi.spyOn(client, 'GET').mockImplementation(((path: string) => {
    others.push(path)
    const data = path.endsWith('choices')
      ? CHOICES
      : path === '/api/calls'
        ? CALLS
        : { id: 'anvil-fog', name: 'Anvil Fog', revision: 2, roles: [] }
    return Promise.resolve({ data, response: new Response() })
  }) as never)
  vi.spyOn(client, 'POST').mockImplementation(((path: string, init: { body: never }) => {
    if (path === '/api/calls/{id}/drafts') {
      others.push(path)
      return Promise.resolve({
        data: { id: 'anvil-fog', name: 'Anvil Fog', revision: 2, roles: [] },
        response: new Response(),
      })
    }
    if (path !== '/api/line-ups') return Promise.resolve({ data: ['a man is covered'], response: new Response() })
    return new Promise((resolve) =>
      asked.push({
        path,
        body: init.body,
        done: (phases) =>
          resolve({
            data: { phases: Array.from({ length: phases }, () => sheet([job('nickel', 'NB', 7)])), changes: [] },
            response: new Response(),
          }),
        refuse: (code) =>
          resolve({ error: { code, detail: 'refused' }, response: new Response(null, { status: 422 }) }),
      }),
    )
  }) as never)
  return { asked, others }
}

describe('the board', () => {
  let pinia: Pinia
  beforeEach(() => {
    vi.restoreAllMocks()
    queries.clear()
    localStorage.clear()
    pinia = createPinia()
    setActivePinia(pinia)
  })
  // a board that is left behind would hear of every change that the next one stores
  // what a choice asks for after it is painted is asked before the server is gone
  afterEach(async () => {
    await new Promise((done) => setTimeout(done, 50))
    disposePinia(pinia)
  })
  async function started() {
    const said = server()
    const board = useBoard()
    const start = board.start()
    await flushPromises()
    said.asked.at(-1)!.done(1)
    await start
    return { board, ...said }
  }

  it('shows the answer to the last question only, whichever comes first', async () => {
    const { board, asked } = await started()
    void board.say({ formation: 'trips-open' })
    await nextTick()
    void board.say({ hash: 'l' })
    await nextTick()
    const [first, second] = asked.slice(-2)
    second!.done(2)
    await flushPromises()
    expect(board.board?.phases).toHaveLength(2)
    first!.done(1)
    await flushPromises()
    expect(board.board?.phases).toHaveLength(2)
  })
  it('draws another call before it asks for the rest of it, and leaves the draft of the last behind', async () => {
    const { board, asked, others } = await started()
    board.setDraft({ edits: [{ rung: 'anvil-drizzle/will/own-1', sentence: 'run none' }], hand: [] })
    expect(board.dirty).toBe(true)
    others.length = 0
    const chosen = board.chooseCall('anvil-fog')
    await flushPromises()
    expect(board.revision).toBe(2)
    expect(board.dirty).toBe(false)
    expect(others).toEqual([])
    expect(asked.at(-1)!.body.call).toBe('anvil-fog')
    asked.at(-1)!.done(1)
    await chosen
    expect(others).toEqual(['/api/calls/{id}/drafts'])
  })
  it('takes formation and call along when the game changes to another number of men', async () => {
    const { board, asked } = await started()
    void board.say({ code: 'flag5' })
    await flushPromises()
    expect(board.snap.formation).toBe('flag-spread')
    expect(board.callId).toBe('tack-siskin')
    asked.forEach((a) => a.done(1))
    void board.say({ formation: 'pro-i' })
    await flushPromises()
    expect(board.snap.code).toBe('hs')
    expect(board.callId).toBe('anvil-drizzle')
  })
  it('opens what a motion changed, and drops a motion that the next formation has not', async () => {
    const { board, asked } = await started()
    void board.say({ motion: 'trade' })
    await nextTick()
    asked.at(-1)!.done(3)
    await flushPromises()
    expect(board.panel).toBe('changes')
    expect(board.sheet).toStrictEqual(board.board!.phases[2])
    void board.say({ formation: 'trips-open' })
    await flushPromises()
    expect(board.snap.motion).toBeUndefined()
    expect(board.panel).toBe('findings')
    expect(board.phase).toBe(0)
  })
  it('keeps the board when a tried sentence cannot be read, and says so beside the sentence', async () => {
    const { board, asked } = await started()
    const before = board.board
    board.trySentence({ rung: 'anvil-drizzle/will/own-1', sentence: 'run everywhere' })
    asked.at(-1)!.refuse('sentence-fault')
    await flushPromises()
    expect(board.tryProblem?.code).toBe('sentence-fault')
    expect(board.problem).toBeUndefined()
    expect(board.board).toBe(before)
    expect(board.dirty).toBe(false)
    board.trySentence(undefined)
    void board.say({ hash: 'l' })
    asked.at(-1)!.refuse('too-old')
    await flushPromises()
    expect(board.problem?.code).toBe('too-old')
  })
  it('asks for what is looked at in a menu, one at a time, and draws it at once when it is taken', async () => {
    const { board, asked } = await started()
    const before = asked.length
    board.look({ hash: 'l' })
    board.look({ hash: 'r' })
    board.look({ formation: 'trips-open' })
    expect(asked).toHaveLength(before + 1)
    asked.at(-1)!.done(1)
    await flushPromises()
    expect(asked).toHaveLength(before + 2)
    expect(asked.at(-1)!.body.snap.formation).toBe('trips-open')
    expect(board.snap.formation).toBe('pro-i')
    asked.at(-1)!.done(2)
    await flushPromises()
    expect(board.board?.phases).toHaveLength(1)
    await board.say({ formation: 'trips-open' })
    expect(board.board?.phases).toHaveLength(2)
    expect(asked).toHaveLength(before + 2)
  })
  it('asks anew for what it has just shown when somebody was elsewhere meanwhile', async () => {
    const { board, asked } = await started()
    const before = asked.length
    const again = board.start()
    await flushPromises()
    expect(asked).toHaveLength(before + 1)
    asked.at(-1)!.done(1)
    await again
  })
  it('applies the sentences of a repair as one step of undo', async () => {
    const { board } = await started()
    board.apply([
      { rung: 'a/nose/r', sentence: 'run A gap' },
      { rung: 'a/will/r', sentence: 'run B gap' },
    ])
    expect(board.draft.edits).toHaveLength(2)
    board.undo()
    expect(board.draft.edits).toHaveLength(0)
    board.redo()
    expect(board.draft.edits).toHaveLength(2)
  })
  it('keeps an offence placed by hand under its name and shows it from then on', async () => {
    const { board } = await started()
    void board.say({ men: 'ol2 TE4 SE-16' })
    CHOICES.formations.push({ id: 'otter-split', name: 'Otter split', family: 'own', players: 11, motions: [] })
    expect(await usePlacing().keepFormation('Otter split ')).toEqual(['a man is covered'])
    expect(board.snap.formation).toBe('otter-split')
    await nextTick()
    expect(board.snap.men).toBeUndefined()
    CHOICES.formations.pop()
  })
})
