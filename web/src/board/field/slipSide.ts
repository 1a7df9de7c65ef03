import type { FieldRow, Sheet } from '../../api/types'
import type { ViewFrom } from './field'
import type { AskedThing } from './fieldWords'

/** The middle of the field lies at least so far from a ball on a hash. */
const ON_HASH_YARDS = 2

function acrossOf(sheet: Sheet, thing: AskedThing): number {
  switch (thing.kind) {
    case 'MAN':
      return sheet.offence.find((m) => m.name === thing.name)?.feet.x ?? 0
    case 'GAP':
      return sheet.gaps.find((g) => g.words === thing.name)?.at.x ?? 0
    case 'AREA':
      return sheet.areas.find((a) => a.owner === thing.name)?.landmark.x ?? 0
  }
}

/** Whether an answer lies at the right, where it covers nothing of what was asked: on the wide side of a hash, else on the other side. */
export function slipAtRight(field: FieldRow, sheet: Sheet, thing: AskedThing, from: ViewFrom): boolean {
  const middle = (field.leftSideline + field.rightSideline) / 2
  const right = Math.abs(middle) > ON_HASH_YARDS ? middle > 0 : acrossOf(sheet, thing) <= 0
  return from === 'offence' ? right : !right
}
