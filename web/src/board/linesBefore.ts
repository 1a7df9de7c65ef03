import { computed, ref, watch } from 'vue'
import type { SnapWords } from '../api/types'
import { begin, change, undo } from './history'

/** What is looked at: a snap and the call against it. */
export interface Line {
  readonly snap: SnapWords
  readonly call: string
}

const copy = (line: Line): Line => ({ snap: { ...line.snap }, call: line.call })
const same = (a: Line, b: Line): boolean => JSON.stringify(a) === JSON.stringify(b)

/** The lines that stood before this one, by whatever they were changed: a word, the typed line, a man placed. */
export function useLinesBefore(now: () => Line) {
  const lines = ref(begin(copy(now())))
  watch(
    now,
    (line) => {
      if (!same(lines.value.now, line)) lines.value = change(lines.value, copy(line))
    },
    { deep: true, flush: 'post' },
  )
  return {
    any: computed(() => lines.value.past.length > 0),
    /** Nothing stood before this line. */
    begin: (line: Line) => (lines.value = begin(copy(line))),
    /** The line before, which is the one that stands from now on. */
    back(): Line {
      lines.value = undo(lines.value)
      return copy(lines.value.now)
    },
  }
}
