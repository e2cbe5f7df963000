import { clockText } from '../level/rimPlaces'
import { formatMm } from '../units/formatMm'
import { degreesText } from './degreesText'
import type { Displacement } from './Displacement'
import { arcMm, offCentreDeg, offCentreMm, worstOffsetMm } from './Displacement'

export interface StraightJudgement {
  readonly kind: 'straight' | 'turned' | 'off-centre' | 'turned-and-off-centre'
  /** “turned 2.46° clockwise”; “off-centre 0.12, to 3” */
  readonly words: string
  readonly isStraight: boolean
  /** the most a tick stands off round the ring, mm */
  readonly worstMm: number
  readonly limitMm: number
}

/** What a reading may be off by, standard uncertainties at the tick, mm. */
export interface StraightUncertainty {
  readonly turnMm: number
  readonly shiftMm: number
}

/** What is named beside the other has to be at least this part of what may be seen. */
const WORTH_NAMING = 0.5
/** Less than so many standard uncertainties is not told from nothing. */
const TOLD = 2

/** What of a displacement a reading tells from nothing. */
export function toldOf(
  displacement: Displacement,
  radiusMm: number,
  { turnMm, shiftMm }: StraightUncertainty,
): Displacement {
  const isTurned = Math.abs(arcMm(displacement.turnedDeg, radiusMm)) > TOLD * turnMm
  const isOff = offCentreMm(displacement) > TOLD * shiftMm
  return {
    turnedDeg: isTurned ? displacement.turnedDeg : 0,
    towards3Mm: isOff ? displacement.towards3Mm : 0,
    towards12Mm: isOff ? displacement.towards12Mm : 0,
  }
}

/**
 * What a ring's displacement is to an eye: nothing, a turn, a shift, or both. What the reading cannot tell from nothing
 * is not held against it.
 * @param limitMm - what is seen, or what the owner lets pass, > 0
 */
export function judgeStraight(
  displacement: Displacement,
  radiusMm: number,
  limitMm: number,
  uncertainty: StraightUncertainty,
): StraightJudgement {
  const told = toldOf(displacement, radiusMm, uncertainty)
  const by = { worstMm: worstOffsetMm(told, radiusMm), limitMm }
  if (by.worstMm <= limitMm) {
    const words =
      worstOffsetMm(displacement, radiusMm) <= limitMm
        ? 'straight'
        : `straight as far as this reading tells, ±${formatMm(TOLD * Math.hypot(uncertainty.turnMm, uncertainty.shiftMm))}`
    return { ...by, isStraight: true, kind: 'straight', words }
  }
  const isTurned = Math.abs(arcMm(told.turnedDeg, radiusMm)) > WORTH_NAMING * limitMm
  const isOff = offCentreMm(told) > WORTH_NAMING * limitMm
  const words = [
    ...(isTurned ? [`turned ${turnText(told.turnedDeg)}`] : []),
    ...(isOff ? [`off-centre ${formatMm(offCentreMm(told))}, ${sideText(offCentreDeg(told))}`] : []),
  ]
  const kind = isTurned && isOff ? 'turned-and-off-centre' : isTurned ? 'turned' : 'off-centre'
  return { ...by, isStraight: false, kind, words: words.join('; ') }
}

/** “2.46° clockwise”. */
export function turnText(turnedDeg: number): string {
  return `${degreesText(Math.abs(turnedDeg))} ${wayText(turnedDeg)}`
}

export function wayText(turnedDeg: number): string {
  return turnedDeg < 0 ? 'anticlockwise' : 'clockwise'
}

/** “to 3”, “to between 11 and 12”. */
function sideText(directionDeg: number): string {
  return `to ${clockText(directionDeg).replace(/^at /, '')}`
}
