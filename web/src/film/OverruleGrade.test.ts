import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import type { GradeRow } from '../api/types'
import { job } from '../testing/fixtures'
import { choose, menu } from '../testing/menus'
import OverruleGrade from './OverruleGrade.vue'

const GRADE: GradeRow = {
  job: 'mike',
  verdict: 'Out: 1.2 yd wide (± 0.3)',
  mark: '-',
  reel: 3,
  reelName: 'Stoats',
  snap: 2,
  call: 'anvil-fog',
  callRevision: 0,
  version: 4,
}
async function dialog(grade: object = GRADE) {
  const wrapper = mount(OverruleGrade, {
    props: { reel: 3, snap: 2, grade: grade as typeof GRADE },
    global: { stubs: { AModal: { template: '<div><slot /></div>' } } },
  })
  await wrapper.setProps({ job: job('mike', 'M', 1) })
  return wrapper
}
const answers = (status: number, error?: object) =>
  vi.spyOn(client, 'PUT').mockResolvedValue({
    data: status < 300 ? GRADE : undefined,
    error,
    response: new Response(null, { status }),
  } as never)

describe('overruling a grade', () => {
  beforeEach(() => vi.restoreAllMocks())
  it('begins with the measured mark and writes over the version that was read', async () => {
    const put = answers(200)
    const wrapper = await dialog()
    expect(menu(wrapper, 'Mark').props('value')).toBe('-')
    await choose(wrapper, 'Mark', '=')
    await wrapper.find('textarea').setValue('told to by the booth')
    await wrapper.find('form').trigger('submit')
    await flushPromises()
    expect(put).toHaveBeenCalledWith('/api/reels/{reel}/snaps/{snap}/grades/{job}', {
      params: { path: { reel: 3, snap: 2, job: 'mike' }, header: { 'If-Match': '"4"' } },
      body: { mark: '=', note: 'told to by the booth' },
    })
    expect(Object.keys(wrapper.emitted())).toEqual(expect.arrayContaining(['graded', 'close']))
  })
  it('takes the word back with no mark, when one was given', async () => {
    const put = answers(200)
    expect((await dialog()).find('.acts button[type=button]').exists()).toBe(false)
    const wrapper = await dialog({ ...GRADE, overruled: '=' })
    await wrapper.find('.acts button[type=button]').trigger('click')
    await flushPromises()
    expect((put.mock.calls[0] as unknown as [string, { body: object }])[1].body).toEqual({})
  })
  it('stays open when somebody graded meanwhile, and asks for his word', async () => {
    answers(412, { code: 'grade-overtaken', detail: 'somebody graded mike' })
    const wrapper = await dialog()
    await wrapper.find('form').trigger('submit')
    await flushPromises()
    expect(wrapper.find('[role=alert]').text()).toBe('somebody graded mike')
    expect(wrapper.emitted('graded')).toHaveLength(1)
    expect(wrapper.emitted('close')).toBeUndefined()
  })
})
