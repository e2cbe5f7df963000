import normalCdf from '@stdlib/stats-base-dists-normal-cdf'
import type { JointFigures } from './jointFigures'
import type { SizeHistory } from './SizeEvidence'
import type { VerdictPolicy } from './verdictPolicy'

// Looked up once: this runs many thousand times a verdict.
const { exp, log, sqrt, max, min, ceil, floor, abs } = Math

/**
 * How a size comes about, and what readings then say of it. A case is drawn for a stock size; its free opening strays
 * from that by what its designer aimed at (all pieces of the reference alike) and by the piece's own scatter. The crystal
 * in it is of that size, or by a small chance of one some steps off, within its maker's tolerance. Right for this piece
 * is the stock size nearest to its free opening and the interference a good fit has.
 * @source Bayes' rule; normal densities throughout, with the errors that crystal and case share (GUM, F.1.2.3)
 */
export interface SizePosterior {
  /** of every stock size, that it is right for this piece; together 1 */
  readonly right: readonly number[]
  /** of every stock size, that the case was drawn for it; together 1 */
  readonly drawn: readonly number[]
  /** that the crystal which came out was not of the right size, 0…1; null where nothing of it was read */
  readonly otherSizeChance: number | null
  /** what would fit this piece best, as far as it is known, mm */
  readonly ideal: Spread
  /** the diameter of the crystal that came out, as far as it is known, mm */
  readonly crystal: Spread
}

/** Mean and standard deviation of a length, mm. */
export interface Spread {
  readonly meanMm: number
  readonly standardDeviationMm: number
}

/** What is held before this piece is read: which size its reference was drawn for, and how that strays. */
export interface SizePrior {
  /** stock sizes, mm, ascending by the policy's step */
  readonly sizes: readonly number[]
  readonly ways: readonly DrawnWay[]
  /** how this piece's free opening scatters about its way, mm² */
  readonly pieceVarianceMm2: number
}

/** One way the reference may have been drawn. */
interface DrawnWay {
  /** its size's place in the list */
  readonly at: number
  /** what fits its pieces best lies about here, mm */
  readonly aboutMm: number
  /** log of its weight */
  readonly log: number
}

/** The chance that a past fitting says nothing, and the steps it may then be anywhere in. From memory. */
const STRAY_FITTING = 0.02
const STRAY_STEPS = 5
/** Where a reference's stray is looked at, standard deviations either way, and at how many points. */
const STRAY_REACH = 2.5
const STRAY_NODES = 11
/** Weights below this share of the largest add nothing. */
const NEGLIGIBLE = log(1e-9)

/** @param history - sizes that served other pieces of the reference; without any its stray and the piece's are one */
export function sizePrior(
  sizes: readonly number[],
  history: readonly SizeHistory[],
  { stepMm, aimedInterference, pieceScatterMm }: VerdictPolicy,
): SizePrior {
  const strayMm = aimedInterference.standardUncertaintyMm
  if (history.length === 0)
    return {
      sizes,
      ways: sizes.map((sizeMm, at) => ({ at, aboutMm: sizeMm, log: 0 })),
      pieceVarianceMm2: pieceScatterMm ** 2 + strayMm ** 2,
    }
  const ways = sizes.flatMap((sizeMm, at) =>
    Array.from({ length: STRAY_NODES }, (_, i): DrawnWay => {
      const z = STRAY_REACH * ((2 * i) / (STRAY_NODES - 1) - 1)
      const aboutMm = sizeMm + z * strayMm
      return { at, aboutMm, log: -(z * z) / 2 + logPast(history, aboutMm, pieceScatterMm, stepMm) }
    }),
  )
  const largest = max(...ways.map(({ log }) => log))
  return {
    sizes,
    ways: ways.filter(({ log }) => log - largest > NEGLIGIBLE),
    pieceVarianceMm2: pieceScatterMm ** 2,
  }
}

/** What this piece's figures leave of it. */
export function sizePosterior(prior: SizePrior, joint: JointFigures, policy: VerdictPolicy): SizePosterior {
  const { sizes, ways, pieceVarianceMm2 } = prior
  const { stepMm, makerUncertaintyMm, aimedInterference } = policy
  const told = tellingOf(joint, aimedInterference.valueMm, makerUncertaintyMm ** 2, pieceVarianceMm2)
  const steps = joint.crystal ? stepsOff(policy) : [{ off: 0, log: 0 }]
  const logOf = ({ at, aboutMm, log }: DrawnWay, step: StepOff) =>
    log + step.log + told.log((sizes[at] ?? 0) + step.off * stepMm, aboutMm)
  let largest = -Infinity
  for (const way of ways) for (const step of steps) largest = max(largest, logOf(way, step))

  const right = sizes.map(() => 0)
  const drawn = sizes.map(() => 0)
  const [ideal, crystal] = [spreadSum(), spreadSum()]
  let [total, other] = [0, 0]
  for (const way of ways) {
    for (const step of steps) {
      const log = logOf(way, step) - largest
      if (log < NEGLIGIBLE) continue
      const weight = exp(log)
      const idealMm = told.idealMm((sizes[way.at] ?? 0) + step.off * stepMm, way.aboutMm)
      const [from, to] = placesAbout(sizes, idealMm, stepMm / 2 + 6 * told.scatterMm, stepMm)
      let cameRight = 0
      for (let at = from; at <= to; at++) {
        const chance = boxChance(sizes[at] ?? 0, idealMm, told.scatterMm, stepMm)
        right[at] = (right[at] ?? 0) + weight * chance
        if (at === way.at + step.off) cameRight = chance
      }
      drawn[way.at] = (drawn[way.at] ?? 0) + weight
      ideal.add(weight, idealMm, told.scatterMm)
      const sizeMm = (sizes[way.at] ?? 0) + step.off * stepMm
      crystal.add(weight, told.crystalMm(sizeMm, way.aboutMm), told.crystalScatterMm)
      total += weight
      other += weight * (1 - cameRight)
    }
  }
  const sum = right.reduce((all, weight) => all + weight, 0)
  return {
    right: right.map((weight) => weight / sum),
    drawn: drawn.map((weight) => weight / total),
    otherSizeChance: joint.crystal ? other / total : null,
    ideal: ideal.spread(),
    crystal: crystal.spread(),
  }
}

