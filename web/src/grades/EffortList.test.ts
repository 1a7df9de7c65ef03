import { mount, RouterLinkStub } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Effort } from '../api/types'
import EffortList from './EffortList.vue'

const at = (number: number) => ({ game: 7, opponent: 'Stoats', number })
const words = (effort: Effort): string =>
  mount(EffortList, { props: { effort, leads: false }, global: { stubs: { RouterLink: RouterLinkStub } } })
    .text()
    .replace(/\s+/g, ' ')

describe('effort', () => {
  it('is against his own speed where enough plays tell one, the slowest plays first', () => {
    const plays = [6.2, 7.4, 5.1, 7, 7, 7, 7, 7].map((yardsASecond, i) => ({
      at: at(i + 1),
      yardsASecond,
      doubt: 1.1,
      percent: Math.round((100 * yardsASecond) / 7),
    }))
    const said = words({ own: 7, medianPercent: 100, plays })
    expect(said).toContain('His own speed, reached on two plays: 7.0 yd/s. On 8 plays followed he ran 100 %')
    expect(said.indexOf('Stoats, play 3: 5.1 ± 1.1 yd/s, 73 %')).toBeLessThan(said.indexOf('Stoats, play 1: 6.2'))
    expect(said).not.toContain('play 2: 7.4')
    expect(said).toContain('Look before it is called effort')
  })
  it('is speeds alone of few plays, and nothing of none', () => {
    const said = words({ plays: [{ at: at(4), yardsASecond: 6, doubt: 1.2 }] })
    expect(said).toContain('Followed on 1 play, too few for a speed of his own: Stoats, play 4: 6.0 ± 1.2 yd/s')
    expect(said).not.toContain('%')
    expect(words({ plays: [] })).toBe('')
  })
})
