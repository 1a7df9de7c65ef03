import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { choose } from '../../testing/menus'
import WordInput from '../../words/WordInput.vue'
import MotionRows from './MotionRows.vue'

const FLY = { id: 'fly', name: 'Fly', steps: ['SL0/1.5', 'SL6/5'] }
const rows = (readonly = false) => mount(MotionRows, { props: { body: { motions: [FLY] }, readonly } })

describe('motions of a formation', () => {
  it('are sentences, and a word of one changes that one alone', async () => {
    const view = rows()
    expect(view.text()).toContain('he is on his way at the snap')
    await choose(view, 'When the ball is snapped on Fly', 'true')
    expect(view.emitted('change')![0]).toEqual([[{ ...FLY, shift: true }]])
    const speed = view.findAllComponents(WordInput).find((w) => w.props('label').startsWith('Speed'))!
    expect(speed.find('input').attributes('type')).toBe('number')
    await speed.find('input').setValue('7.5')
    expect(view.emitted('change')![1]).toEqual([[{ ...FLY, speed: 7.5 }]])
    await speed.find('input').setValue('')
    expect(view.emitted('change')![2]).toEqual([[FLY]])
  })
  it('are added and taken out, but by nobody who only looks', async () => {
    const view = rows()
    await view.find('[aria-label="Take Fly out"]').trigger('click')
    expect(view.emitted('change')![0]).toEqual([[]])
    await view
      .findAll('button')
      .find((b) => b.text() === 'Add a motion')!
      .trigger('click')
    expect(view.emitted('change')![1]![0]).toHaveLength(2)
    expect(rows(true).find('.link').exists()).toBe(false)
  })
})
