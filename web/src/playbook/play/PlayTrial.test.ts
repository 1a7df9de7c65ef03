import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../../api/client'
import type { Preview } from '../../api/types'
import FieldPicture from '../../board/field/FieldPicture.vue'
import { useBoard } from '../../board/boardStore'
import { useLists } from '../../shell/lists'
import { asked } from '../../testing/asked'
import { callItem, choicesOf, FIELD, formationItem, job, sheet } from '../../testing/fixtures'
import WordMenu from '../../words/WordMenu.vue'
import type { Work } from './playDraft'
import PlayTrial from './PlayTrial.vue'

const work = { name: 'Power', body: {} } as unknown as Work
const fit = (formation: string, side: string, bothSides = false) => ({ formation, name: formation, side, bothSides })
const preview = { formations: 3, fits: [fit('pro-i', 'right', true), fit('ace', 'left')] } as unknown as Preview
const TRIAL = {
  run: undefined,
  unfit: [{ id: 'power', name: 'Power', sides: ['left'], why: 'needs a tight end on my side' }],
  called: [{ man: 'LG', names: ['guard other side', 'guard'] }],
}

describe('a play tried while it is written', () => {
  const asks: { path: string; body: { left?: boolean; board?: { snap: { formation: string } } } }[] = []
  beforeEach(() => {
    asks.length = 0
    localStorage.clear()
    setActivePinia(createPinia())
    const lists = useLists()
    lists.choices = choicesOf(['pro-i', 'ace', 'empty'].map((id) => formationItem(id)))
    lists.calls = [callItem('anvil-drizzle')]
    useBoard().callId = 'anvil-drizzle'
    vi.spyOn(client, 'POST').mockImplementation(((path: string, init: { body: never }) => {
      asks.push({ path, body: init.body })
      const data = path === '/api/line-ups' ? { field: FIELD, phases: [sheet([job('nickel', 'NB', 7)])] } : TRIAL
      return Promise.resolve({ data, response: new Response() })
    }) as never)
  })
  afterEach(() => vi.restoreAllMocks())
  const trial = async () => {
    const wrapper = mount(PlayTrial, {
      props: { kind: 'run', id: 'power', work, preview },
      global: { plugins: [asked()] },
    })
    await flushPromises()
    await flushPromises()
    return wrapper
  }
  const menu = (w: Awaited<ReturnType<typeof trial>>, label: string) =>
    w.findAllComponents(WordMenu).find((m) => m.props('label') === label)!

  it('leads from a man on the field to the names the play may have for him', async () => {
    const wrapper = await trial()
    wrapper.findComponent(FieldPicture).vm.$emit('ask', 'LG')
    wrapper.findComponent(FieldPicture).vm.$emit('ask', 'nobody')
    expect(wrapper.emitted('man')).toEqual([[['guard other side', 'guard']], [[]]])
  })
  it('says why it does not go to a side, and draws nothing of it there', async () => {
    const wrapper = await trial()
    expect(wrapper.find('.not').exists()).toBe(false)
    menu(wrapper, 'Side of the play').vm.$emit('pick', 'left')
    await flushPromises()
    expect(wrapper.find('.not').text()).toContain('cannot run it to the left: needs a tight end on my side.')
    expect(asks.at(-1)!.body.left).toBe(true)
    // whom its sentences speak of is known of a formation that runs it alone
    expect(wrapper.emitted('met')!.at(-1)).toEqual([undefined])
    expect(wrapper.emitted('met')!.at(-2)).toEqual([{ formation: 'pro-i', names: new Set(TRIAL.called[0]!.names) }])
  })
  it('counts what can run it, each with its side, and offers those first', async () => {
    const wrapper = await trial()
    expect(wrapper.find('h2').text()).toBe('2 of 3 formations can run it')
    expect(wrapper.find('.fits').text()).toBe('pro-i, ace (left)')
    const offered = menu(wrapper, 'Formation it is tried from').props('options')
    expect(offered.at(-1)).toMatchObject({ id: 'empty', group: 'Cannot' })
    menu(wrapper, 'Formation it is tried from').vm.$emit('pick', 'ace')
    await flushPromises()
    expect(asks.at(-1)!.body.board?.snap.formation).toBe('ace')
  })
})
