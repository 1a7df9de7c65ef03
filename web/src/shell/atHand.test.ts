import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { useAtHand } from './atHand'

const call = (id: string) => ({ kind: 'call', id })

describe('what is at hand', () => {
  beforeEach(() => {
    localStorage.clear()
    setActivePinia(createPinia())
  })
  it('is a favourite until it is turned again', () => {
    const hand = useAtHand()
    hand.turn(call('fog'))
    expect([hand.isFavourite(call('fog')), hand.isFavourite({ kind: 'coverage', id: 'fog' })]).toEqual([true, false])
    hand.turn(call('fog'))
    expect(hand.favourites).toEqual([])
  })
  it('remembers what was used, the latest first and each once', () => {
    const hand = useAtHand()
    for (const id of ['fog', 'mist', 'fog']) hand.use(call(id))
    expect(hand.used).toEqual(['call/fog', 'call/mist'])
    for (let i = 0; i < 40; i++) hand.use(call(`c${i}`))
    expect([hand.used.length, hand.used[0]]).toEqual([15, 'call/c39'])
  })
})
