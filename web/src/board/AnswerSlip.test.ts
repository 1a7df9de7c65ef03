import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { client } from '../api/client'
import { asked } from '../testing/asked'
import AnswerSlip from './AnswerSlip.vue'

const thing = { kind: 'MAN' as const, name: 'SL' }
const slip = () => mount(AnswerSlip, { props: { thing, right: false, top: true }, global: { plugins: [asked()] } })

describe('who has it', () => {
  beforeEach(() => {
    vi.restoreAllMocks()
    localStorage.clear()
    setActivePinia(createPinia())
  })
  it('names the man with his rung, whose sentence is a hint, and leads to him', async () => {
    const post = vi.spyOn(client, 'POST').mockResolvedValue({
      data: {
        title: 'SL, #3 right',
        rows: [
          { words: 'nickel, by man', job: 'nickel', rung: 'drizzle/nickel/pass', sentence: 'pass man #3' },
          { words: 'handed over when he crosses the ball', sentence: '' },
        ],
      },
      response: new Response(),
    })
    const view = slip()
    expect(view.text()).toContain('Asking')
    await flushPromises()
    expect(post.mock.calls[0]![1]).toMatchObject({ body: { kind: 'MAN', name: 'SL' } })
    expect(view.find('h3').text()).toContain('SL, #3 right')
    expect(view.text()).toContain('by drizzle nickel pass')
    expect(view.find('small').attributes('aria-description')).toBe('pass man #3')
    await view.find('.who').trigger('click')
    expect(view.emitted('pick')).toEqual([['nickel']])
    expect(view.findAll('.who')).toHaveLength(1)
  })
  it('says why there is no answer', async () => {
    vi.spyOn(client, 'POST').mockResolvedValue({
      error: { code: 'refused', detail: 'there is no SL on this board' },
      response: new Response(null, { status: 422 }),
    })
    const view = slip()
    await flushPromises()
    expect(view.text()).toContain('there is no SL on this board')
  })
})
