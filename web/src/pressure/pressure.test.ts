import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { job } from '../testing/fixtures'
import { choose } from '../testing/menus'
import CoveragesLeft from './CoveragesLeft.vue'
import { costWords, counted, tellMan, toldOf, type Left } from './usePressure'
import WhoComes from './WhoComes.vue'

const will = { ...job('will', 'W', -3), role: 'will', onCoverSide: false }
const near = { ...job('corner-right', 'C', 18), role: 'corner', onCoverSide: true }
const far = { ...job('corner-left', 'C', -18), role: 'corner', onCoverSide: false }
const EDGE = 'comes off the edge' as const
const B = 'comes through the B gap' as const
const left = (busts: number, weak: number): Left => ({
  coverage: `c${busts}${weak}`,
  name: 'Squall',
  words: 'five on men, one deep',
  carried: weak === 0,
  rush: 5,
  cover: 6,
  usual: busts === 0,
  busts,
  weak,
  worst: busts ? 'Nobody has #3.' : undefined,
})

describe('a pressure on its way', () => {
  it('tells each man one thing, of two corners the one on the cover side', () => {
    const one = tellMan([], will, false, B)
    expect(one).toEqual([{ role: 'will', coverSide: false, told: B }])
    expect(tellMan(one, will, false, EDGE)).toEqual([{ role: 'will', coverSide: false, told: EDGE }])
    expect(tellMan(one, will, false, '')).toEqual([])
    const both = tellMan(tellMan(one, near, true, EDGE), far, true, B)
    expect([near, far].map((c) => toldOf(both, c, true))).toEqual([EDGE, B])
    expect(toldOf(tellMan(both, near, true, ''), far, true)).toBe(B)
  })
  it('says what breaks behind a coverage, and how many come', () => {
    expect([left(0, 0), left(1, 0), left(2, 1), left(0, 3)].map(costWords)).toEqual([
      'nothing breaks',
      '1 bust',
      '2 busts, 1 weak',
      '3 weak',
    ])
    expect([0, 5, 11].map(counted)).toEqual(['none', 'five', 'eleven'])
  })
  it('offers a man only what he can be told', async () => {
    const list = mount(WhoComes, {
      props: { jobs: [will], choices: { will: [{ told: B, words: B }] }, told: () => '' },
    })
    expect(list.text()).toContain('as he is called')
    await choose(list, `What ${will.name} does`, B)
    expect(list.emitted('tell')).toEqual([[will, B]])
  })
  it('shows the worst only of the coverage that is picked', () => {
    const list = mount(CoveragesLeft, { props: { left: [left(1, 1), left(2, 2)], picked: 'c11', stays: 'six' } })
    expect(list.text().match(/Nobody has #3/g)).toHaveLength(1)
    expect(list.text()).toContain('the front does not carry it')
    expect(list.find('[aria-pressed=true] .cost').text()).toBe('1 bust, 1 weak')
  })
})
