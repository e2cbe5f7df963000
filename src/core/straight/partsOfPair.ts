import type { TrailPartId } from '../trail/parts'
import type { TrailLine } from '../trail/partsTrail'
import { missingText } from '../trail/partsTrail'
import { capital } from '../units/capital'
import type { StraightPair } from './pairs'
import { PAIR_WORDS } from './pairs'

/** Parts without which a pair cannot be read; once one of them moved, a look is of what was. Common practice. */
const PARTS_OF_PAIR: Readonly<Record<StraightPair, readonly TrailPartId[]>> = {
  'insert-dial': ['insert', 'bezel', 'movement'],
  'insert-bezel': ['insert'],
  'bezel-case': ['bezel'],
  'chapter-dial': ['chapter-ring', 'movement'],
  'magnifier-date': ['crystal', 'movement'],
  'hands-dial': ['hand'],
}

export function partsOfPair(pair: StraightPair): readonly TrailPartId[] {
  return PARTS_OF_PAIR[pair]
}

/**
 * Why a pair cannot be looked at: what it is made of is off.
 * @param laidIn - parts that are off by the trail, but lie where they belong
 * @returns null where it can
 */
export function againstLooking(
  pair: StraightPair,
  trail: readonly TrailLine[],
  laidIn: readonly TrailPartId[],
): string | null {
  const off = trail.filter(
    ({ part, open }) => open > 0 && PARTS_OF_PAIR[pair].includes(part) && !laidIn.includes(part),
  )
  if (off.length === 0) return null
  return `${capital(PAIR_WORDS[pair].label)}: off by the parts trail: ${missingText(off)}. Back in first, then read.`
}
