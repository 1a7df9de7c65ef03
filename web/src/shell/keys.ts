/** A user action: keyboard, buttons, the key list and tests all go through it. */
export interface Action {
  id: string
  label: string
  /** As shown: "U", "Shift+Arrow". Matched by `matches`. */
  shortcut: string
  enabled: () => boolean
  perform: () => void
}

type Press = Pick<KeyboardEvent, 'key' | 'shiftKey' | 'ctrlKey' | 'metaKey'>

/** Whether a key press is an action's shortcut; modifiers must agree. */
export function matches(shortcut: string, event: Press): boolean {
  const words = shortcut.split('+')
  const key = words[words.length - 1] ?? ''
  const ctrl = words.includes('Ctrl')
  if (ctrl !== (event.ctrlKey || event.metaKey)) return false
  if (words.includes('Shift') !== event.shiftKey && key.length > 1) return false
  return event.key.toLowerCase() === key.toLowerCase()
}

const SLIDER_KEYS = ['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown', 'Home', 'End', 'PageUp', 'PageDown']
const PRESSED = ['checkbox', 'radio', 'button', 'submit']

/** Whether a key press belongs to what it was typed into, so that no shortcut may have it. */
export function typing(event: Pick<KeyboardEvent, 'key' | 'target'>): boolean {
  const target = event.target
  if (!(target instanceof HTMLElement)) return false
  if (target instanceof HTMLInputElement) {
    if (target.type === 'range') return SLIDER_KEYS.includes(event.key)
    return PRESSED.includes(target.type) ? event.key === ' ' || event.key === 'Enter' : true
  }
  return target.isContentEditable || target.tagName === 'TEXTAREA'
}
