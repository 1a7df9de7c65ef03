import { describe, expect, it } from 'vitest'
import { finds, fitting, grouped, wordsOf, type Choice } from './fitting'

const calls: Choice[] = [
  { id: 'anvil-fog', name: 'Anvil Fog', words: '4-2-5, two deep', kinds: ['cover 2', 'two deep'] },
  { id: 'anvil-drizzle', name: 'Anvil Drizzle', words: '4-2-5, three deep', kinds: ['cover 3', 'three deep'] },
  { id: 'bellows-fog', name: 'Bellows Fog', words: '3-4, two deep', kinds: ['cover 2'], group: 'Odd' },
]
const ids = (find: string, of = calls): string[] => fitting(find, of).map((c) => c.id)

describe('what a menu finds', () => {
  it('is everything until something is typed', () => expect(ids(' ')).toHaveLength(3))
  it('is found by what it is in the trade', () => expect(ids('cover 3')).toEqual(['anvil-drizzle']))
  it('is found by words of what it is', () => expect(ids('3-4 deep')).toEqual(['bellows-fog']))
  it('is first when its name or id is typed whole', () => {
    const two = [...calls, { id: '88', name: '12' }, { id: '12', name: '+12' }, { id: 'fog', name: 'Fog' }]
    expect(ids('fog', two)[0]).toBe('fog')
    expect(ids('12', two)).toEqual(['88', '12'])
    expect(ids('anvil-fog')).toEqual(['anvil-fog'])
  })
  it('puts names that begin so first', () => expect(ids('b')).toEqual(['bellows-fog']))
  it('is nothing for words that fit nothing', () => expect(ids('zebra')).toEqual([]))
  it('does not find a kind in words apart', () => {
    expect(finds(wordsOf('cover 3', new Set(['cover 3'])), 'cover 2, 3-4', ['cover 2'])).toBe(false)
  })
})

describe('headings', () => {
  it('stand in the order of first mention', () =>
    expect(grouped(calls).map((g) => [g.name, g.choices.length])).toEqual([
      ['', 2],
      ['Odd', 1],
    ]))
})
