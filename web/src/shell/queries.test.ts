import { onlineManager, useQuery } from '@tanstack/vue-query'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { effectScope, isReactive, isReadonly } from 'vue'
import { RefusedError } from '../api/client'
import { queries } from './queries'

const refusing = (status: number) => vi.fn(() => Promise.reject(new RefusedError({ status, code: 'x', detail: 'no' })))
const ask = (queryFn: () => Promise<never>) =>
  queries.fetchQuery({
    queryKey: [Math.random()],
    queryFn,
    retry: queries.getDefaultOptions().queries!.retry,
    retryDelay: 0,
  })

describe('what is asked of the server', () => {
  afterEach(() => queries.clear())
  it('is not asked again when it was refused', async () => {
    const asked = refusing(409)
    await expect(ask(asked)).rejects.toThrow('no')
    expect(asked).toHaveBeenCalledOnce()
  })
  it('is asked also while the machine has no network: the application may be on this machine', async () => {
    onlineManager.setOnline(false)
    try {
      await expect(queries.fetchQuery({ queryKey: ['here'], queryFn: () => 'here' })).resolves.toBe('here')
    } finally {
      onlineManager.setOnline(true)
    }
  })
  it('is asked twice more when it did not come', async () => {
    for (const status of [0, 503]) {
      const asked = refusing(status)
      await expect(ask(asked)).rejects.toThrow('no')
      expect(asked).toHaveBeenCalledTimes(3)
    }
  })
  it('is kept as it came: nothing watches the inside of an answer', async () => {
    const data = effectScope().run(
      () => useQuery({ queryKey: ['sheet'], queryFn: () => ({ rows: [{ id: 1 }] }) }, queries).data,
    )!
    await vi.waitFor(() => expect(data.value).toBeDefined())
    expect(isReactive(data.value) || isReadonly(data.value!.rows)).toBe(false)
  })
})
