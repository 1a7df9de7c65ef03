import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import type { CallItem, Choices, SnapWords } from '../api/types'
import type { Choice } from '../words/fitting'
import { CALLS, CHOICES, queries } from './queries'
import { useTrouble } from './trouble'

type FormationItem = Choices['formations'][number]

/** A formation in a menu: its men and receivers beside its name, under its family. */
export function formationChoice(f: FormationItem): Choice {
  const personnel = f.players === 11 ? `${f.personnel} personnel, ` : ''
  return {
    id: f.id,
    name: f.name,
    words: `${personnel}${f.receivers}`,
    kinds: [f.family, f.personnel, f.receivers],
    group: f.family,
  }
}

/** A ball spot in a menu, found also as the scoreboard says it: +12, own 38. */
export function spotChoice(name: string, toGoal: number): Choice {
  return { id: String(toGoal), name, kinds: toGoal < 50 ? [`+${toGoal}`] : [`own ${100 - toGoal}`] }
}

/** A plain snap against a formation: in the middle of the field, first and ten, by the rules its number of men plays. */
export function snapAgainst(formation: FormationItem | undefined, choices: Choices | undefined): SnapWords | undefined {
  if (!formation || !choices) return undefined
  const eleven = formation.players === 11
  const code = eleven ? 'hs' : choices.codes.find((c) => c.players === formation.players)?.id
  return code
    ? {
        formation: formation.id,
        mirrored: false,
        code,
        hash: 'm',
        toGoal: eleven ? 50 : 25,
        down: 1,
        distance: 10,
      }
    : undefined
}

/** Calls in a menu, first those that are meant for the formation. */
export function callChoices(calls: readonly CallItem[], formation: FormationItem | undefined): Choice[] {
  const choice = (c: CallItem, group: string): Choice => ({
    id: c.id,
    name: c.name,
    words: c.words,
    kinds: c.kinds,
    group,
  })
  if (!formation) return calls.map((c) => choice(c, ''))
  const of = (c: CallItem): string => {
    if (c.players !== formation.players) return 'Of another game'
    if (!c.meantFor.length) return 'For any formation'
    return c.meantFor.includes(formation.id) ? `Meant for ${formation.name}` : 'Meant for others'
  }
  const order = [`Meant for ${formation.name}`, 'For any formation', 'Meant for others', 'Of another game']
  return order.flatMap((group) => calls.filter((c) => of(c) === group).map((c) => choice(c, group)))
}

/** What there is to choose from in every view: rules codes, formations, runs, ball spots, calls. */
export const useLists = defineStore('lists', () => {
  const choices = shallowRef<Choices>()
  const calls = shallowRef<CallItem[]>([])
  const formations = computed(() => (choices.value?.formations ?? []).map(formationChoice))
  const spots = computed(() => (choices.value?.spots ?? []).map((name, i) => spotChoice(name, i + 1)))

  async function loadChoices(): Promise<void> {
    choices.value = await queries.fetchQuery(CHOICES)
  }
  async function loadCalls(): Promise<void> {
    calls.value = await queries.fetchQuery(CALLS)
  }
  async function load(): Promise<void> {
    await Promise.all([loadChoices(), loadCalls()])
  }
  /** For a view that chooses from them: asked when they are not here; what cannot be read is said over the view. */
  function need(): void {
    if (!choices.value) load().catch(useTrouble().broke)
  }
  const formation = (id: string): FormationItem | undefined => choices.value?.formations.find((f) => f.id === id)
  const call = (id: string): CallItem | undefined => calls.value.find((c) => c.id === id)
  const playersOf = (id: string): number => call(id)?.players ?? 11
  return { choices, calls, formations, spots, loadChoices, loadCalls, load, need, formation, call, playersOf }
})
