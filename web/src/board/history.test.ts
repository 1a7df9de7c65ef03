import { expect, it } from 'vitest'
import { begin, change, redo, undo } from './history'

it('goes back and forth and forgets the future on a new change', () => {
  let h = begin('a')
  h = change(change(h, 'b'), 'c')
  h = undo(h)
  expect(h.now).toBe('b')
  expect(redo(h).now).toBe('c')
  h = change(h, 'd')
  expect(redo(h)).toBe(h)
  expect(undo(undo(h)).now).toBe('a')
  expect(undo(begin('x')).now).toBe('x')
})
