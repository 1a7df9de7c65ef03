import { describe, expect, it } from 'vitest'
import { job, sheet } from '../../testing/fixtures'
import { ownView } from './ownPlace'

const SHEET = {
  ...sheet([job('mike', 'M', 0), job('will', 'W', 4)]),
  offence: [
    { name: 'C', post: 'interior', feet: { x: 0, y: -0.5 } },
    { name: 'RG', post: 'interior', feet: { x: 1.5, y: -0.5 } },
    { name: 'TB', post: 'eligible', feet: { x: 0, y: -7 } },
  ],
} as ReturnType<typeof sheet>

describe('what a man sees from his own place', () => {
  const feet = SHEET.jobs[0]!.feet!
  const view = ownView(SHEET, 'mike', { to: { x: 0, y: -7 }, ball: { x: 0, y: -0.5 }, width: 800, height: 400 })
  const man = (name: string) => view.men.find((m) => m.name === name)!

  it('draws who is nearer larger, lower and over who is behind him', () => {
    expect(feet.y).toBeGreaterThan(0)
    expect(view.men.map((m) => m.name).slice(0, 1)).toEqual(['TB'])
    expect(man('C').wide).toBeGreaterThan(man('TB').wide)
    expect(man('C').feet).toBeGreaterThan(man('TB').feet)
  })
  it('has the offence right on his left hand, and does not see himself or who is beside him', () => {
    expect(man('TB').x).toBeCloseTo(400, 0)
    expect(man('RG').x).toBeLessThan(man('C').x)
    expect(view.men.map((m) => m.name)).not.toContain('M')
    expect(view.men.map((m) => m.name)).not.toContain('W')
  })
  it('puts a man as high as his eyes at the horizon, and the ball between ground and eyes', () => {
    for (const one of view.men) expect(one.top).toBeLessThan(view.horizon)
    expect(view.ball!.y).toBeGreaterThan(view.horizon)
    expect(view.ball!.y).toBeLessThan(man('C').feet)
  })
  it('is empty for a man who is not there', () => {
    expect(ownView(SHEET, 'nobody', { to: { x: 0, y: 0 }, width: 800, height: 400 }).men).toEqual([])
  })
})
