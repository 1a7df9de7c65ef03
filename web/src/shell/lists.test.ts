import { describe, expect, it } from 'vitest'
import type { CallItem, Choices } from '../api/types'
import { readSnapWords } from '../board/snapWords'
import { SPOTS } from '../testing/fixtures'
import { callChoices, formationChoice, snapAgainst, spotChoice } from './lists'

const formation = (id: string, players = 11) => ({
  id,
  name: id,
  family: 'two backs',
  players,
  personnel: '21',
  receivers: '2x1',
  motions: [],
})
const call = (id: string, meantFor: string[], players = 11): CallItem => ({
  id,
  name: id,
  players,
  revision: 0,
  digest: '',
  words: 'three deep',
  kinds: ['cover 3'],
  meantFor,
})
const choices: Choices = {
  codes: [
    { id: 'hs', name: 'high school', players: 11 },
    { id: 'flag5', name: 'flag', players: 5 },
  ],
  formations: [formation('pro-i'), formation('flag-spread', 5)],
  runs: [],
  spots: SPOTS,
}

describe('what there is to choose from', () => {
  it('has calls meant for the formation first, those of another game last', () => {
    const calls = [call('flag', [], 5), call('other', ['trips']), call('any', []), call('meant', ['pro-i'])]
    expect(callChoices(calls, formation('pro-i')).map((c) => [c.id, c.group])).toEqual([
      ['meant', 'Meant for pro-i'],
      ['any', 'For any formation'],
      ['other', 'Meant for others'],
      ['flag', 'Of another game'],
    ])
    expect(callChoices(calls, undefined).map((c) => c.id)).toEqual(['flag', 'other', 'any', 'meant'])
  })
  it('says what a formation is, with personnel in the eleven-man game alone', () => {
    expect(formationChoice(formation('pro-i')).words).toBe('21 personnel, 2x1')
    expect(formationChoice(formation('flag-spread', 5)).words).toBe('2x1')
  })
  it('finds every ball spot as the typed line reads it', () => {
    const snap = { ...snapAgainst(formation('pro-i'), choices)!, toGoal: 50 }
    for (let toGoal = 1; toGoal < 100; toGoal++)
      for (const said of spotChoice('', toGoal).kinds!)
        expect(readSnapWords(said, { snap, call: '', choices, calls: [] }).snap.toGoal, said).toBe(toGoal)
  })
  it('lines up by the rules that the formation’s number of men plays', () => {
    expect(snapAgainst(formation('pro-i'), choices)).toMatchObject({ code: 'hs', toGoal: 50 })
    expect(snapAgainst(formation('flag-spread', 5), choices)).toMatchObject({ code: 'flag5', toGoal: 25 })
    expect(snapAgainst(formation('seven', 7), choices)).toBeUndefined()
    expect(snapAgainst(undefined, choices)).toBeUndefined()
  })
})
