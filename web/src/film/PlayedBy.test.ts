import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import { asked } from '../testing/asked'
import { playGrades } from '../testing/fixtures'
import { choose } from '../testing/menus'
import { useGrades } from './gradeStore'
import PlayedBy from './PlayedBy.vue'

const PLAYERS = [
  { id: 'fenn', number: 97, name: 'Fenn', body: 'T' },
  { id: 'marsh', number: 9, name: 'Marsh', body: 'T' },
]

/** The nose of a play, played by the chart's man; the server knows better or not. */
async function nose(answered: object, status = 200) {
  vi.spyOn(client, 'GET').mockImplementation((path: string) =>
    Promise.resolve({
      data: path === '/api/roster' ? { roster: { players: PLAYERS } } : playGrades({ players: { nose: 'fenn' } }),
      response: new Response(),
    }),
  )
  const put = vi.spyOn(client, 'PUT').mockResolvedValue({
    ...(status === 200 ? { data: answered } : { error: answered }),
    response: new Response(null, { status }),
  } as never)
  const grades = useGrades()
  await grades.open(7, 11)
  const wrapper = mount(PlayedBy, { props: { job: 'nose' }, global: { plugins: [asked()] } })
  await flushPromises()
  return { wrapper, grades, put }
}

describe('who played a seat', () => {
  beforeEach(() => {
    localStorage.clear()
    setActivePinia(createPinia())
  })
  it('is the man of the roster, and another from a play on when a coach says so', async () => {
    const { wrapper, grades, put } = await nose({ nose: 'marsh' })
    expect(wrapper.text().replace(/\s+/g, ' ')).toBe('W Played by 97 Fenn from this play on')
    await choose(wrapper, 'Who played', 'marsh')
    await flushPromises()
    expect(put.mock.calls[0]![1]).toMatchObject({
      params: { path: { game: 7, play: 11, job: 'nose' } },
      body: { player: 'marsh', instead: 'fenn' },
    })
    expect(grades.found!.players).toEqual({ nose: 'marsh' })
    expect(wrapper.text()).toContain('9 Marsh')
  })
  it('changes places with him who is chosen, and says so', async () => {
    const { wrapper, grades } = await nose({ nose: 'marsh', tackle: 'fenn' })
    grades.found = { ...grades.found!, players: { nose: 'fenn', tackle: 'marsh' } }
    await choose(wrapper, 'Who played', 'marsh')
    await flushPromises()
    expect(wrapper.find('[role=status]').text()).toBe('97 Fenn is tackle then.')
  })
  it('stays as it was, and says why, when somebody else said it before', async () => {
    const { wrapper, grades } = await nose({ code: 'played-overtaken', detail: 'look at what he said' }, 412)
    await choose(wrapper, 'Who played', 'marsh')
    await flushPromises()
    expect(wrapper.find('[role=alert]').text()).toBe('look at what he said')
    expect(grades.found!.players).toEqual({ nose: 'fenn' })
  })
})
