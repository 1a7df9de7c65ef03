import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { RefusedError } from '../api/client'
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
  it('what a view was refused is said as it was refused, until the view is left', () => {
    const trouble = useTrouble()
    trouble.broke(
      new RefusedError({ status: 404, code: 'not-found', detail: 'the call fog does not exist (any more)' }),
    )
    expect(trouble.problem?.detail).toBe('the call fog does not exist (any more)')
    expect(trouble.away(trouble.problem)).toBe(false)
    trouble.leave()
    expect(trouble.problem).toBeUndefined()
  })
  it('who is signed out is asked to sign in and told nothing else; what is away stays said in the next view', () => {
    const trouble = useTrouble()
    trouble.broke(new RefusedError({ status: 401, code: 'signed-out', detail: 'sign in' }))
    expect(trouble.problem).toBeUndefined()
    vi.useFakeTimers()
    trouble.broke(new RefusedError({ status: 503, code: 'database-away', detail: 'The database is away.' }))
    trouble.leave()
    expect(trouble.away(trouble.problem)).toBe(true)
    vi.useRealTimers()
  })
})
