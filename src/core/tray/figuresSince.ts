import type { DimensionId } from '../readings/dimensions'
import { DIMENSIONS } from '../readings/dimensions'
import { formatMm } from '../units/formatMm'
import type { KeptTray } from './KeptTray'
import { reaches } from '../units/within'
import { measuredFigures } from './measuredFigures'
import { soundReadings } from './soundReadings'

/** Less is the same figure read again, mm: two steps of a caliper. From memory. */
const ANOTHER_FIGURE_MM = 0.02

/** A figure that was read when something was done, and is another one since. */
export interface ChangedFigure {
  readonly dimension: DimensionId
  readonly thenMm: number
  /** null where what was read then was taken back and nothing stands since */
  readonly nowMm: number | null
}

export interface FiguresSince {
  readonly changed: readonly ChangedFigure[]
  /** when the last of their readings was taken or taken back, ISO time */
  readonly at: string
}

type Kept = Pick<KeptTray['shapes'][number], 'dimension' | 'takenAt' | 'voidedAt'> &
  Partial<Pick<KeptTray['readings'][number], 'broughtInAt'>>

/** When something was read, or taken back. */
interface Touch {
  readonly dimension: DimensionId
  readonly at: Date
}

/**
 * Which of these figures became others after something was done that rests on them. A dimension nobody had read by then
 * is none of them: what was done did not rest on a reading of it.
 * @param done - when it was
 * @param until - what came later is left out; null for all there is
 * @returns null where none did
 */
export function figuresSince(
  { readings, shapes }: Pick<KeptTray, 'readings' | 'shapes'>,
  dimensions: readonly DimensionId[],
  done: Date,
  until: Date | null = null,
): FiguresSince | null {
  const asked = <T extends { dimension: DimensionId }>(kept: readonly T[]) =>
    kept.filter(({ dimension }) => dimensions.includes(dimension))
  const [ofReadings, ofShapes] = [asked(readings), asked(shapes)]
  const touched = [...ofReadings, ...ofShapes]
    .flatMap(touchedAt)
    .filter(({ at }) => at > done && !isAfter(at, until))
  const last = latestOf(touched)
  if (!last) return null
  const figuresAt = (at: Date) =>
    measuredFigures(
      soundReadings(ofReadings.filter((one) => stoodAt(one, at))).sound,
      ofShapes.filter((one) => stoodAt(one, at)),
    )
  const [before, after] = [figuresAt(done), figuresAt(last)]
  const changed = dimensions.flatMap((dimension): ChangedFigure[] => {
    const thenMm = before[dimension]?.valueMm
    const nowMm = after[dimension]?.valueMm ?? null
    if (thenMm === undefined) return []
    return nowMm !== null && isSameFigure(thenMm, nowMm) ? [] : [{ dimension, thenMm, nowMm }]
  })
  const lastChange = latestOf(
    touched.filter((one) => changed.some(({ dimension }) => dimension === one.dimension)),
  )
  return lastChange ? { changed, at: lastChange.toISOString() } : null
}

function isSameFigure(oneMm: number, otherMm: number): boolean {
  return !reaches(Math.abs(oneMm - otherMm), ANOTHER_FIGURE_MM)
}

/**
 * Which figures of the case sheet, that something was done by, are others now: read on the piece since, or written anew
 * on the sheet.
 * @param then - as the sheet had them when it was done, mm
 * @param nowMm - the best figure there is now, mm; null where there is none
 */
export function sheetFiguresSince(
  then: readonly (readonly [DimensionId, number])[],
  nowMm: (dimension: DimensionId) => number | null,
): ChangedFigure[] {
  return then.flatMap(([dimension, thenMm]) => {
    const now = nowMm(dimension)
    return now === null || isSameFigure(thenMm, now) ? [] : [{ dimension, thenMm, nowMm: now }]
  })
}

/** “case bore 30.95 then, 31.05 now; seat depth 1.15 then, taken back since”. */
export function changedWords(changed: readonly ChangedFigure[]): string {
  return changed
    .map(({ dimension, thenMm, nowMm }) => {
      const now = nowMm === null ? 'taken back since' : `${formatMm(nowMm)} now`
      return `${DIMENSIONS[dimension].label.toLowerCase()} ${formatMm(thenMm)} then, ${now}`
    })
    .join('; ')
}

/** Nobody here could go by a figure before its file was brought in, whenever it was read. */
function knownAt({ takenAt, broughtInAt }: Kept): Date {
  return broughtInAt ?? takenAt
}

function touchedAt(kept: Kept): Touch[] {
  const { dimension, voidedAt } = kept
  const times = voidedAt === null ? [knownAt(kept)] : [knownAt(kept), voidedAt]
  return times.map((at) => ({ dimension, at }))
}

function latestOf(touched: readonly Touch[]): Date | null {
  return touched.reduce<Date | null>((latest, { at }) => (latest && latest >= at ? latest : at), null)
}

function stoodAt(kept: Kept, at: Date): boolean {
  return !isAfter(knownAt(kept), at) && (kept.voidedAt === null || isAfter(kept.voidedAt, at))
}

function isAfter(at: Date, until: Date | null): boolean {
  return until !== null && at > until
}
