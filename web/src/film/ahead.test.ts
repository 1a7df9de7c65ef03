import { describe, expect, it, vi } from 'vitest'
import { Ahead, type Scout } from './ahead'

type Run = Parameters<Scout<string>['run']>
function stepping(frames = 100) {
  const runs: Run[] = []
  const scout = { run: (...of: Run) => void runs.push(of), stop: vi.fn() }
  const closed = vi.fn()
  const come = vi.fn()
  const ahead = new Ahead<string>(scout, frames, closed, come)
  /** The scout comes by all frames of its span. */
  const goes = (i: number): void => {
    const [from, to, seen, done] = runs[i]!
    for (let f = from; f <= to; f++) seen(f, `picture ${f}`)
    done()
  }
  return { ahead, runs, goes, scout, closed, come, spans: () => runs.map(([from, to]) => [from, to]) }
}

describe('frames ahead', () => {
  it('are fetched when he steps, and are there for the next step', () => {
    const { ahead, goes, spans, come } = stepping()
    ahead.shown(20)
    expect(spans()).toEqual([])
    ahead.shown(21)
    expect(spans()).toEqual([[22, 33]])
    expect([23, 32].map((f) => ahead.soon(f))).toEqual([true, false])
    goes(0)
    expect(ahead.soon(23)).toBe(false)
    expect(come).toHaveBeenLastCalledWith(33, 'picture 33')
    expect(ahead.at(22)).toBe('picture 22')
    for (let f = 22; f <= 28; f++) ahead.shown(f)
    expect(spans()).toEqual([[22, 33]])
    ahead.shown(29)
    expect(spans()[1]).toEqual([34, 45])
  })
  it('are those behind him when he steps back, and no farther than the film goes', () => {
    const { ahead, goes, spans } = stepping()
    ahead.shown(9)
    ahead.shown(8)
    expect(spans()).toEqual([[0, 7]])
    expect(ahead.soon(7)).toBe(false)
    goes(0)
    for (let f = 7; f >= 0; f--) ahead.shown(f)
    expect(spans()).toHaveLength(1)
  })
  it('are not fetched for a jump, nor twice while the scout is on its way', () => {
    const { ahead, spans } = stepping()
    ahead.shown(10)
    ahead.shown(40)
    expect(spans()).toEqual([])
    ahead.shown(41)
    ahead.shown(42)
    expect(spans()).toEqual([[42, 53]])
  })
  it('are let go when he is far from them, and all at the end', () => {
    const { ahead, goes, closed, scout } = stepping()
    ahead.shown(0)
    ahead.shown(1)
    goes(0)
    ahead.shown(60)
    ahead.shown(61)
    expect(ahead.at(2)).toBeUndefined()
    expect(closed).toHaveBeenCalledTimes(12)
    goes(1)
    expect(ahead.at(62)).toBe('picture 62')
    ahead.drop()
    expect(ahead.at(62)).toBeUndefined()
    expect(scout.stop).toHaveBeenCalled()
  })
  it('closes what comes of a run that was given up', () => {
    const { ahead, runs, closed } = stepping()
    ahead.shown(10)
    ahead.shown(11)
    ahead.drop()
    runs[0]![2](12, 'late')
    expect(ahead.at(12)).toBeUndefined()
    expect(closed).toHaveBeenCalledWith('late')
  })
})
