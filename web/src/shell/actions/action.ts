/** A user action: keys, buttons, the list of keys, the palette and tests all go through it. */
export interface Action {
  readonly id: string
  readonly label: string
  /** Under which heading it stands in the list of keys and in the palette. */
  readonly group: string
  /** Keys that do it, any of them: "U", "Shift+ArrowLeft", "Ctrl+K". Matched by `matches`. */
  readonly keys: readonly string[]
  /** What it is about, shown beside it and found by. */
  readonly words?: string
  readonly kinds?: readonly string[]
  readonly enabled: () => boolean
  readonly perform: () => void
  /** For who may write; nobody else is shown it. */
  readonly coachs?: boolean
}

const always = (): boolean => true

/** Makes the actions of one heading; those of a coach are for who may write. */
export function actionsOf(group: string, coachs = false) {
  return (
    id: string,
    keys: string | readonly string[],
    label: string,
    perform: () => void,
    enabled: () => boolean = always,
  ): Action => ({ id, group, keys: typeof keys === 'string' ? [keys] : keys, label, perform, enabled, coachs })
}

type Press = Pick<KeyboardEvent, 'key' | 'shiftKey' | 'ctrlKey' | 'metaKey'>

/** Whether a key press is this key; modifiers must agree. */
export function matches(key: string, event: Press): boolean {
  const words = key.split('+')
  const last = words[words.length - 1] ?? ''
  const ctrl = words.includes('Ctrl')
  if (ctrl !== (event.ctrlKey || event.metaKey)) return false
  if (words.includes('Shift') !== event.shiftKey && last.length > 1) return false
  return event.key.toLowerCase() === last.toLowerCase()
}

const WORDS: Record<string, string> = {
  ArrowLeft: 'Left',
  ArrowRight: 'Right',
  ArrowUp: 'Up',
  ArrowDown: 'Down',
  PageUp: 'Page up',
  PageDown: 'Page down',
  Escape: 'Esc',
  Delete: 'Del',
  ' ': 'Space',
}
/** A key as it is written on it. */
export const keyWords = (key: string): string =>
  key
    .split('+')
    .map((word) => WORDS[word] ?? word)
    .join(' ')

/** An action as a line of the list of keys: one line for all that say the same. */
export interface KeyLine {
  readonly label: string
  readonly keys: readonly string[]
}
/** Actions that have keys under their headings, in the order given. */
export function keyLines(actions: readonly Action[]): { group: string; lines: KeyLine[] }[] {
  const groups = new Map<string, Map<string, string[]>>()
  for (const a of actions.filter((one) => one.keys.length)) {
    const lines = groups.get(a.group) ?? new Map<string, string[]>()
    groups.set(a.group, lines.set(a.label, [...(lines.get(a.label) ?? []), ...a.keys]))
  }
  return [...groups].map(([group, lines]) => ({
    group,
    lines: [...lines].map(([label, keys]) => ({ label, keys: [...new Set(keys)].map(keyWords) })),
  }))
}

const ARROWS = ['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown']
/** Keys that a field which is not written in keeps to itself. */
const OWN_KEYS: Record<string, readonly string[]> = {
  range: [...ARROWS, 'Home', 'End', 'PageUp', 'PageDown'],
  radio: [...ARROWS, ' '],
  checkbox: [' ', 'Enter'],
  button: [' ', 'Enter'],
  submit: [' ', 'Enter'],
}

/** Whether a key press belongs to what it was typed into, so that no action may have it. */
export function typing(event: Pick<KeyboardEvent, 'key' | 'target'>): boolean {
  const target = event.target
  if (!(target instanceof HTMLElement)) return false
  if (target instanceof HTMLInputElement) return OWN_KEYS[target.type]?.includes(event.key) ?? true
  return target.isContentEditable || target.tagName === 'TEXTAREA'
}

const PRESSABLE = 'button, a, summary'
/** Whether a key press works what has the focus: Enter and Space on a button, unless the view takes them there. */
export function pressing(event: Pick<KeyboardEvent, 'key' | 'target'>): boolean {
  if (event.key !== 'Enter' && event.key !== ' ') return false
  const at = event.target instanceof Element ? event.target.closest<HTMLElement>(PRESSABLE) : null
  return !!at && !at.hasAttribute('data-passes-keys')
}