/** Mean and deviation of a length that may lie about several places. */
function spreadSum() {
  let [weights, sum, squares, first] = [0, 0, 0, NaN]
  return {
    add(weight: number, meanMm: number, scatterMm: number) {
      // About the first one: squares of whole lengths would leave nothing of hundredths.
      if (Number.isNaN(first)) first = meanMm
      weights += weight
      sum += weight * (meanMm - first)
      squares += weight * ((meanMm - first) ** 2 + scatterMm ** 2)
    },
    spread(): Spread {
      const mean = sum / weights
      return {
        meanMm: first + mean,
        standardDeviationMm: sqrt(max(0, squares / weights - mean ** 2)),
      }
    },
  }
}

interface StepOff {
  readonly off: number
  /** log of its chance */
  readonly log: number
}

/** How many steps the crystal that came out may be off what the case was drawn for: all within reach equally likely. */
function stepsOff({ wrongCrystalChance, wrongCrystalRangeMm, stepMm }: VerdictPolicy): StepOff[] {
  const most = floor(wrongCrystalRangeMm / stepMm + 1e-9)
  if (!(wrongCrystalChance > 0) || most === 0) return [{ off: 0, log: 0 }]
  const each = log(wrongCrystalChance / (2 * most))
  return Array.from({ length: 2 * most + 1 }, (_, i) => {
    const off = i - most
    return { off, log: off === 0 ? log(1 - wrongCrystalChance) : each }
  })
}

/**
 * How likely the figures are, and what they then say of this piece, given what crystal and piece were made as.
 * @param aimMm - interference a good fit has: what the free opening lacks to the size that fits best
 */
function tellingOf(
  { crystal, opening, covarianceMm2 }: JointFigures,
  aimMm: number,
  makerVariance: number,
  pieceVariance: number,
) {
  const crystalVariance = crystal ? crystal.standardUncertaintyMm ** 2 + makerVariance : 1
  const openingVariance = opening ? opening.standardUncertaintyMm ** 2 + pieceVariance : 1
  const shared = crystal && opening ? covarianceMm2 : 0
  const determinant = crystalVariance * openingVariance - shared ** 2
  // The inverse of the covariance of both; nothing where a side was not read.
  const cc = crystal ? openingVariance / determinant : 0
  const oo = opening ? crystalVariance / determinant : 0
  const co = -shared / determinant
  const crystalOff = (crystalMm: number) => (crystal ? crystal.valueMm - crystalMm : 0)
  const openingOff = (aboutMm: number) => (opening ? opening.valueMm + aimMm - aboutMm : 0)
  return {
    /** how what fits this piece best still scatters, mm */
    scatterMm: sqrt(max(0, pieceVariance - pieceVariance ** 2 * oo)),
    /** how the crystal's diameter still scatters, mm */
    crystalScatterMm: sqrt(max(0, makerVariance - makerVariance ** 2 * cc)),
    log(crystalMm: number, aboutMm: number): number {
      const [c, o] = [crystalOff(crystalMm), openingOff(aboutMm)]
      return -(cc * c * c + 2 * co * c * o + oo * o * o) / 2
    },
    /** what would fit this piece best, mm */
    idealMm(crystalMm: number, aboutMm: number): number {
      return aboutMm + pieceVariance * (co * crystalOff(crystalMm) + oo * openingOff(aboutMm))
    },
    /** the crystal's diameter, mm */
    crystalMm(crystalMm: number, aboutMm: number): number {
      return crystalMm + makerVariance * (cc * crystalOff(crystalMm) + co * openingOff(aboutMm))
    },
  }
}

/** Log of how likely the sizes are that served other pieces, were the reference to lie about a length. */
function logPast(
  history: readonly SizeHistory[],
  aboutMm: number,
  scatterMm: number,
  stepMm: number,
): number {
  return history.reduce((sum, { sizeMm, count }) => {
    const within = boxChance(sizeMm, aboutMm, scatterMm, stepMm)
    return sum + count * log((1 - STRAY_FITTING) * within + STRAY_FITTING / STRAY_STEPS)
  }, 0)
}

/** Chance that a length lies nearer to a stock size than to its neighbours, 0…1. */
function boxChance(sizeMm: number, aboutMm: number, scatterMm: number, stepMm: number): number {
  // A piece that does not scatter has one size that is nearest.
  if (scatterMm < 1e-9) return abs(sizeMm - aboutMm) < stepMm / 2 ? 1 : 0
  return (
    normalCdf(sizeMm + stepMm / 2, aboutMm, scatterMm) - normalCdf(sizeMm - stepMm / 2, aboutMm, scatterMm)
  )
}

/** First and last place of the sizes within reach of a length. */
function placesAbout(
  sizes: readonly number[],
  aboutMm: number,
  reachMm: number,
  stepMm: number,
): readonly [from: number, to: number] {
  const first = sizes[0] ?? 0
  return [
    max(0, ceil((aboutMm - reachMm - first) / stepMm - 1e-9)),
    min(sizes.length - 1, floor((aboutMm + reachMm - first) / stepMm + 1e-9)),
  ]
}
