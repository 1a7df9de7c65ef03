import { expect, it } from 'vitest'
import { counted } from './counted'

it('counts one, none and many as they are said', () => {
  expect([0, 1, 2].map((n) => counted(n, 'man', 'men'))).toEqual(['0 men', '1 man', '2 men'])
  expect(counted(1, 'formation')).toBe('1 formation')
  expect(counted(3, 'formation')).toBe('3 formations')
})
