import type {
  BezelKind,
  ChapterRing,
  DatePlace,
  InsertMaterial,
  Magnifier,
  MovementKind,
} from '../construction/kinds'
import type { StraightPair } from './pairs'

/** What a case has that can stand askew. */
export interface PairFacts {
  readonly bezelKind: BezelKind
  readonly insertMaterial: InsertMaterial
  readonly chapterRing: ChapterRing
  readonly magnifier: Magnifier
  readonly movementKind: MovementKind
}

/** The pairs this case can be read for; the first is what is asked about most. */
export function pairsOfCase(facts: PairFacts): StraightPair[] {
  const insert = facts.insertMaterial !== 'none'
  const bezel = facts.bezelKind !== 'none' && facts.bezelKind !== 'resin-shell'
  const pairs: readonly (StraightPair | false)[] = [
    insert && 'insert-dial',
    facts.chapterRing !== 'none' && 'chapter-dial',
    facts.magnifier !== 'none' && 'magnifier-date',
    insert && bezel && 'insert-bezel',
    bezel && 'bezel-case',
    facts.movementKind !== 'digital' && 'hands-dial',
  ]
  return pairs.filter((pair) => pair !== false)
}

/** What a sheet says of where ticks meet. */
export interface RadiusFacts {
  readonly dialOpeningMm: number | null
  readonly insertInnerMm: number | null
  readonly bezelOuterMm: number | null
  readonly insertOuterMm: number | null
  readonly minuteHandMm: number | null
  readonly dateRadiusMm: number | null
}

/** Where the ticks of a pair meet by the case sheet, mm from the middle; null where it does not say. */
export function usualRadiusMm(pair: StraightPair, sheet: RadiusFacts): number | null {
  const half = (diameterMm: number | null) => (diameterMm === null ? null : diameterMm / 2)
  switch (pair) {
    case 'insert-dial':
      return half(sheet.insertInnerMm) ?? half(sheet.dialOpeningMm)
    case 'insert-bezel':
      return half(sheet.insertOuterMm)
    case 'bezel-case':
      return half(sheet.bezelOuterMm)
    case 'chapter-dial':
      return half(sheet.dialOpeningMm)
    case 'hands-dial':
      // The hand's tip reaches the minutes.
      return sheet.minuteHandMm ?? half(sheet.dialOpeningMm)
    case 'magnifier-date':
      return sheet.dateRadiusMm
  }
}

const CROSS = [12, 3, 6, 9] as const

/** The hours a pair is read at first. A date stands at one place alone, hands point at one. */
export function usualHours(pair: StraightPair, dateAt: DatePlace | null): readonly number[] {
  if (pair === 'hands-dial') return [12]
  if (pair !== 'magnifier-date') return CROSS
  return [Number.parseInt(dateAt ?? '3', 10)]
}
