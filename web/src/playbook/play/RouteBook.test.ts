import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { drawingOf } from '../../board/field/field'
import RouteBook from './RouteBook.vue'
import RouteHandles from './RouteHandles.vue'
import { routeRows, withCorner } from './written'

const BODY = {
  routes: {
    hitch: { path: ['straight @ 6', 'in 0.5 @ 5'], breaks: 1.4, ends: 'settle' },
    'deep-dig': { path: ['straight @ 15', 'in 12 @ 15'], breaks: 2.6, ends: 'run' },
  },
}
const FIELD = {
  code: 'hs',
  leftSideline: -26,
  rightSideline: 26,
  leftHash: -9,
  rightHash: 9,
  numbersBottom: 7,
  numbersTop: 9,
  toGoal: 50,
  endLine: 60,
  distance: 10,
  painted: true,
}

describe('a book of routes', () => {
  it('is lines of words; the one in hand opens and is changed alone', async () => {
    const book = mount(RouteBook, { props: { body: BODY, route: 'hitch', readonly: false } })
    const lines = book.findAll('li > button')
    expect(lines.map((l) => l.text())).toEqual(['deep dig straight @ 15, in 12 @ 15; breaks at 2.6 s, runs on'])
    await lines[0]!.trigger('click')
    expect(book.emitted('look')).toEqual([['deep-dig']])
    await book.find('.turn').trigger('click')
    expect(book.emitted('change')![0]).toEqual([{ ...BODY.routes, hitch: { ...BODY.routes.hitch, ends: 'run' } }])
  })
  it('gives every new route a name of its own', async () => {
    const book = mount(RouteBook, {
      props: { body: { routes: { 'new-route': BODY.routes.hitch } }, route: '', readonly: false },
    })
    await book.findAll('.link').at(-1)!.trigger('click')
    expect(Object.keys(book.emitted('change')![0]![0] as object)).toEqual(['new-route', 'new-route-2'])
  })
  it('takes one corner anew and leaves the others', () => {
    const hitch = routeRows(BODY)[0]!
    expect(withCorner(hitch, 1, 'in 2 @ 4').path).toBe('straight @ 6, in 2 @ 4')
  })
})

describe('the corners of a route', () => {
  const way = [
    { x: 16, y: 0 },
    { x: 16, y: 6 },
  ]
  const handles = (readonly: boolean) =>
    mount(RouteHandles, { props: { drawing: drawingOf(FIELD, 'offence'), way, readonly } })
  it('are moved by the arrows, half a yard or two', async () => {
    const h = handles(false)
    const corner = h.find('.corner')
    expect(corner.attributes('aria-label')).toBe('Corner 1, 6.0 yd deep')
    await corner.trigger('keydown', { key: 'ArrowLeft' })
    await corner.trigger('keydown', { key: 'ArrowUp', shiftKey: true })
    await corner.trigger('keydown', { key: 'x' })
    expect(h.emitted('move')).toEqual([
      [1, { x: 15.5, y: 6 }],
      [1, { x: 16, y: 8 }],
    ])
  })
  it('stand still for who may only look', async () => {
    const h = handles(true)
    await h.find('.corner').trigger('keydown', { key: 'ArrowLeft' })
    expect(h.emitted('move')).toBeUndefined()
  })
})
