import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useTrouble } from './trouble'

describe('what is nobody’s input', () => {
  beforeEach(() => setActivePinia(createPinia()))

  it('a view that breaks is said over it, and can be closed', () => {
    vi.spyOn(console, 'error').mockImplementation(() => undefined)
    const trouble = useTrouble()
    trouble.broke(new TypeError('x is not a list'))
    expect(trouble.problem?.detail).toContain('(x is not a list). What you wrote is kept')
    expect(trouble.away(trouble.problem)).toBe(false)
    trouble.dismiss()
    expect(trouble.problem).toBeUndefined()
  })
})
