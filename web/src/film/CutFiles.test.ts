import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import { gameFilm } from '../testing/fixtures'
import CutFiles from './CutFiles.vue'

const REEL = { ...gameFilm().reels[0]!, id: 4, name: 'Stoats, end zone', plays: 2 }

async function taken(answered: object, status: number) {
  const post = vi.spyOn(client, 'POST').mockResolvedValue({
    ...(status === 200 ? { data: answered } : { error: answered }),
    response: new Response(null, { status }),
  })
  const wrapper = mount(CutFiles, { props: { reel: REEL } })
  const input = wrapper.find<HTMLInputElement>('input[type=file]')
  Object.defineProperty(input.element, 'files', { value: [new File(['play,what'], 'cuts.csv')] })
  await input.trigger('change')
  await flushPromises()
  return { wrapper, post }
}

describe('the cuts of a reel', () => {
  beforeEach(() => void vi.restoreAllMocks())
  it('are taken along as files, when there are any', () => {
    const links = (plays: number) =>
      mount(CutFiles, { props: { reel: { ...REEL, plays } } })
        .findAll('a')
        .map((a) => a.attributes('href'))
    expect(links(2)).toEqual(['/api/reels/4/cuts.csv', '/api/reels/4/cuts.vtt'])
    expect(links(0)).toEqual([])
  })
  it('are taken in from one, and counted', async () => {
    const { wrapper, post } = await taken({ plays: 2 }, 200)
    expect(post.mock.calls[0]![1]).toMatchObject({ params: { path: { id: 4 } }, body: 'play,what' })
    expect(wrapper.find('[role=status]').text()).toBe('2 plays cut')
    expect(wrapper.emitted('cut')).toEqual([[]])
  })
  it('say where a file does not fit, and cut nothing', async () => {
    const { wrapper } = await taken({ code: 'cuts-do-not-fit', detail: 'play 9 cannot be cut' }, 422)
    expect(wrapper.find('[role=alert]').text()).toBe('play 9 cannot be cut')
    expect(wrapper.emitted('cut')).toBeUndefined()
  })
})
