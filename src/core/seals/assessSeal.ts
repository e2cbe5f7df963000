import normalCdf from '@stdlib/stats-base-dists-normal-cdf'
import type { Figure } from '../fit/CrystalSeat'
import { formatShare, formatShares } from '../units/formatMm'
import type { SealPolicy } from './sealPolicy'
import type { ORing, StaticSeal } from './staticSeal'
import { staticSeal } from './staticSeal'

/** The groove as far as it is known, each figure with its doubt. */
export interface GrooveFigures {
  readonly inner: Figure
  readonly width: Figure
  readonly gap: Figure
}

export type SealConstraint = 'squeeze' | 'stretch' | 'fill'

export interface SealAssessment extends StaticSeal {
  /** all three together, taken as independent */
  readonly probability: number
  /** what speaks against it, worst first, in words */
  readonly failures: readonly string[]
}

/** Judges one ring in one groove by squeeze, stretch and fill, each with the chance that it lies in its window. */
export function assessSeal(ring: ORing, groove: GrooveFigures, policy: SealPolicy): SealAssessment {
  const seal = staticSeal(ring, {
    innerMm: groove.inner.valueMm,
    widthMm: groove.width.valueMm,
    gapMm: groove.gap.valueMm,
  })
  const u = uncertainties(ring, groove, seal, policy)
  const within = (value: number, uncertainty: number, low: number, high: number) =>
    normalCdf(high, value, uncertainty) - normalCdf(low, value, uncertainty)
  const odds: Readonly<Record<SealConstraint, number>> = {
    squeeze: within(seal.squeeze, u.squeeze, policy.squeeze.low, policy.squeeze.high),
    // A ring at rest on its wall is as good as one a hair larger: half a percent of slack is no failure.
    stretch: within(seal.stretch, u.stretch, policy.stretch.low - SLACK, policy.stretch.high),
    fill: normalCdf(policy.mostFill, seal.fill, u.fill),
  }
  return {
    ...seal,
    probability: odds.squeeze * odds.stretch * odds.fill,
    failures: (Object.keys(odds) as SealConstraint[])
      .filter((name) => odds[name] < policy.leastProbability)
      .sort((a, b) => odds[a] - odds[b])
      .map((name) => failureText(name, seal, policy)),
  }
}

const SLACK = 0.005

function uncertainties(ring: ORing, groove: GrooveFigures, seal: StaticSeal, policy: SealPolicy) {
  const w = seal.sectionMm
  const gap = groove.gap.valueMm
  const uw = policy.ringSectionUncertaintyMm
  const relative = {
    section: uw / w,
    gap: groove.gap.standardUncertaintyMm / gap,
    width: groove.width.standardUncertaintyMm / groove.width.valueMm,
  }
  return {
    squeeze: (gap / w) * Math.hypot(relative.section, relative.gap),
    stretch: Math.hypot(
      groove.inner.standardUncertaintyMm / ring.innerDiameterMm,
      (groove.inner.valueMm * policy.ringInnerUncertaintyMm) / ring.innerDiameterMm ** 2,
    ),
    fill: seal.fill * Math.hypot(2 * relative.section, relative.gap, relative.width),
  }
}

function failureText(name: SealConstraint, seal: StaticSeal, policy: SealPolicy): string {
  const { low, high } = policy[name === 'fill' ? 'squeeze' : name]
  switch (name) {
    case 'squeeze':
      return seal.squeeze <= 0
        ? `not squeezed at all: ${formatShare(-seal.squeeze)} thinner than the gap`
        : `squeezed ${formatShare(seal.squeeze)}; wants ${formatShares(low, high)}`
    case 'stretch':
      return seal.stretch < 0
        ? `${formatShare(-seal.stretch, 1)} larger than the wall it lies on: it buckles and is pinched`
        : `stretched ${formatShare(seal.stretch, 1)}; at most ${formatShare(high)}`
    case 'fill':
      return `fills ${formatShare(seal.fill)} of its groove; at most ${formatShare(policy.mostFill)}: it is crushed or keeps the back open`
  }
}
