import { describe, expect, it } from 'vitest'
import { matches, typing } from './keys'

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
  it('are kept from text fields', () => {
    expect(typing(document.createElement('textarea'))).toBe(true)
    expect(typing(document.createElement('button'))).toBe(false)
    expect(typing(null)).toBe(false)
  })
})
