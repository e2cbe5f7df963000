import { formatMm, formatShare } from '../units/formatMm'
import type { OldRingPolicy } from './sealPolicy'

/** What an old ring shows, and where it lay. Lengths mm; null where nobody measured it. */
export interface OldRing {
  readonly innerMm: number | null
  readonly sectionMm: number | null
  /** largest less smallest reading of its section round the ring */
  readonly sectionSpreadMm: number
  readonly grooveInnerMm: number | null
  readonly gapMm: number | null
}

export interface OldRingView {
  /** free sizes a new ring likely had, mm: what to look for when the groove is not known */
  readonly likelyInnerMm: number | null
  readonly likelySectionMm: number | null
  /** how its readings are biased */
  readonly sentences: readonly string[]
}

/**
 * How far the readings of an old ring can be trusted: rubber that lay stretched and squeezed for years keeps that shape.
 * Stretched, it reads too large inside and too thin; flattened, it reads too thin across.
 */
export function oldRingView(
  ring: OldRing,
  { setWithin, usualSqueeze, usualStretch, flattenedMm }: OldRingPolicy,
): OldRingView {
  const { innerMm, sectionMm, sectionSpreadMm, grooveInnerMm, gapMm } = ring
  const sentences: string[] = []
  let likelyInnerMm = innerMm
  let likelySectionMm = sectionMm
  if (innerMm !== null && grooveInnerMm !== null && innerMm >= grooveInnerMm * (1 - usualStretch / 2)) {
    likelyInnerMm = grooveInnerMm / (1 + usualStretch)
    sentences.push(
      `Its inside reads ${formatMm(innerMm)} over a wall of ${formatMm(grooveInnerMm)}: it has grown in use. A new one was likely about ${formatMm(likelyInnerMm, 0.1)} inside, stretched ${formatShare(usualStretch, 1)}.`,
    )
  }
  if (sectionMm !== null && gapMm !== null && sectionMm <= gapMm * (1 + setWithin)) {
    likelySectionMm = gapMm / (1 - usualSqueeze)
    sentences.push(
      `Its section reads ${formatMm(sectionMm)} in a gap of ${formatMm(gapMm)}: it has taken a set and reads thin. A new one was likely about ${formatMm(likelySectionMm, 0.01)}, squeezed ${formatShare(usualSqueeze)}.`,
    )
  } else if (sectionSpreadMm > flattenedMm && sectionMm !== null) {
    likelySectionMm = sectionMm + sectionSpreadMm / 2
    sentences.push(
      `Its section differs by ${formatMm(sectionSpreadMm)} round the ring: it is flattened in places. The thickest place is nearest to new.`,
    )
  }
  if (sentences.length === 0 && sectionMm !== null && (gapMm === null || grooveInnerMm === null)) {
    sentences.push(
      'Without the groove nobody can tell how far the old ring has set: it reads too large inside and too thin. Measure the groove, or take a little thicker rather than thinner.',
    )
  }
  return { likelyInnerMm, likelySectionMm, sentences }
}
