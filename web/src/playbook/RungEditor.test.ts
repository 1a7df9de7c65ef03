import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { client } from '../api/client'
import { useBoard } from '../board/boardStore'
import { useActions } from '../shell/actions/registry'
import { useLists } from '../shell/lists'
import { useSession } from '../shell/session'
import { asked } from '../testing/asked'
import { job, sheet } from '../testing/fixtures'
import FormationStrip from './FormationStrip.vue'
import RungEditor from './RungEditor.vue'

const jobs = [job('weak', 'WS', -5), job('nickel', 'NB', 7)]
const CALL = {
  id: 'anvil-fog',
  name: 'Anvil Fog',
  revision: 0,
  digest: '',
  pictures: [],
  layers: [],
  meantFor: [],
  taught: [],
  roles: jobs.map((j) => ({
    id: j.id,
    name: j.name,
    label: j.label,
    sits: 'cover side',
    fresh: `anvil-fog/${j.id}/own-1`,
    freshThisWeek: `this-week/${j.id}/own-1`,
    rungs: [{ id: `anvil/${j.id}/base`, layer: 'front', sentence: 'run A gap', added: false }],
  })),
}

async function editor() {
  localStorage.clear()
  setActivePinia(createPinia())
  const board = useBoard()
  useSession().me = { username: 'marrow', displayName: 'Ines Marrow', mayWrite: true, mayGrade: true }
  const proI = { id: 'pro-i', name: 'Pro I', family: 'two backs', players: 11, motions: [] }
  Object.assign(useLists(), { choices: { codes: [], formations: [proI] } })
  Object.assign(board, {
    callSheet: CALL,
    callId: 'anvil-fog',
    board: { phases: [sheet(jobs)], changes: [] },
  })
  vi.spyOn(client, 'POST').mockImplementation(((path: string) =>
    Promise.resolve({
      data: path.endsWith('/drafts') ? CALL : path.endsWith('/strips') ? [] : { phases: [sheet(jobs)], changes: [] },
      response: new Response(),
    })) as never)
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/playbook/call/:id', component: RungEditor },
      { path: '/:rest(.*)', component: { template: '<i />' } },
    ],
  })
  await router.push('/playbook/call/anvil-fog')
  const wrapper = mount(RungEditor, { global: { plugins: [router, asked()] }, attachTo: document.body })
  await flushPromises()
  return { board, wrapper }
}
const press = async (key: string): Promise<void> => {
  useActions().press(new KeyboardEvent('keydown', { key }))
  await flushPromises()
}

describe('the rung editor', () => {
  beforeEach(() => vi.restoreAllMocks())
  afterEach(() => {
    vi.restoreAllMocks()
    document.body.innerHTML = ''
  })
  it('opens on the first man and walks the men by keys', async () => {
    const { board, wrapper } = await editor()
    expect(board.selected).toBe('weak')
    expect(wrapper.findComponent(FormationStrip).props('role')).toBe('weak')
    await press('ArrowRight')
    expect(board.selected).toBe('nickel')
    await press('ArrowRight')
    expect(board.selected).toBe('weak')
    expect(wrapper.text()).toContain('run A gap')
  })
  it('opens a new rung of the call, or of this week, in a field to type in', async () => {
    const { wrapper } = await editor()
    await press('w')
    expect(wrapper.find('textarea').attributes('aria-label')).toBe('Sentence of this-week/weak/own-1')
    await wrapper.find('textarea').trigger('keydown', { key: 'Escape' })
    await press('a')
    expect(wrapper.find('textarea').attributes('aria-label')).toBe('Sentence of anvil-fog/weak/own-1')
  })
  it('says once that the call cannot be shown', async () => {
    const { board, wrapper } = await editor()
    board.problem = { detail: 'There is no call "otter".' } as never
    await flushPromises()
    expect(wrapper.findAll('[role=alert]').map((a) => a.text())).toEqual(['There is no call "otter".'])
    expect(wrapper.findComponent(FormationStrip).exists()).toBe(false)
  })
})
