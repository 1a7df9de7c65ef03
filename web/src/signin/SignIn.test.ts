import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { RefusedError } from '../api/client'
import { useSession } from '../shell/session'
import SignIn from './SignIn.vue'

describe('signing in', () => {
  beforeEach(() => setActivePinia(createPinia()))
  it('says why it was refused, keeps the name and forgets the password', async () => {
    const session = useSession()
    const signIn = vi
      .spyOn(session, 'signIn')
      .mockRejectedValue(
        new RefusedError({ status: 401, code: 'sign-in-refused', detail: 'name and password do not fit' }),
      )
    const view = mount(SignIn)
    await view.find('[name=username]').setValue('marrow')
    await view.find('[name=password]').setValue('wrong')
    await view.find('form').trigger('submit')
    await flushPromises()
    expect(signIn).toHaveBeenCalledWith('marrow', 'wrong')
    expect(view.find('[role=alert]').text()).toBe('name and password do not fit')
    expect((view.find('[name=username]').element as HTMLInputElement).value).toBe('marrow')
    expect((view.find('[name=password]').element as HTMLInputElement).value).toBe('')
    expect(view.find('button').attributes('disabled')).toBeUndefined()
  })
  it('is pressed once', async () => {
    vi.spyOn(useSession(), 'signIn').mockReturnValue(new Promise(() => {}))
    const view = mount(SignIn)
    await view.find('form').trigger('submit')
    expect(view.find('button').attributes('disabled')).toBeDefined()
  })
})
