/** A user action: keyboard, buttons, the key list and tests all go through it. */
export interface Action {
  id: string
  label: string
  /** As shown: "U", "Shift+Arrow". Matched by `matches`. */
  shortcut: string
  enabled: () => boolean
  perform: () => void
}

/** Whether a key press is an action's shortcut; modifiers must agree. */
export function matches(
  shortcut: string,
  event: Pick<KeyboardEvent, 'key' | 'shiftKey' | 'ctrlKey' | 'metaKey'>,
): boolean {
  const words = shortcut.split('+')
  const key = words[words.length - 1] ?? ''
  const ctrl = words.includes('Ctrl')
  if (ctrl !== (event.ctrlKey || event.metaKey)) return false
  if (words.includes('Shift') !== event.shiftKey && key.length > 1) return false
  return event.key.toLowerCase() === key.toLowerCase()
}

/** Text fields and selects keep their own keys. */
export function typing(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName))
  )
}
