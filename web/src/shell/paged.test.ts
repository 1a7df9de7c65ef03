import { describe, expect, it, vi } from 'vitest'
import { RefusedError } from '../api/client'
import { asking } from '../testing/asked'
import { usePaged } from './paged'

const page = (items: number[], number: number) => ({ items, page: number, pages: 2, total: 3 })

describe('a list that grows', () => {
  it('comes page by page, and is asked for anew without losing what is shown', async () => {
    const ask = vi.fn((n: number) => Promise.resolve(n === 0 ? page([3, 2], 0) : page([1], 1)))
    const list = asking(() => usePaged(() => ['numbers'], ask))
    expect([list.total.value, list.left.value]).toEqual([undefined, 0])
    await vi.waitFor(() => expect(list.total.value).toBe(3))
    expect([list.items.value, list.left.value]).toEqual([[3, 2], 1])
    await list.more()
    expect([list.items.value, list.left.value]).toEqual([[3, 2, 1], 0])
    await list.load()
    expect(list.items.value).toEqual([3, 2, 1])
    expect(ask.mock.calls.map(([n]) => n)).toEqual([0, 1, 0, 1])
  })
  it('keeps what it has when a page does not come, and says why', async () => {
    const ask = vi
      .fn<(n: number) => Promise<ReturnType<typeof page>>>()
      .mockResolvedValueOnce(page([3, 2], 0))
      .mockRejectedValueOnce(new RefusedError({ status: 503, code: 'database-away', detail: 'away' }))
      .mockResolvedValueOnce(page([1], 1))
    const list = asking(() => usePaged(() => ['numbers'], ask))
    await vi.waitFor(() => expect(list.total.value).toBe(3))
    await list.more()
    expect([list.items.value, list.fault.value]).toEqual([[3, 2], 'away'])
    await list.more()
    expect([list.items.value, list.fault.value]).toEqual([[3, 2, 1], ''])
    expect(ask).toHaveBeenLastCalledWith(1)
  })
})
