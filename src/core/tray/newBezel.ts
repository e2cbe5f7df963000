import { constructionOf } from '../construction/constructions'
import type { FigureOrigin } from '../fit/CrystalSeat'
import type { DimensionId } from '../readings/dimensions'
import type { StockBezel } from '../stock/otherParts'
import { figureOf } from './caseFigures'
import type { KeptPartOut } from './KeptTray'
import type { CaseSheet } from './CaseSheet'
import type { MeasuredFigures } from './measuredFigures'

/** What belongs to the bezel: another once a new one goes on. */
const OF_THE_BEZEL: readonly DimensionId[] = [
  'bezel-bore',
  'bezel-inner',
  'bezel-outer',
  'recess-outer',
  'recess-inner',
  'recess-depth',
]

/** A bezel taken out of its drawer for a tray. */
export interface NewBezel {
  readonly bezel: StockBezel
  readonly since: Date
}

/** The bezel that lies out for a tray, the last one taken if there are two; null where none is. */
export function newBezelOf(
  partsOut: readonly Pick<KeptPartOut, 'kind' | 'partId' | 'since'>[],
  bezels: readonly StockBezel[],
): NewBezel | null {
  const [last] = partsOut
    .filter(({ kind }) => kind === 'bezel')
    .toSorted((a, b) => b.since.getTime() - a.since.getTime())
  const bezel = last && bezels.find(({ id }) => id === last.partId)
  return last && bezel ? { bezel, since: last.since } : null
}

interface Timed {
  readonly dimension: DimensionId
  readonly takenAt: Date
}

/** True for what was read of the old bezel, before the new one was there. */
export function isOfOldBezel(
  { dimension, takenAt }: Timed,
  { since }: NewBezel,
  { retention }: Pick<CaseSheet, 'retention'>,
): boolean {
  return ofTheBezel(retention).includes(dimension) && takenAt < since
}

/** True for what was read of the new bezel, since it was taken out. */
export function isOfNewBezel(
  { dimension, takenAt }: Timed,
  { since }: NewBezel,
  { retention }: Pick<CaseSheet, 'retention'>,
): boolean {
  return ofTheBezel(retention).includes(dimension) && takenAt >= since
}

/** What was measured, less what belongs to the bezel that comes off. */
export function withoutBezel(
  measured: MeasuredFigures,
  sheet: Pick<CaseSheet, 'retention'>,
): MeasuredFigures {
  return withoutBezelOf(measured, sheet)
}

/** Figures by dimension, less those of the bezel. */
function withoutBezelOf<F extends object>(figures: F, { retention }: Pick<CaseSheet, 'retention'>): F {
  const gone = ofTheBezel(retention)
  const rest = Object.entries(figures).filter(([id]) => !gone.some((own) => own === id))
  return Object.fromEntries(rest) as F
}

function ofTheBezel(retention: CaseSheet['retention']): readonly DimensionId[] {
  return [...OF_THE_BEZEL, ...(constructionOf(retention).bezel?.owns ?? [])]
}

/**
 * The case sheet with a new bezel's figures in place of the old one's, as its supplier gives them; its seat is taken to
 * be as deep as the old one's until somebody reads it.
 * @param measured - of the old bezel and the case
 */
export function sheetWithBezel(sheet: CaseSheet, bezel: StockBezel, measured: MeasuredFigures): CaseSheet {
  const given = {
    bezelBoreMm: ['bezel-bore', bezel.boreMm],
    bezelInnerMm: ['bezel-inner', bezel.innerMm],
    bezelOuterMm: ['bezel-outer', bezel.outerMm],
    recessOuterMm: ['recess-outer', bezel.recessOuterMm],
    recessInnerMm: ['recess-inner', bezel.recessInnerMm],
    recessDepthMm: ['recess-depth', bezel.recessDepthMm],
  } as const
  const known = Object.entries(given).filter(([, [, mm]]) => mm !== null)
  const ownsSeat = constructionOf(sheet.retention).bezel?.owns.includes('seat-depth')
  const seat = ownsSeat ? figureOf('seat-depth', measured, sheet) : null
  const origins: Partial<Record<DimensionId, FigureOrigin>> = Object.fromEntries(
    known.map(([, [dimension]]) => [dimension, 'supplier']),
  )
  return {
    ...sheet,
    ...Object.fromEntries(known.map(([field, [, mm]]) => [field, mm])),
    ...(seat ? { seatDepthMm: seat.valueMm } : {}),
    figureOrigins: { ...origins, ...(seat ? { 'seat-depth': 'assumed' } : {}) },
    // Earlier pieces had bezels of their own.
    ...(sheet.learned ? { learned: withoutBezelOf(sheet.learned, sheet) } : {}),
  }
}
