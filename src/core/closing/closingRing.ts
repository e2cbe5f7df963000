import type { GrooveFigures } from '../seals/assessSeal'
import { assessSeal } from '../seals/assessSeal'
import type { SealAssessment } from '../seals/assessSeal'
import type { SealItem } from '../seals/SealItem'
import type { SealPolicy } from '../seals/sealPolicy'
import type { StockORing } from '../stock/otherParts'
import type { KeptPartOut } from '../tray/KeptTray'

/** The ring a back closes on, as far as it is known. */
export interface ClosingRing {
  readonly from: 'out' | 'proposed' | 'own'
  /** in words: its code and size, or that it is its own */
  readonly words: string
  readonly seal: SealAssessment
}

/** Free sizes of the ring that came out, mm; null while it was not read. */
export interface OwnRing {
  readonly innerDiameterMm: number
  readonly sectionMm: number
}

export interface RingsThere {
  readonly oRings: readonly StockORing[]
  readonly partsOut: readonly Pick<KeptPartOut, 'kind' | 'partId'>[]
  readonly own: OwnRing | null
  /** the back's line of the reseal set */
  readonly item: SealItem | undefined
}

/** A ring further from its wall than this is another place's, share. */
const MOST_OFF = 0.2

/** Which ring a back closes on: the one that is out for it, else the one proposed, else its own as it was read. */
export function closingRing(
  groove: GrooveFigures,
  { oRings, partsOut, own, item }: RingsThere,
  policy: SealPolicy,
): ClosingRing | null {
  const out = oRings.find(
    ({ id, innerDiameterMm }) =>
      Math.abs(groove.inner.valueMm / innerDiameterMm - 1) < MOST_OFF &&
      partsOut.some(({ kind, partId }) => kind === 'o-ring' && partId === id),
  )
  if (out)
    return {
      from: 'out',
      words: `${out.code}, ${out.innerDiameterMm.toFixed(2)} × ${out.sectionMm.toFixed(2)}`,
      seal: assessSeal(out, groove, policy),
    }
  const [proposed] = item?.choices ?? []
  if (proposed?.seal)
    return { from: 'proposed', words: `${proposed.code}, ${proposed.words}`, seal: proposed.seal }
  if (!own) return null
  return { from: 'own', words: 'its own ring', seal: assessSeal(own, groove, policy) }
}
