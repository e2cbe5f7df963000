import { oversizeWindow } from './assessAcrylic'
import { assessCandidate, wantedBuild } from './assessCandidate'
import { bandOf } from './assessNeck'
import type { Candidate } from './Candidate'
import type { AcrylicFacts, CaseFacts, CementFacts, NeckFacts } from './CaseFacts'
import type { FitPolicy } from './fitPolicy'
import type { StockCrystal, StockGasket } from './parts'
import type { StockIndex } from './stockIndex'

/** Further than this outside its window a part is not even a near miss, mm. */
const NEAR_MM = 0.2
/** A skirt or a shaped side this far off is not even a near miss, mm. */
const NEAR_SIDE_MM = 0.6
/** A ring this far off the bezel is not even a near miss, mm. */
const NEAR_RING_MM = 0.3

/** Everything in the drawers that could nearly serve a case whose crystal sits in no ring bore, each judged. */
export function* nearCandidates(
  index: StockIndex,
  facts: Exclude<CaseFacts, { held: 'ring' }>,
  policy: FitPolicy,
): Generator<Candidate> {
  for (const [crystal, gasket] of nearParts(index, facts, policy)) {
    const candidate = assessCandidate(crystal, gasket, facts, policy)
    if (candidate) yield candidate
  }
}

type Parts = readonly [StockCrystal, StockGasket | null]

function nearParts(
  index: StockIndex,
  facts: Exclude<CaseFacts, { held: 'ring' }>,
  policy: FitPolicy,
): Iterable<Parts> {
  switch (facts.held) {
    case 'neck':
      return facts.crystal === 'cup' ? alone(nearCups(index, facts)) : nearRinged(index, facts, policy)
    case 'acrylic':
      return alone(nearAcrylics(index, facts, policy))
    case 'cement':
      return alone(nearCemented(index, facts))
  }
}

function alone(crystals: readonly StockCrystal[]): Parts[] {
  return crystals.map((crystal) => [crystal, null])
}

function nearCups(index: StockIndex, { bezelInner }: NeckFacts): StockCrystal[] {
  const near = between(
    index.otherBuilds,
    bezelInner.valueMm - NEAR_SIDE_MM,
    bezelInner.valueMm + NEAR_SIDE_MM,
  )
  return near.filter(({ build }) => build === 'cup')
}

function* nearRinged(index: StockIndex, { bezelInner }: NeckFacts, policy: FitPolicy): Generator<Parts> {
  for (const gasket of index.gaskets) {
    if (Math.abs(gasket.outerDiameterMm - bezelInner.valueMm) > NEAR_RING_MM) continue
    const { low, high } = bandOf(gasket, policy)
    const across = (squeeze: number) => bezelInner.valueMm - 2 * gasket.wallMm * (1 - squeeze)
    const crystals = between(index.crystals, across(low) - NEAR_MM, across(high) + NEAR_MM)
    for (const crystal of crystals) yield [crystal, gasket]
  }
}

function nearAcrylics(index: StockIndex, facts: AcrylicFacts, policy: FitPolicy): StockCrystal[] {
  const { valueMm } = facts.opening
  const { lowMm, highMm } = oversizeWindow(valueMm, facts.seat, policy)
  const { build } = wantedBuild(facts)
  const near = between(index.otherBuilds, valueMm + lowMm - NEAR_MM, valueMm + highMm + NEAR_MM)
  return near.filter((crystal) => crystal.build === build)
}

function nearCemented(index: StockIndex, { outline, length, width }: CementFacts): StockCrystal[] {
  const [least, most] = [length.valueMm - NEAR_SIDE_MM, length.valueMm + NEAR_SIDE_MM]
  if (outline === 'round') return between(index.crystals, least, most)
  return between(index.otherBuilds, least, most).filter(
    ({ build, widthMm }) =>
      build === 'shaped' && widthMm !== null && Math.abs(widthMm - width.valueMm) <= NEAR_SIDE_MM,
  )
}

/** The crystals from one diameter to another, both taken in. @param crystals - by diameter */
function between(crystals: readonly StockCrystal[], leastMm: number, mostMm: number): StockCrystal[] {
  let [low, high] = [0, crystals.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if ((crystals[middle]?.diameterMm ?? Infinity) < leastMm) low = middle + 1
    else high = middle
  }
  let end = low
  while (end < crystals.length && (crystals[end]?.diameterMm ?? Infinity) <= mostMm) end++
  return crystals.slice(low, end)
}
