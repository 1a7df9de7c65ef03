import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import type { ManPath, PlayPaths } from '../api/types'
import { filmedPlay, job, sheet } from '../testing/fixtures'
import MiniField from './MiniField.vue'
import PathWords from './PathWords.vue'
import { gaps, placeAt } from './paths'
import type { Paths } from './usePaths'

const step = (seconds: number, x: number) => ({ seconds, x, y: 5, yardsASecond: 4 })
const PATH: ManPath = {
  man: 'mike',
  stretches: [
    [step(0, 1), step(0.2, 2)],
    [step(1, 6), step(1.2, 7)],
  ],
  fastest: { yardsASecond: 5.04, doubt: 0.98, seconds: 1.1 },
}

beforeEach(() => setActivePinia(createPinia()))

describe('a path', () => {
  it('has places between looks, and none where he was not seen', () => {
    expect(placeAt(PATH, 0.1)).toMatchObject({ x: 1.5, y: 5 })
    expect(placeAt(PATH, 0)).toMatchObject({ x: 1 })
    expect(placeAt(PATH, 1.1)!.x).toBeCloseTo(6.5)
    expect(placeAt(PATH, 0.6)).toBeUndefined()
    expect(placeAt(PATH, 2)).toBeUndefined()
    expect(gaps(PATH)).toEqual([{ from: 0.2, to: 1 }, { from: 1.2 }])
  })
  it('is drawn in stretches on the small field, with the man where he is now', async () => {
    const play = filmedPlay({ sheet: sheet([job('mike', 'M', 1)]), known: [{ name: 'a', x: -10, y: 0 }] })
    const field = mount(MiniField, {
      props: { play, mode: 'mark', clicked: new Set<string>(), target: 'mike', paths: [PATH], since: 0.1 },
    })
    expect(field.findAll('polyline.picked')).toHaveLength(2)
    expect(field.findAll('circle.runs')).toHaveLength(1)
    await field.setProps({ since: 0.6 })
    expect(field.findAll('circle.runs')).toHaveLength(0)
  })
})

describe('what is said of paths', () => {
  const paths = (work?: PlayPaths['angles'][number]['work'], trouble = ''): Paths =>
    ({ men: ref([PATH]), work: ref(work), trouble: ref(trouble), cancel: vi.fn() }) as unknown as Paths
  const words = (of: Paths, target = 'mike') =>
    mount(PathWords, { props: { paths: of, target } })
      .text()
      .replace(/\s+/g, ' ')

  it('is his pace with its doubt, and when he was not seen', () => {
    expect(words(paths())).toBe(
      'mike followed: fastest 5.0 ± 1.0 yd/s at +1.1 s; not seen from +0.2 s to +1.0 s, from +1.2 s on.',
    )
    expect(words(paths(), 'nickel')).toBe('')
  })
  it('is how far it is while they are followed, and what hinders it', async () => {
    const going = paths({ id: 1, state: 'running', percent: 40, words: 'follows them' } as never)
    const said = mount(PathWords, { props: { paths: going, target: 'mike' } })
    expect(said.text()).toContain('follows them')
    await said.get('button').trigger('click')
    expect(going.cancel).toHaveBeenCalledOnce()
    expect(words(paths(undefined, 'the camera turned'))).toContain('the camera turned')
  })
})
