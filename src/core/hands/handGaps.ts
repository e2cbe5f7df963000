import type { Figure } from '../fit/CrystalSeat'
import type { HandTip, SeenFromSeat } from '../fit/CrystalSeat'
import type { Underside } from '../fit/handClearance'
import { undersideAtMm } from '../fit/handClearance'
import { COVERAGE_FACTOR } from '../measure/coverageFactor'
import type { HandHeight, OverDial } from './handHeights'
import type { HandPolicy } from './handPolicy'

/** Room between two things that pass over one another. */
export interface HandGap {
  /** “hour hand to minute hand” */
  readonly between: string
  readonly roomMm: number
  /** expanded uncertainty, 95 %, mm */
  readonly doubtMm: number
  readonly leastMm: number
  /** touches where nothing is left, close where less than wanted is, unsure where the doubt reaches down to that */
  readonly state: 'clear' | 'unsure' | 'close' | 'touches'
}

/** The glass over a dial. */
export interface GlassOver {
  /** from the seat plane down to the dial */
  readonly dialBelowSeat: Figure
  readonly underside: Underside
  /** what lies between seat and crystal, mm */
  readonly underEdgeMm: number
  readonly handTips: SeenFromSeat['handTips']
  /** mm, see FitPolicy */
  readonly leastMm: number
}

const NAMES: Readonly<Record<OverDial, string>> = {
  marker: 'highest marker',
  hour: 'hour hand',
  minute: 'minute hand',
  second: 'second hand',
}

/**
 * Room between marker, hands and glass from their heights over the dial: each hand against what stands next under it, and
 * each hand's tip against the glass over it.
 * @param heights - of upper faces; a marker's of its top
 * @param glass - null where nothing is known of it
 */
export function handGaps(
  heights: readonly HandHeight[],
  glass: GlassOver | null,
  policy: HandPolicy,
): HandGap[] {
  const lowestFirst = heights.toSorted((a, b) => a.heightMm - b.heightMm)
  const between = lowestFirst.slice(1).flatMap((upper, index) => {
    const lower = lowestFirst[index]
    // A marker that stands over a hand is passed by it on one side or struck: that is a matter of the loupe.
    if (!lower || upper.of === 'marker') return []
    const roomMm = upper.heightMm - policy.thicknessMm - lower.heightMm
    const u = Math.hypot(
      uncertaintyMm(upper, policy),
      uncertaintyMm(lower, policy),
      policy.thicknessUncertaintyMm,
    )
    return [gap(`${NAMES[lower.of]} to ${NAMES[upper.of]}`, roomMm, u, policy.leastGapMm)]
  })
  return [...between, ...(glass ? toGlass(lowestFirst, glass, policy) : [])]
}

function toGlass(heights: readonly HandHeight[], glass: GlassOver, policy: HandPolicy): HandGap[] {
  return heights.flatMap((height) => {
    if (height.of === 'marker') return []
    const tip = glass.handTips.find(({ hand }: HandTip) => hand === height.of)
    // Where nobody read how long it is, the glass stands lowest at its edge.
    const atMm = tip?.reachMm ?? glass.underside.diameterMm / 2
    const roomMm =
      glass.dialBelowSeat.valueMm + glass.underEdgeMm + undersideAtMm(glass.underside, atMm) - height.heightMm
    const u = Math.hypot(uncertaintyMm(height, policy), glass.dialBelowSeat.standardUncertaintyMm)
    return [gap(`${NAMES[height.of]} to the glass`, roomMm, u, glass.leastMm)]
  })
}

function uncertaintyMm({ readings }: HandHeight, { readingMm }: HandPolicy): number {
  return readingMm / Math.sqrt(readings)
}

function gap(between: string, roomMm: number, u: number, leastMm: number): HandGap {
  const doubtMm = COVERAGE_FACTOR * u
  return { between, roomMm, doubtMm, leastMm, state: stateOf(roomMm, doubtMm, leastMm) }
}

function stateOf(roomMm: number, doubtMm: number, leastMm: number): HandGap['state'] {
  if (roomMm <= 0) return 'touches'
  if (roomMm < leastMm) return 'close'
  return roomMm - doubtMm < leastMm ? 'unsure' : 'clear'
}
