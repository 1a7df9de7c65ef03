import { useEventListener, useMutationObserver } from '@vueuse/core'
import { watch, type Ref } from 'vue'

const CONTROLS = 'button, input, a[href]'
const STEPS = {
  down: { ArrowDown: 1, ArrowUp: -1 },
  along: { ArrowRight: 1, ArrowLeft: -1 },
} as const

/** An open list, or text that the arrows move in, keeps them. */
function keeps(target: HTMLElement, way: keyof typeof STEPS): boolean {
  if (target.closest('[role=combobox], [aria-expanded=true]')) return true
  return way === 'along' && target instanceof HTMLInputElement
}

/**
 * Lines of controls as one stop of Tab: the line the hand was in last is in the order of Tab, the arrows go to the same
 * control of the next line, Home and End to the first and the last line.
 *
 * @param root what holds the lines
 * @param lines selector of a line, in the order they stand
 * @param way whether they stand below or beside each other
 */
export function useWalked(
  root: Readonly<Ref<HTMLElement | null>>,
  lines: string,
  way: keyof typeof STEPS = 'down',
): void {
  let at = 0
  const all = (): HTMLElement[] => [...(root.value?.querySelectorAll<HTMLElement>(lines) ?? [])]
  const controls = (line: HTMLElement | undefined): HTMLElement[] => [
    ...(line?.querySelectorAll<HTMLElement>(CONTROLS) ?? []),
  ]
  function settle(): void {
    const now = all()
    at = Math.min(at, Math.max(0, now.length - 1))
    now.forEach((line, i) => controls(line).forEach((control) => (control.tabIndex = i === at ? 0 : -1)))
  }
  function enter(event: FocusEvent): void {
    const line = all().findIndex((one) => one.contains(event.target as Node))
    if (line < 0 || line === at) return
    at = line
    settle()
  }
  function walk(event: KeyboardEvent): void {
    const target = event.target as HTMLElement
    const now = all()
    const step = (STEPS[way] as Record<string, number>)[event.key]
    const to = step ? at + step : event.key === 'Home' ? 0 : event.key === 'End' ? now.length - 1 : -1
    const text = target instanceof HTMLInputElement && !step
    if (event.defaultPrevented || text || keeps(target, way) || !now[at]?.contains(target)) return
    const next = controls(now[to])
    if (!next.length) return
    event.preventDefault()
    event.stopPropagation()
    ;(next[controls(now[at]).indexOf(target)] ?? next.at(-1))?.focus()
  }
  watch(root, settle, { flush: 'post' })
  useMutationObserver(root, settle, { childList: true, subtree: true })
  useEventListener(root, 'focusin', enter)
  useEventListener(root, 'keydown', walk)
}
