import { useQuery } from '@tanstack/vue-query'
import { computed, reactive, ref, shallowRef } from 'vue'
import { answer, client, problemOf } from '../../api/client'
import type { GameSheet } from '../../api/types'
import { plain } from '../../board/snapPhrases'
import { useKept } from '../../shell/kept'
import { useLists } from '../../shell/lists'
import { PLAYBOOK } from '../../shell/queries'
import { RAN } from '../logWords'
import { firstLog } from '../newLog'
import { columnsBy, type ColumnId, type LogNow } from './logColumns'
import { logTable, readLog, tableOf, type LogAsks, type LogTable } from './logReading'

/** A log of a game has a few hundred rows; a film that was chosen by mistake is not read. */
const MOST_BYTES = 2_000_000
const CSV_FIRST = 'Save a workbook as CSV first.'

/** A log of a game as a file: read, understood with the coach's help, and taken in whole. */
export function useLogFile(game: () => GameSheet, taken: (plays: number) => void) {
  const lists = useLists()
  const { data: playbook } = useQuery(PLAYBOOK)
  /** What this coach's files are headed by, and the words in them, are understood the same the next time. */
  const heads = useKept<Record<string, ColumnId | ''>>('film.logFile.columns', {})
  const names = useKept<Record<string, string>>('film.logFile.names', {})
  /** What this file does not say is said of this file alone: the next game had other calls. */
  const unsaid = ref<Record<string, string>>({})
  const table = shallowRef<LogTable>()
  const name = ref('')
  const columns = ref<(ColumnId | '')[]>([])
  const out = reactive(new Set<number>())
  const first = ref(1)
  const fault = ref('')
  const saving = ref(false)

  const now = computed<LogNow>(() => ({
    choices: lists.choices,
    calls: lists.calls,
    ran: (playbook.value ?? [])
      .filter((d) => RAN.includes(d.kind) && !d.retired)
      .map((d) => ({ id: d.id, name: d.name, also: d.kinds })),
    code: game().game.code,
  }))
  const read = computed(() =>
    table.value && lists.choices
      ? readLog(
          table.value,
          { columns: columns.value, names: { ...names.value, ...unsaid.value }, out, first: first.value },
          game().plays,
          now.value,
          firstLog(game().game.code),
        )
      : undefined,
  )

  async function open(file: File): Promise<void> {
    close()
    try {
      await lists.load()
      const found = file.size > MOST_BYTES ? undefined : tableOf(await file.text())
      name.value = file.name
      columns.value = columnsBy(found?.heads ?? [], heads.value)
      table.value = found
      first.value = firstBare()
      if (!found) fault.value = `${file.name} is no table with a row of heads and a row for each play. ${CSV_FIRST}`
    } catch (why) {
      fault.value = problemOf(why).detail
    }
  }
  /** The first play of which nobody said yet what came of it, or the one after the last: what was logged is not written over. */
  function firstBare(): number {
    const { plays } = game()
    const at = plays.findIndex(
      ({ log }) => log.theirPlay === undefined && log.result === undefined && log.gain === undefined,
    )
    return 1 + (at < 0 ? plays.length : at)
  }
  function close(): void {
    table.value = undefined
    fault.value = ''
    first.value = 1
    unsaid.value = {}
    out.clear()
  }
  /** A column is one thing, and a thing is in one column. */
  function say(at: number, id: ColumnId | ''): void {
    columns.value = columns.value.map((c, i) => (i === at ? id : c === id ? '' : c))
    table.value!.heads.forEach((head, i) => (heads.value[plain(head)] = columns.value[i]!))
  }
  function means({ key, words }: LogAsks, id: string): void {
    const where = words ? names : unsaid
    where.value = { ...where.value, [key]: id }
  }
  function leaveOut(rows: readonly number[]): void {
    rows.forEach((row) => out.add(row))
  }

  async function take(): Promise<void> {
    saving.value = true
    fault.value = ''
    const { rows } = read.value!
    try {
      await answer(
        client.PUT('/api/games/{id}/plays', {
          params: { path: { id: game().id } },
          body: {
            plays: game().plays.length,
            rows: rows.map(({ play, log }) => ({ play: play?.id, version: play?.version, log })),
          },
        }),
      )
      close()
      taken(rows.length)
    } catch (why) {
      fault.value = problemOf(why).detail
    } finally {
      saving.value = false
    }
  }
  const along = (): string => logTable(game().plays, now.value)
  return { table, name, columns, out, first, fault, saving, now, read, open, close, say, means, leaveOut, take, along }
}
