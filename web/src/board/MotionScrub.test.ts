import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import MotionScrub from './MotionScrub.vue'

const scrub = (phase: number) => mount(MotionScrub, { props: { phases: 4, phase } })

describe('the motion under the hand', () => {
  it('goes from step to step by the keys, and no farther than it has steps', () => {
    const handle = (phase: number, key: string) => {
      const view = scrub(phase)
      void view.find('[role=slider]').trigger('keydown', { key })
      return view.emitted('stand')
    }
    expect(handle(1, 'ArrowRight')).toEqual([[2]])
    expect(handle(1, 'ArrowLeft')).toEqual([[0]])
    expect(handle(0, 'ArrowLeft')).toEqual([[0]])
    expect(handle(1, 'End')).toEqual([[3]])
    expect(handle(3, 'ArrowUp')).toEqual([[3]])
    expect(handle(1, 'x')).toBeUndefined()
  })
  it('stands before and after at a press', async () => {
    const view = scrub(1)
    const [before, after] = view.findAll('button')
    expect(before!.attributes('aria-pressed')).toBe('false')
    await after!.trigger('click')
    await before!.trigger('click')
    expect(view.emitted('stand')).toEqual([[3], [0]])
    await view.setProps({ phase: 3 })
    expect(after!.attributes('aria-pressed')).toBe('true')
  })
})
