import type { Estimate } from '@/core/straight/fitOffsets'
import type { StraightPair } from '@/core/straight/pairs'
import { pairsOfCase, usualHours, usualRadiusMm } from '@/core/straight/pairsOfCase'
import type { StraightLook } from '@/core/straight/StraightLook'
import type { StandingPair } from '@/core/straight/standingPairs'
import { dialTurnedBy } from '@/core/straight/standingPairs'
import type { OpenedCase } from './openTrayCases'

/** A pair the case can be read for, as a look at it begins. */
export interface PairView {
  readonly pair: StraightPair
  /** by the last look or the case sheet, mm; null where neither says */
  readonly radiusMm: number | null
  readonly hours: readonly number[]
  /** how it stands by its looks; null while it was not looked at */
  readonly standing: StandingPair | null
  /** why it cannot be looked at: part of it is off; null where it can */
  readonly notYet: string | null
  /** pictures its last look was read from, as far as they are still with the tray; null where it was read tick by tick */
  readonly pictures: readonly number[] | null
}

/** What stands straight, what does not, and what would help. */
export interface StraightView {
  readonly pairs: readonly PairView[]
  /** how far the dial itself is turned, degrees; null where that is not what is seen */
  readonly dial: Estimate | null
  /** an eye sees no less, mm */
  readonly seenMm: number
}

export function straightView(opened: OpenedCase): StraightView {
  const { facts, found, straight, rules } = opened
  return {
    pairs: pairsOfCase(facts).map((pair) => {
      const standing = straight.find((one) => one.pair === pair) ?? null
      return {
        pair,
        radiusMm: standing?.last.radiusMm ?? usualRadiusMm(pair, found.sheet),
        hours: roundFrom12(
          standing?.last.offsets.map(({ hour }) => hour) ?? usualHours(pair, found.sheet.dateAt),
        ),
        standing,
        notYet: opened.againstLooking(pair),
        pictures: standing ? picturesOf(standing.last, opened) : null,
      }
    }),
    dial: dialTurnedBy(straight),
    seenMm: rules.policy.straight.seenMm,
  }
}

function picturesOf(
  { method, photoId, secondPhotoId }: StraightLook,
  { kept }: OpenedCase,
): readonly number[] | null {
  if (method !== 'picture') return null
  return kept.photos.map(({ id }) => id).filter((id) => id === photoId || id === secondPhotoId)
}

/** In the order a hand goes round. */
function roundFrom12(hours: readonly number[]): readonly number[] {
  return hours.toSorted((a, b) => (a % 12) - (b % 12))
}
