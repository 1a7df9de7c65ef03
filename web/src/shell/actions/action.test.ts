import { describe, expect, it } from 'vitest'
import { matches, typing } from './action'

const key = (k: string, over = {}) => ({ key: k, shiftKey: false, ctrlKey: false, metaKey: false, ...over })

describe('keys', () => {
  it('match letters whatever their case, and punctuation that needs shift', () => {
    expect(matches('M', key('m'))).toBe(true)
    expect(matches('?', key('?', { shiftKey: true }))).toBe(true)
    expect(matches('M', key('n'))).toBe(false)
  })
  it('tell arrows with and without shift apart', () => {
    expect(matches('ArrowLeft', key('ArrowLeft', { shiftKey: true }))).toBe(false)
    expect(matches('Shift+ArrowLeft', key('ArrowLeft', { shiftKey: true }))).toBe(true)
    expect(matches('Shift+ArrowLeft', key('ArrowLeft'))).toBe(false)
  })
  it('leave the browser its own', () => {
    expect(matches('S', key('s', { ctrlKey: true }))).toBe(false)
    expect(matches('S', key('s', { metaKey: true }))).toBe(false)
  })
  const on = (target: HTMLElement | null, k = 'm') => typing({ key: k, target })
  const input = (type: string) => Object.assign(document.createElement('input'), { type })
  it('are kept from text fields', () => {
    expect(on(document.createElement('textarea'))).toBe(true)
    expect(on(input('text'))).toBe(true)
    expect(on(document.createElement('button'))).toBe(false)
    expect(on(null)).toBe(false)
  })
  it('A3: work on a slider and a box, which keep their own', () => {
    expect(on(input('range'))).toBe(false)
    expect(on(input('range'), 'ArrowLeft')).toBe(true)
    expect(on(input('checkbox'))).toBe(false)
    expect(on(input('checkbox'), ' ')).toBe(true)
  })
})
