import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../../api/client'
import type { Preview } from '../../api/types'
import FieldPicture from '../../board/field/FieldPicture.vue'
import { useLists } from '../../shell/lists'
import { asked } from '../../testing/asked'
import FormationStage from './FormationStage.vue'
import type { Work } from './playDraft'
import { callItem, choicesOf, formationItem } from '../../testing/fixtures'

const preview = {
  fits: [],
  formations: 2,
  sketch: { offence: Array(5).fill({}), defence: [], ways: [] },
} as unknown as Preview

describe('a formation as it is written', () => {
  const asks: { path: string; body: Record<string, never> }[] = []
  beforeEach(() => {
    asks.length = 0
    localStorage.clear()
    setActivePinia(createPinia())
    const lists = useLists()
    lists.choices = choicesOf(
      [formationItem('pro-i', 11), formationItem('flag-spread', 5)],
      [{ id: 'flag5', name: 'flag', players: 5 }],
    )
    lists.calls = [callItem('anvil'), callItem('siskin', 5)]
    vi.spyOn(client, 'POST').mockImplementation(((path: string, init: { body: never }) => {
      asks.push({ path, body: init.body })
      if (path !== '/api/placements') return new Promise(() => {})
      const refused = (init.body as { x: number }).x > 20
      return Promise.resolve(
        refused
          ? {
              error: { code: 'refused', detail: 'he would stand out of bounds' },
              response: new Response(null, { status: 422 }),
            }
          : { data: { men: 'QB0/5 X-8' }, response: new Response() },
      )
    }) as never)
  })
  const stage = (readonly = false) =>
    mount(FormationStage, {
      props: { work: { name: 'Otter', body: { men: 'QB0/5 X-7' } } as unknown as Work, preview, readonly },
      global: { plugins: [asked()] },
    })
  it('is met by a call of as many men, with its own men and the rules of its game', async () => {
    stage()
    await flushPromises()
    expect(asks[0]).toMatchObject({
      path: '/api/line-ups',
      body: { call: 'siskin', snap: { men: 'QB0/5 X-7', code: 'flag5', formation: 'flag-spread' } },
    })
  })
  it('writes down where a man was dragged, and says why he cannot stand somewhere', async () => {
    const view = stage()
    view.findComponent(FieldPicture).vm.$emit('place', 'X', { x: -8, y: 0 })
    await flushPromises()
    expect(asks.at(-1)!.body).toMatchObject({ man: 'X', x: -8, snap: { men: 'QB0/5 X-7' } })
    expect(view.emitted('men')).toEqual([['QB0/5 X-8']])
    view.findComponent(FieldPicture).vm.$emit('place', 'X', { x: 30, y: 0 })
    await flushPromises()
    expect(view.find('[role=alert]').text()).toBe('he would stand out of bounds')
    expect(view.emitted('men')).toHaveLength(1)
  })
  it('is only looked at by who may not write', () => {
    const view = stage(true)
    expect(view.findComponent(FieldPicture).props('placing')).toBe(false)
    expect(view.text()).not.toContain('Drag a man')
  })
})
