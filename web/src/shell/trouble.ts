import { defineStore } from 'pinia'
import { ref, watch } from 'vue'
import { RefusedError, whenTroubled, type Problem } from '../api/client'

const AGAIN_MILLIS = 2500
const READINESS = '/actuator/health/readiness'

/**
 * What is nobody's input: the application or its database is away, or has a fault. Said over every view. What is away is
 * asked for again until it is back; `back` counts how often it came, so that a view can ask anew.
 */
export const useTrouble = defineStore('trouble', () => {
  const problem = ref<Problem>()
  const back = ref(0)
  whenTroubled((told) => (problem.value = told))

  const away = (p: Problem | undefined): boolean => p !== undefined && (p.status === 0 || p.status > 500)
  async function askAgain(): Promise<void> {
    while (away(problem.value)) {
      await new Promise((done) => setTimeout(done, AGAIN_MILLIS))
      const ready = await fetch(READINESS).then(
        (r) => r.ok,
        () => false,
      )
      if (ready && away(problem.value)) {
        problem.value = undefined
        back.value++
      }
    }
  }
  let asking: Promise<void> | undefined
  watch(problem, (now) => {
    if (away(now)) asking ??= askAgain().finally(() => (asking = undefined))
  })
  /** What a view was refused, and a view that cannot be drawn or fetched, is said; it never stays empty without a word. */
  function broke(error: unknown): void {
    if (error instanceof RefusedError) {
      // who is signed out is asked to sign in
      if (error.problem.status !== 401) problem.value = error.problem
      return
    }
    console.error(error)
    const why = error instanceof Error ? error.message : String(error)
    problem.value = {
      status: 500,
      code: 'view-broke',
      detail:
        `A part of this view could not be shown (${why}). What you wrote is kept on this machine. ` +
        'Load the page again; if it stays so, go to another view and tell whoever keeps this application.',
    }
  }
  function dismiss(): void {
    problem.value = undefined
  }
  /** What one view was refused is none of the next one's. */
  function leave(): void {
    if (problem.value && !away(problem.value) && problem.value.status < 500) dismiss()
  }
  return { problem, back, away, broke, dismiss, leave }
})
