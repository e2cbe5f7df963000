import { aimedInterference, USUAL_RING } from '../../fit/aimedInterference'
import type { CrystalSeat, Figure, SeatOutcome } from '../../fit/CrystalSeat'
import type { FitPolicy } from '../../fit/fitPolicy'
import { combinedEstimate } from '../../measure/combinedEstimate'
import type { Estimate } from '../../measure/Estimate'
import { fuseEstimates } from '../../measure/fuseEstimates'
import { figureOf } from '../../tray/caseFigures'
import type { CaseSheet } from '../../tray/CaseSheet'
import type { MeasuredFigures } from '../../tray/measuredFigures'
import { keptFigures } from '../keptFigures'
import { seatFromThickness } from '../seatFromThickness'
import { seenFromSeat } from '../seenFromSeat'
import { USUAL_SEAT_DEPTH, USUAL_WALL } from '../usualFigures'

/** The bore a ring gasket squeezes a crystal into: the case's own, or a removable bezel's. */
export interface RingSeat extends CrystalSeat {
  readonly bore: Figure
  /** largest less smallest bore, mm; 0 when it was not measured in three directions */
  readonly boreOvalityMm: number
  /** of the oval, degrees clockwise from 12; 0 when it was not measured */
  readonly boreLongAxisDeg: number
  readonly seatDepth: Figure
}

export type BoreDimension = 'bore' | 'bezel-bore'

/** What the fit needs to know of a bore, each figure from the best source there is. */
export function ringSeat(
  dimension: BoreDimension,
  measured: MeasuredFigures,
  sheet: CaseSheet,
  policy: FitPolicy,
): SeatOutcome<RingSeat> {
  const bore = boreOf(dimension, measured, sheet, policy)
  if (!bore) return { ok: false, missing: dimension }
  const seen = seenFromSeat(measured, sheet)
  const seatDepth =
    figureOf('seat-depth', measured, sheet) ?? seatFromThickness(seen.foundThickness) ?? USUAL_SEAT_DEPTH
  const { ovalityMm: boreOvalityMm = 0, longAxisDeg: boreLongAxisDeg = 0 } =
    measured[dimension]?.roundness ?? {}
  return {
    ok: true,
    seat: {
      retention: sheet.retention,
      across: bore,
      opening: bore,
      level: seatDepth,
      rimAbove: seatDepth,
      sides: null,
      figures: keptFigures(seen, { [dimension]: bore, 'seat-depth': seatDepth }),
      bore,
      boreOvalityMm,
      boreLongAxisDeg,
      seatDepth,
      ...seen,
    },
  }
}

/**
 * The bore: measured, by itself and through the opening left by the gasket; else through the old crystal, which sat in
 * it with a usual interference; else from the case sheet. A wall nobody read is taken as usual, and widens what follows.
 */
function boreOf(
  dimension: BoreDimension,
  measured: MeasuredFigures,
  sheet: CaseSheet,
  policy: FitPolicy,
): Figure | null {
  const wall = figureOf('gasket-wall', measured, sheet) ?? USUAL_WALL
  const read = measured[dimension]
  const direct = read ? figureOf(dimension, measured, sheet) : null
  const twoWallsMore = (inner: Estimate, extra?: Estimate): Figure => ({
    ...combinedEstimate([[1, inner], [2, wall], ...(extra ? [[-1, extra] as const] : [])]),
    origin: wall === USUAL_WALL ? 'assumed' : 'derived',
  })
  // A new bezel's bore has nothing to do with what sat in the old one.
  const ofNewBezel = sheet.figureOrigins?.[dimension] === 'supplier'
  const { opening } = measured
  const crystal = ofNewBezel ? undefined : measured['crystal-diameter']
  const throughOpening = opening ? twoWallsMore(opening) : null
  if (direct && throughOpening && wall !== USUAL_WALL)
    return { ...fuseEstimates([direct, throughOpening]), origin: 'measured' }
  const aim = aimedInterference(sheet.gasketMaterial ?? USUAL_RING, policy)
  const throughCrystal = crystal ? twoWallsMore(crystal, aim) : null
  return direct ?? throughOpening ?? throughCrystal ?? figureOf(dimension, {}, sheet)
}
