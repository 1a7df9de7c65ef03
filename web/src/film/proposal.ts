import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import { problemOf } from '../api/client'

export interface Proposal<T> {
  here: Ref<{ key: string; answer: T } | undefined>
  looking: Ref<boolean>
  trouble: Ref<string>
}

/** Who steps through frames asks of none that he passes. */
const SETTLES = 250

/**
 * What the server reads out of the picture, asked for again whenever something else is shown; an answer to what is not
 * shown any more is nobody's.
 */
export function useProposal<T>(asked: Ref<string | undefined>, ask: (signal: AbortSignal) => Promise<T>): Proposal<T> {
  const answered = shallowRef<{ key: string; answer: T }>()
  const looking = ref(false)
  const trouble = ref('')
  let wait: ReturnType<typeof setTimeout> | undefined
  let stop: AbortController | undefined

  watch(
    asked,
    (key) => {
      clearTimeout(wait)
      stop?.abort()
      looking.value = false
      trouble.value = ''
      if (key === undefined || answered.value?.key === key) return
      looking.value = true
      const mine = (stop = new AbortController())
      wait = setTimeout(() => void look(key, mine.signal), SETTLES)
    },
    { immediate: true },
  )
  async function look(key: string, signal: AbortSignal): Promise<void> {
    try {
      const answer = await ask(signal)
      if (!signal.aborted) answered.value = { key, answer }
    } catch (error) {
      if (!signal.aborted) trouble.value = problemOf(error).detail
    } finally {
      if (!signal.aborted) looking.value = false
    }
  }
  return { here: answered, looking, trouble }
}

/** Of frames away from the snap it is asked by hand: what leads there from it is looked at too, which takes seconds. */
export function useByHand(shown: Ref<string | undefined>) {
  const begun = ref<string>()
  const canBegin = computed(() => shown.value !== undefined && begun.value !== shown.value)
  const asked = computed(() => (begun.value === shown.value ? shown.value : undefined))
  return { canBegin, asked, begin: () => (begun.value = shown.value) }
}
