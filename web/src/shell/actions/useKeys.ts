import { tryOnScopeDispose, useEventListener } from '@vueuse/core'
import { nextTick } from 'vue'
import { isNavigationFailure, NavigationFailureType, type Router } from 'vue-router'
import { pressing, typing } from './action'
import { useActions } from './registry'

const again = ({ key, code, shiftKey }: KeyboardEvent): KeyboardEvent =>
  new KeyboardEvent('keydown', { key, code, shiftKey, bubbles: true, cancelable: true })
/** Tab, and what the browser has of its own, wait for nobody. */
const waits = (event: KeyboardEvent): boolean =>
  !event.ctrlKey && !event.metaKey && !event.altKey && event.key !== 'Tab' && !/^F\d+$/.test(event.key)

/** Keys do actions. Those pressed while a view is on its way mean the view that comes, never the one that is left. */
export function useKeys(router: Router): void {
  const actions = useActions()
  let underway = false
  let early: KeyboardEvent[] = []

  function wait(event: KeyboardEvent): void {
    if (!underway || !waits(event) || typing(event) || pressing(event)) return
    event.preventDefault()
    event.stopImmediatePropagation()
    early.push(event)
  }
  function press(event: KeyboardEvent): void {
    if (actions.press(event)) event.preventDefault()
  }
  async function arrive(): Promise<void> {
    await nextTick()
    underway = false
    const pressed = early
    early = []
    pressed.forEach((event) => (document.activeElement ?? document.body).dispatchEvent(again(event)))
  }
  function stay(): void {
    underway = false
    early = []
  }
  // before what is left can have it
  useEventListener('keydown', wait, { capture: true })
  useEventListener('keydown', press)
  tryOnScopeDispose(
    router.beforeEach((to, from) => {
      underway = to.path !== from.path
    }),
  )
  tryOnScopeDispose(
    router.afterEach((_to, _from, failure) => {
      // gone elsewhere meanwhile: that view is still on its way
      if (!isNavigationFailure(failure, NavigationFailureType.cancelled)) void arrive()
    }),
  )
  tryOnScopeDispose(router.onError(stay))
}
