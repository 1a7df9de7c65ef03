import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { GapRow } from '../../api/types'
import { sheet } from '../../testing/fixtures'
import { drawingOf } from './field'
import GapsDrawing from './GapsDrawing.vue'

const FIELD = {
  code: 'high school',
  distance: 10,
  endLine: 60,
  leftHash: -3,
  rightHash: 3,
  leftSideline: -26,
  rightSideline: 27,
  numbersBottom: 7,
  numbersTop: 9,
  painted: true,
  toGoal: 50,
}

describe('gaps on the field', () => {
  it('are framed by how they are owned, and not at all when one man has them', () => {
    const shown = sheet([])
    const [left, right] = shown.gaps as [GapRow, GapRow]
    const frames = (['once', 'twice', 'two-gapped', 'open'] as const).map((owned) => {
      const gaps = mount(GapsDrawing, {
        props: { sheet: { ...shown, gaps: [{ ...left, owned }] }, drawing: drawingOf(FIELD, 'offence') },
      })
      return gaps.find('rect').exists() ? gaps.find('rect').classes() : []
    })
    expect(frames).toEqual([[], ['dashed'], ['dotted'], ['bust']])
    expect(right.said).toBe('open')
  })
  it('say who is the force man of an edge, or that nobody is', () => {
    const gaps = mount(GapsDrawing, { props: { sheet: sheet([]), drawing: drawingOf(FIELD, 'offence') } })
    expect(gaps.find('.force').text()).toBe('force: nobody')
  })
})
