import { useDebounceFn, useEventListener } from '@vueuse/core'
import { shallowRef } from 'vue'

/** What is explained now, and where it stands on the page. */
export interface Hint {
  readonly words: string
  readonly box: DOMRect
}

/** The hand rests on it: who only passes over a thing asks nothing. */
const REST_MILLIS = 350

const hinted = (target: EventTarget | null): HTMLElement | undefined =>
  (target instanceof Element && target.closest<HTMLElement>('[data-hint]')) || undefined

/** The hint of what the hand rests on, or of what the keys came to; Escape, a press or rolling takes it away. */
export function useHints() {
  const hint = shallowRef<Hint>()
  let on: HTMLElement | undefined
  function show(): void {
    if (!on?.isConnected) return
    hint.value = { words: on.dataset.hint ?? '', box: on.getBoundingClientRect() }
  }
  const showSoon = useDebounceFn(show, REST_MILLIS)
  function leave(): void {
    on = undefined
    hint.value = undefined
  }
  useEventListener(document, 'pointerover', ({ target }) => {
    const next = hinted(target)
    if (next === on) return
    leave()
    on = next
    if (next) void showSoon()
  })
  useEventListener(document, 'focusin', ({ target }) => {
    if (!(target instanceof HTMLElement) || !target.dataset.hint || !target.matches(':focus-visible')) return
    on = target
    show()
  })
  useEventListener(document, ['focusout', 'pointerdown'], leave)
  useEventListener(document, 'scroll', leave, { capture: true })
  useEventListener(document, 'keydown', ({ key }) => key === 'Escape' && leave(), { capture: true })
  return hint
}
