import type { StockGasket } from '../fit/parts'
import type { GrooveFigures } from '../seals/assessSeal'
import { assessSeal } from '../seals/assessSeal'
import { assessFlatSeal } from '../seals/flatSeal'
import type { FlatGasket } from '../seals/flatSeal'
import type { FlatSealPolicy } from '../seals/flatSealPolicy'
import type { SealItem } from '../seals/SealItem'
import type { SealPolicy } from '../seals/sealPolicy'
import type { ORing } from '../seals/staticSeal'
import type { StockORing } from '../stock/otherParts'
import type { KeptPartOut } from '../tray/KeptTray'
import { formatMm, formatShare, formatShares } from '../units/formatMm'
import type { ClosingLoad } from './ClosingLoad'
import { flatClosing, oRingClosing } from './ClosingLoad'

/** The ring a back closes on, as far as it is known. */
export interface ClosingRing {
  readonly from: 'out' | 'proposed' | 'own'
  /** in words: its code and size, or that it is its own */
  readonly words: string
  readonly squeeze: number
  /** what speaks against it, in words */
  readonly failures: readonly string[]
  /** null of what no load can be told: a gasket of plastic */
  readonly load: ClosingLoad | null
}

export interface RingsThere<P> {
  readonly parts: readonly P[]
  readonly partsOut: readonly Pick<KeptPartOut, 'kind' | 'partId'>[]
  /** free sizes of what came out, mm; null while it was not read */
  readonly own: { readonly innerMm: number; readonly heightMm: number } | null
  /** the back's line of the reseal set */
  readonly item: SealItem | undefined
}

/** A ring further from its wall than this is another place's, share. */
const MOST_OFF = 0.2

/** Which O-ring a back closes on: the one that is out for it, else the one proposed, else its own as it was read. */
export function closingRing(
  groove: GrooveFigures,
  { parts, partsOut, own, item }: RingsThere<StockORing>,
  policy: SealPolicy,
): ClosingRing | null {
  const told = (from: ClosingRing['from'], words: string, ring: ORing): ClosingRing => {
    const seal = assessSeal(ring, groove, policy)
    const radiusMm = (groove.inner.valueMm + seal.sectionMm) / 2
    return { from, words, squeeze: seal.squeeze, failures: seal.failures, load: oRingClosing(seal, radiusMm) }
  }
  const words = ({ code, innerDiameterMm, sectionMm }: StockORing) =>
    `${code}, ${innerDiameterMm.toFixed(2)} × ${sectionMm.toFixed(2)}`
  const out = parts.find(
    ({ id, innerDiameterMm }) =>
      isNear(innerDiameterMm, groove) &&
      partsOut.some(({ kind, partId }) => kind === 'o-ring' && partId === id),
  )
  if (out) return told('out', words(out), out)
  const proposed = parts.find(({ id }) => id === item?.choices[0]?.partId)
  if (proposed) return told('proposed', words(proposed), proposed)
  return own && told('own', 'its own ring', { innerDiameterMm: own.innerMm, sectionMm: own.heightMm })
}

/** Which flat gasket a back closes on, in the same order. Of its own the width is taken as the recess lets it be. */
export function closingGasket(
  groove: GrooveFigures,
  { parts, partsOut, own, item }: RingsThere<StockGasket>,
  policy: FlatSealPolicy,
): ClosingRing | null {
  const told = (
    from: ClosingRing['from'],
    words: string,
    gasket: FlatGasket & Pick<StockGasket, 'material'>,
  ): ClosingRing => {
    const { squeeze, probability } = assessFlatSeal(gasket, groove, policy)
    const band = policy.squeeze[gasket.material]
    const failures =
      squeeze < band.low || squeeze > band.high
        ? [`squeezed ${formatShare(squeeze)}; wants ${formatShares(band.low, band.high)}`]
        : probability < LEAST_PROBABILITY
          ? ['it fills its recess, or lies loose or stretched in it']
          : []
    const isRubber = gasket.material === 'nitrile'
    const radiusMm = (groove.inner.valueMm + gasket.widthMm) / 2
    const load =
      isRubber && squeeze > 0 ? flatClosing(gasket, Math.min(squeeze, MOST_SQUEEZE), radiusMm) : null
    return { from, words, squeeze, failures, load }
  }
  const sized = ({ outerDiameterMm, wallMm, heightMm, material }: StockGasket) => ({
    innerMm: outerDiameterMm - 2 * wallMm,
    widthMm: wallMm,
    thicknessMm: heightMm,
    material,
  })
  const words = (part: StockGasket) =>
    `${part.code}, flat ${part.material} ${formatMm(sized(part).innerMm, 0.1)} inside, ${formatMm(part.heightMm)} thick`
  const out = parts.find(
    (part) =>
      part.use === 'back' &&
      isNear(sized(part).innerMm, groove) &&
      partsOut.some(({ kind, partId }) => kind === 'gasket' && partId === part.id),
  )
  if (out) return told('out', words(out), sized(out))
  const proposed = parts.find(({ id }) => id === item?.choices[0]?.partId)
  if (proposed) return told('proposed', words(proposed), sized(proposed))
  const widthMm = groove.width.valueMm
  return (
    own &&
    told('own', 'its own gasket', {
      ...{ innerMm: own.innerMm, widthMm, thicknessMm: own.heightMm },
      material: 'nitrile',
    })
  )
}

function isNear(innerMm: number, groove: GrooveFigures): boolean {
  return Math.abs(groove.inner.valueMm / innerMm - 1) < MOST_OFF
}

/** Under it something but its squeeze speaks against a gasket. */
const LEAST_PROBABILITY = 0.5
/** Past it the law of its load holds no more. */
const MOST_SQUEEZE = 0.6
