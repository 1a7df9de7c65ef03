import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../../api/client'
import { useLists } from '../../shell/lists'
import { asked } from '../../testing/asked'
import { callItem, choicesOf, formationItem, gameSheet, playbookItem } from '../../testing/fixtures'
import WordMenu from '../../words/WordMenu.vue'
import LogFile from './LogFile.vue'

const ok = (data: unknown) => Promise.resolve({ data, response: new Response(null, { status: 200 }) })
async function chosen(csv: string, game = gameSheet()) {
  const wrapper = mount(LogFile, { props: { game }, global: { plugins: [asked()] } })
  const input = wrapper.find<HTMLInputElement>('input[type=file]')
  Object.defineProperty(input.element, 'files', { value: [new File([csv], 'stoats.csv')] })
  await input.trigger('change')
  await flushPromises()
  return wrapper
}
const words = (w: { text: () => string }): string => w.text().replace(/\s+/g, ' ')

describe('the log of a game as a file', () => {
  beforeEach(() => {
    vi.restoreAllMocks()
    localStorage.clear()
    setActivePinia(createPinia())
    const lists = useLists()
    vi.spyOn(lists, 'load').mockResolvedValue()
    lists.choices = choicesOf([formationItem('pro-i'), formationItem('trips')])
    lists.calls = [callItem('anvil-drizzle'), callItem('anvil-fog')]
    vi.spyOn(client, 'GET').mockImplementation((() => ok([playbookItem()])) as never)
  })
  it('says what it would do, and does it at once over what was read', async () => {
    const put = vi.spyOn(client, 'PUT').mockImplementation((() => ok({})) as never)
    const view = await chosen('down,gain,call\n2,5,\n3,-1,anvil fog')
    expect(words(view)).toContain('It changes 2 plays that are there. The first row is play')
    const [, take] = view.findAll('.ways')
    await take!.find('button.main').trigger('click')
    await flushPromises()
    const [log] = gameSheet().plays.map((p) => p.log)
    expect(put.mock.calls[0]![1]).toEqual({
      params: { path: { id: 7 } },
      body: {
        plays: 2,
        rows: [
          { play: 11, version: 4, log: { ...log, snap: { ...log!.snap, down: 2 }, gain: 5 } },
          { play: 12, version: 4, log: { ...log, snap: { ...log!.snap, down: 3 }, gain: -1, call: 'anvil-fog' } },
        ],
      },
    })
    expect(view.find('[role=status]').text()).toBe('2 plays taken in')
    expect(view.emitted('taken')).toEqual([[]])
  })
  it('takes nothing in while a cell is not understood, and leaves rows out when told to', async () => {
    const put = vi.spyOn(client, 'PUT').mockImplementation((() => ok({})) as never)
    const view = await chosen('down,gain\n7,5\n3,-1')
    const main = () => view.find<HTMLButtonElement>('button.main')
    expect(main().element.disabled).toBe(true)
    expect(words(view.find('[role=alert]'))).toContain('Row 2, down: “7” is no down from 1 to 4')
    await view
      .findAll('button')
      .find((b) => b.text() === 'leave 1 row out')!
      .trigger('click')
    expect(main().element.disabled).toBe(false)
    expect(words(view)).toContain('It changes 1 play that is there, without 1 row you left out.')
    await view.find('button.main').trigger('click')
    await flushPromises()
    // the second play of the file is the second of the game
    expect(put.mock.calls[0]![1]).toMatchObject({ body: { rows: [{ play: 12, log: { gain: -1 } }] } })
  })
  it('keeps what was refused on the table, and says it', async () => {
    const detail = 'nothing was taken in. row 1: the play power does not exist'
    vi.spyOn(client, 'PUT').mockResolvedValue({
      error: { code: 'log-refused', detail },
      response: new Response(null, { status: 422 }),
    } as never)
    const view = await chosen('gain\n5')
    await view.find('button.main').trigger('click')
    await flushPromises()
    expect(view.text()).toContain(detail)
    expect(view.text()).toContain('stoats.csv: 1 row')
  })
  it('keeps what words mean for the next file, and of what a file does not say nothing', async () => {
    const csv = 'down,dist,ball on,hash,form,they ran\n1,10,35,m,pro-i,zap'
    const game = gameSheet({ plays: [] })
    const menu = (view: Awaited<ReturnType<typeof chosen>>, label: string) =>
      view.findAllComponents(WordMenu).find((m) => m.props('label') === label)!
    const view = await chosen(csv, game)
    menu(view, 'they ran zap').vm.$emit('pick', '-')
    menu(view, 'our call ').vm.$emit('pick', 'anvil-fog')
    await flushPromises()
    expect(words(view)).toContain('As you said it')
    const next = await chosen(csv, game)
    expect(menu(next, 'they ran zap').props('value')).toBe('-')
    expect(menu(next, 'our call ').props('value')).toBe('')
    expect(next.find<HTMLButtonElement>('button.main').element.disabled).toBe(true)
  })
  it('writes over no play that is logged, unless told to', async () => {
    const game = gameSheet()
    game.plays[0]!.log = { ...game.plays[0]!.log, result: 'tackled' }
    expect(words(await chosen('gain\n5', game))).toContain('It changes 1 play that is there.')
    game.plays[1]!.log = { ...game.plays[1]!.log, gain: 3 }
    const view = await chosen('down,dist,ball on,hash,form,call\n1,10,35,m,pro-i,anvil-fog', game)
    expect(words(view)).toContain('It adds 1 play.')
    expect(view.find<HTMLInputElement>('[aria-label="The first row is play"]').element.value).toBe('3')
  })
  it('says what is no table', async () => {
    expect((await chosen('nothing')).text()).toContain('stoats.csv is no table')
    expect((await chosen(`down\n${'1\n'.repeat(1_000_000)}`)).text()).toContain('stoats.csv is no table')
  })
})
