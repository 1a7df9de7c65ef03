import { defineStore } from 'pinia'
import { computed, onScopeDispose, ref, shallowRef } from 'vue'
import { useSession } from '../session'
import { matches, pressing, typing, type Action } from './action'

/** The actions of a view, for as long as it is there. */
export interface Scope {
  readonly title: string
  /** What the keys do, and what the list of keys shows. */
  readonly actions: readonly Action[]
  /** What is found in the palette besides: men, findings; asked when it opens. */
  readonly finds?: () => readonly Action[]
  /** While a question of the view is open, keys are its own. */
  readonly quiet?: () => boolean
}

/** Every action that can be done now, by whatever it is done: a key, the palette, a button. */
export const useActions = defineStore('actions', () => {
  const scopes = shallowRef<readonly Scope[]>([])
  const palette = ref(false)
  const help = ref(false)
  const session = useSession()
  /** The view's before those that are everywhere; a coach's for coaches alone. */
  const actions = computed(() =>
    [...scopes.value].reverse().flatMap((s) => s.actions.filter((a) => !a.coachs || session.me?.mayWrite)),
  )
  const quiet = (): boolean => palette.value || help.value || scopes.value.some((s) => s.quiet?.())

  function enter(scope: Scope): () => void {
    scopes.value = [...scopes.value, scope]
    return () => (scopes.value = scopes.value.filter((s) => s !== scope))
  }
  /** Does what the key is for; whether it was for anything. */
  function press(event: KeyboardEvent): boolean {
    // the list closes even before it has the focus
    if (help.value && event.key === 'Escape') {
      help.value = false
      return true
    }
    if (typing(event) || pressing(event) || quiet()) return false
    const action = actions.value.find((a) => a.enabled() && a.keys.some((key) => matches(key, event)))
    action?.perform()
    return !!action
  }
  const found = (): Action[] => [
    ...actions.value.filter((a) => a.enabled()),
    ...[...scopes.value].reverse().flatMap((s) => [...(s.finds?.() ?? [])]),
  ]
  return { scopes, palette, help, actions, enter, press, found }
})

/** Registers a view's actions while it is there. */
export function useViewActions(scope: Scope): void {
  onScopeDispose(useActions().enter(scope))
}
