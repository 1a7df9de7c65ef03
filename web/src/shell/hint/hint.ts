import type { Directive } from 'vue'

type Words = string | undefined

function say(on: HTMLElement, words: Words): void {
  if (words) on.dataset.hint = words
  else delete on.dataset.hint
  // what its label says already is not read twice
  if (words && on.getAttribute('aria-label') !== words) on.setAttribute('aria-description', words)
  else on.removeAttribute('aria-description')
}

/** Words that explain a thing: shown to whoever points at it or comes to it by keys, and read aloud with it. */
export const vHint: Directive<HTMLElement, Words> = {
  mounted: (on, { value }) => say(on, value),
  updated: (on, { value, oldValue }) => {
    if (value !== oldValue) say(on, value)
  },
}
