import type { StockORing } from '../stock/otherParts'
import { formatMm, formatShare } from '../units/formatMm'
import type { GrooveFigures, SealAssessment } from './assessSeal'
import { assessSeal } from './assessSeal'
import { STANDARD_O_RINGS, watchSizedNear } from './oRingSizes'
import type { SealPolicy } from './sealPolicy'
import { reaches } from '../units/within'

/** A ring that would seal, with what speaks for it. */
export interface SealChoice<P> {
  readonly part: P
  readonly seal: SealAssessment | null
  readonly reason: string
}

/** What can be said of a ring in its groove, in one sentence. */
export function sealSentence(seal: SealAssessment): string {
  return `squeezed ${formatShare(seal.squeeze)}, stretched ${formatShare(seal.stretch, 1)}, fills ${formatShare(seal.fill)} of its groove; closes with about ${seal.loadPerMm.toFixed(2)} N a mm, ${Math.round(seal.loadN)} N all round`
}

/** What a ring was when it was new, as far as the old one tells, mm. */
export interface LikelyRing {
  readonly innerMm: number | null
  readonly sectionMm: number | null
}

/** Rings shown for one groove. */
const MOST_CHOICES = 4

/**
 * Rings from the drawers that seal a groove: nearest the original first where the old one tells what it was, else the
 * likeliest first. Common practice.
 */
export function oRingsForGroove(
  rings: readonly StockORing[],
  groove: GrooveFigures,
  policy: SealPolicy,
  original: LikelyRing = { innerMm: null, sectionMm: null },
): SealChoice<StockORing>[] {
  return rings
    .filter(({ quantity }) => quantity >= 1)
    .filter((ring) => Math.abs(groove.inner.valueMm / ring.innerDiameterMm - 1) < MOST_OFF)
    .map((part) => ({ part, seal: assessSeal(part, groove, policy) }))
    .filter(({ seal }) => seal.probability >= policy.leastProbability)
    .sort(
      (a, b) =>
        offOriginal(a.part, original, policy) - offOriginal(b.part, original, policy) ||
        b.seal.probability - a.seal.probability ||
        a.part.id - b.part.id,
    )
    .slice(0, MOST_CHOICES)
    .map(({ part, seal }) => ({ part, seal, reason: sealSentence(seal) }))
}

/** How far a ring is from what the old one was when new, in steps that still count as like it. */
function offOriginal(
  { innerDiameterMm, sectionMm }: StockORing,
  original: LikelyRing,
  { likeOld }: Pick<SealPolicy, 'likeOld'>,
): number {
  const inner =
    original.innerMm === null ? 0 : Math.abs(innerDiameterMm / original.innerMm - 1) / likeOld.inner
  const section =
    original.sectionMm === null ? 0 : Math.abs(sectionMm - original.sectionMm) / likeOld.sectionMm
  return inner + section
}

/** A ring further from its wall than this is not looked at, share. */
const MOST_OFF = 0.2

/** What to order for a groove when the drawers hold nothing: the best of the standard table and of watch sizes. */
export function ringToOrder(
  groove: GrooveFigures,
  policy: SealPolicy,
): { readonly name: string; readonly seal: SealAssessment } | null {
  const wanted = groove.inner.valueMm / (1 + policy.oldRing.usualStretch)
  const rings = [...STANDARD_O_RINGS, ...watchSizedNear(wanted)].filter(
    ({ innerDiameterMm }) => Math.abs(groove.inner.valueMm / innerDiameterMm - 1) < MOST_OFF,
  )
  const judged = rings
    .map(({ name, ...ring }) => ({ name, seal: assessSeal(ring, groove, policy) }))
    .sort((a, b) => b.seal.probability - a.seal.probability)
  const [best] = judged
  return best && best.seal.probability >= policy.leastProbability ? best : null
}

/** Rings from the drawers like the old one, where its groove was not measured: by its likely free sizes. */
export function oRingsLikeOld(
  rings: readonly StockORing[],
  likely: { readonly innerMm: number; readonly sectionMm: number },
  { likeOld }: Pick<SealPolicy, 'likeOld'>,
  most = 4,
): SealChoice<StockORing>[] {
  const off = (ring: StockORing) =>
    Math.abs(ring.innerDiameterMm / likely.innerMm - 1) / likeOld.inner +
    Math.abs(ring.sectionMm - likely.sectionMm) / likeOld.sectionMm
  return rings
    .filter(
      (ring) =>
        ring.quantity >= 1 &&
        Math.abs(ring.innerDiameterMm / likely.innerMm - 1) <= likeOld.inner &&
        reaches(likeOld.sectionMm, Math.abs(ring.sectionMm - likely.sectionMm)),
    )
    .sort((a, b) => off(a) - off(b) || a.id - b.id)
    .slice(0, most)
    .map((part) => ({
      part,
      seal: null,
      reason: `${formatMm(part.innerDiameterMm, 0.1)} × ${formatMm(part.sectionMm)} is like the old ring when it was new; its squeeze is not known until the groove is measured`,
    }))
}
