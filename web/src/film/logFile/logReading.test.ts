import { describe, expect, it } from 'vitest'
import type { PlayRow } from '../../api/types'
import { callItem, choicesOf, filmedPlay, formationItem, gameSheet } from '../../testing/fixtures'
import { columnsBy, type ColumnId, type LogNow } from './logColumns'
import { logTable, readLog, tableOf, type LogMeant, type ReadLog } from './logReading'

const NOW: LogNow = {
  choices: choicesOf([
    { ...formationItem('pro-i', 11, ['flanker-over']), name: 'Pro I' },
    { ...formationItem('trips-open'), name: 'Trips open' },
    { ...formationItem('trips-tight'), name: 'Trips tight' },
    { ...formationItem('flag-trips', 5), name: 'Flag trips' },
  ]),
  calls: [
    { ...callItem('anvil-fog'), name: 'Anvil Fog', revision: 3 },
    { ...callItem('anvil-drizzle'), name: 'Anvil Drizzle' },
  ],
  ran: [
    { id: 'power', name: 'Power' },
    { id: 'power-read', name: 'Power read' },
    { id: 'boot', name: 'Boot' },
  ],
  code: 'hs',
}
const BLANK = filmedPlay().log
const HEADS = 'ODK,DN,DIST,YARD LN,HASH,OFF FORM,OFF PLAY,PLAY DIR,GN/LS,RESULT,Def call,QTR'

function read(csv: string, over: Partial<LogMeant> = {}, plays: PlayRow[] = []): ReadLog {
  const table = tableOf(csv)!
  const meant: LogMeant = { columns: columnsBy(table.heads), names: {}, out: new Set(), first: 1, ...over }
  return readLog(table, meant, plays, NOW, BLANK)
}
const only = (csv: string, over?: Partial<LogMeant>, plays?: PlayRow[]) => read(csv, over, plays).rows[0]!.log

