import { computed, ref, watch } from 'vue'
import { begin, change, undo } from './history'
import type { Line } from './lineSaid'

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
