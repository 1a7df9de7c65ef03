import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { useTrouble } from './trouble'
import TroubleBar from './TroubleBar.vue'

describe('what went wrong over a view', () => {
  beforeEach(() => setActivePinia(createPinia()))
  it('is closed by hand when it is a fault', async () => {
    const trouble = useTrouble()
    const bar = mount(TroubleBar)
    expect(bar.find('[role=alert]').exists()).toBe(false)
    trouble.problem = { status: 500, code: 'fault', detail: 'A fault of ours.' }
    await bar.vm.$nextTick()
    expect(bar.text()).toContain('A fault of ours.')
    await bar.find('button').trigger('click')
    expect(bar.find('[role=alert]').exists()).toBe(false)
  })
  it('goes by itself when something is away', async () => {
    const trouble = useTrouble()
    const bar = mount(TroubleBar)
    trouble.problem = { status: 503, code: 'away', detail: 'The database is away.' }
    await bar.vm.$nextTick()
    expect(bar.text()).toContain('Trying again by itself.')
    expect(bar.find('button').exists()).toBe(false)
    trouble.dismiss()
  })
})