describe('a log from a file', () => {
  it('is understood by its heads and the words of the trade', () => {
    const { rows, faults, asks, notOurs } = read(
      `${HEADS}\nK,,,,,,,,,,,1\nD,2nd,7,-35,L,Pro I Lt,Power,R,-2,Rush,Anvil Fog,1\n` +
        'd,3,goal,+6,middle,trips open,boot,left,6,TD,anvil drizzle,2',
    )
    expect([faults, asks, notOurs]).toEqual([[], [], 1])
    expect(rows.map((r) => [r.row, r.number])).toEqual([
      [3, 1],
      [4, 2],
    ])
    expect(rows[0]!.log).toMatchObject({
      snap: { down: 2, distance: 7, toGoal: 65, hash: 'l', formation: 'pro-i', mirrored: true, code: 'hs' },
      call: 'anvil-fog',
      revision: 3,
      theirPlay: 'power',
      theirSide: 'right',
      gain: -2,
      result: 'tackled',
      quarter: 1,
    })
    expect(rows[1]!.log).toMatchObject({
      snap: { down: 3, distance: 6, toGoal: 6, formation: 'trips-open', mirrored: false },
      result: 'scored',
    })
  })
  it('says of every cell that cannot be read why, and a row can be left out', () => {
    const csv = `dn,dist,yard line,hash,form,call,gain\n1,0,own 60,m,pro i,anvil fog,lots\n,10,35,m,pro i,anvil fog,3`
    const { faults } = read(csv)
    expect(faults.map((f) => [f.row, f.column, f.cell])).toEqual([
      [2, 'dist', '0'],
      [2, 'yard line', 'own 60'],
      [2, 'gain', 'lots'],
      [3, 'dn', ''],
    ])
    expect(faults[0]!.why).toContain('1 to 99 yd')
    expect(faults[3]!.why).toContain('a kick or a try')
    expect(read(csv, { out: new Set([2, 3]) }).rows).toEqual([])
  })
  it('asks once which name some words are, and knows it by then for all rows, with the side they end with', () => {
    const csv =
      'down,distance,ball on,hash,formation,our call,they ran\n' + '1,10,50,m,TRIPS RT,anvil fog,zap\n'.repeat(3)
    const { asks } = read(csv)
    expect(asks.map((a) => [a.column, a.words, a.rows, a.spared])).toEqual([
      ['formation', 'trips', 3, false],
      ['ran', 'zap', 3, true],
    ])
    expect(asks[0]!.options.map((o) => o.id)).not.toContain('flag-trips')
    const known = read(csv, { names: { 'formation trips': 'trips-tight', 'ran zap': '' } })
    // said, and open to be said otherwise
    expect(known.asks.map((a) => [a.words, a.as])).toEqual([
      ['trips', 'trips-tight'],
      ['zap', ''],
    ])
    expect(known.rows.map((r) => r.log.snap.formation)).toEqual(['trips-tight', 'trips-tight', 'trips-tight'])
    expect(known.rows[0]!.log.snap.mirrored).toBe(false)
    expect(known.rows[0]!.log.theirPlay).toBeUndefined()
  })
  it('asks for what new plays cannot do without and the file does not have', () => {
    const { asks, faults } = read('formation\npro i')
    expect(asks.map((a) => [a.column, a.words])).toEqual([
      ['hash', ''],
      ['call', ''],
    ])
    expect(faults.map((f) => f.column)).toEqual(['down', 'distance', 'ball on'])
  })
  it('changes of a play that is there only what a cell says', () => {
    const { plays } = gameSheet()
    const log = only('call,gain\n,4', {}, plays)
    expect(log).toEqual({ ...plays[0]!.log, gain: 4 })
    const second = read('gain\n4', { first: 2 }, plays).rows[0]!
    expect([second.number, second.play?.id]).toEqual([2, 12])
  })
  it('leaves a play as it stands whose row is left out, and those after it where they are; a kick is no play', () => {
    const { plays } = gameSheet()
    const csv = 'down,gain\n1,lots\n,\n,3\n2,7'
    const { rows } = read(csv, { out: new Set([2, 4]) }, plays)
    expect(rows.map((r) => [r.row, r.number, r.play?.id])).toEqual([[5, 2, 12]])
  })
  it('takes the motion away with the formation it was of', () => {
    const [play] = gameSheet().plays
    const moving = { ...play!, log: { ...play!.log, snap: { ...play!.log.snap, motion: 'flanker-over' } } }
    expect(only('formation\ntrips open', {}, [moving]).snap.motion).toBeUndefined()
    expect(only('gain\n4', {}, [moving]).snap.motion).toBe('flanker-over')
  })
  it('refuses more yards to go than there are to the goal line', () => {
    const { faults } = read('situation,ball on,hash,form,call\n1st & 10,+6,m,pro i,anvil fog')
    expect(faults.map((f) => [f.row, f.why])).toEqual([[2, 'cannot be: 10 yards to go with 6 to the goal line']])
  })
  it('reads back as itself when it was taken along, whatever separates its cells', () => {
    const { plays } = gameSheet()
    plays[1]!.log = {
      ...plays[1]!.log,
      snap: {
        ...plays[1]!.log.snap,
        down: 4,
        distance: 3,
        toGoal: 3,
        hash: 'r',
        mirrored: true,
        motion: 'flanker-over',
      },
      call: 'anvil-fog',
      revision: 3,
      quarter: 4,
      drive: 11,
      lead: -3,
      theirPlay: 'boot',
      theirSide: 'left',
      gain: -1,
      result: 'out of bounds',
      unit: 'backups',
    }
    const csv = logTable(plays, NOW)
    for (const text of [csv, csv.replaceAll(',', ';'), `\ufeff${csv}`]) {
      const { rows, faults, asks } = read(text)
      expect([faults, asks]).toEqual([[], []])
      expect(rows.map((r) => r.log)).toEqual(plays.map((p) => p.log))
    }
  })
  it('is no log when there is no table', () => {
    expect(tableOf('')).toBeUndefined()
    expect(tableOf('down,distance')).toBeUndefined()
    expect(tableOf('PK\u0000\u0003,x\n1,2')).toBeUndefined()
  })
  it('has each column once, and keeps what was said of one', () => {
    const kept: Record<string, ColumnId | ''> = { dist: '', yds: 'distance' }
    expect(columnsBy(['Down', 'DN', 'dist', 'yds', 'x'], kept)).toEqual(['down', '', '', 'distance', ''])
  })
})
