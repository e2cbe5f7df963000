import normalCdf from '@stdlib/stats-base-dists-normal-cdf'
import { TYPICAL_INSTRUMENTS } from '../measure/InstrumentSpec'
import { VERDICT_POLICY } from '../verdict/verdictPolicy'
import type { SimulatedCase } from './simulatedCases'
import type { World } from './World'

// Looked up once: this runs many thousand times a verdict.
const { exp, sqrt, max, min, abs, round } = Math

/** What a judge would answer who knows how the cases came about, but not the cases. */
export interface IdealAnswer {
  readonly sizeMm: number
  /** 0…1 */
  readonly probability: number
  /** that the crystal which came in was never the right size, 0…1; 0 where nothing of it was read */
  readonly wrongChance: number
  /** that the crystal which came in is not of the right size for this piece, 0…1 */
  readonly otherSizeChance: number
}

/** Points an even distribution is summed over; the answers no longer move with more. */
const ZERO_NODES = 25
const GAUGE_NODES = 9
const AIM_NODES = 15
/** Sizes looked at on either side of what the readings point to. */
const MARGIN = 4
const NEVER = -Infinity
/** Less of the whole than this is left out. */
const NEGLIGIBLE = 1e-7

interface Reading {
  readonly valueMm: number
  readonly varianceMm2: number
}

/**
 * The Bayes ceiling: the posterior of the right size, given the readings as they were displayed and the world they come
 * from, summed over what nobody at the bench can know (zero errors, what designers aimed at, a wrong crystal). No
 * verdict can be right more often on such cases.
 */
export function idealAnswer(one: SimulatedCase, world: World): IdealAnswer {
  const { stepMm, aimedInterference } = VERDICT_POLICY
  const middleMm = aimedInterference.valueMm
  const { caliper } = TYPICAL_INSTRUMENTS
  const gauge = TYPICAL_INSTRUMENTS['thickness-gauge']
  const typicalMm = one.shown.bore[0] ?? 0
  // Everything the caliper reads of one case is about as long: its scale is a zero error more.
  const zeros = evenSum(
    world.zeroShare * caliper.maximumPermissibleErrorMm,
    world.mostScale * typicalMm,
    ZERO_NODES,
  )
  const gaugeZeros = nodes(world.zeroShare * gauge.maximumPermissibleErrorMm, GAUGE_NODES)
  const half = (world.aimedToMm - world.aimedFromMm) / 2
  const aims = nodes(half, AIM_NODES).map((off) => middleMm - (world.aimedFromMm + half + off))
  const pieceVariance = world.boreScatterMm ** 2 + 4 * world.wallScatterMm ** 2

  const rough = mean(one.shown.opening) + middleMm
  const first = round(rough / stepMm) - MARGIN
  const sizes = Array.from({ length: 2 * MARGIN + 1 }, (_, i) => (first + i) * stepMm)
  const past = sizes.map((sizeMm) => aims.map((aim) => pastChance(one, sizeMm + aim, pieceVariance)))

  const right = sizes.map(() => 0)
  let [total, wrong, other] = [0, 0, 0]
  for (const [zeroMm, zeroWeight] of zeros) {
    const crystal = crystalGiven(one, zeroMm, world)
    // For each design: the crystal that came in was its own, or another by some steps.
    const came = sizes.map((sizeMm) => crystalChances(crystal, sizeMm, world))
    for (const gaugeZeroMm of gaugeZeros) {
      const opening = openingGiven(one, zeroMm, gaugeZeroMm, world)
      const variance = pieceVariance + opening.varianceMm2
      const density = crystal.density + opening.density
      if (density === NEVER) continue
      const posterior = sqrt((pieceVariance * opening.varianceMm2) / variance)
      for (const [i, sizeMm] of sizes.entries()) {
        const { byStep, sum } = came[i] ?? { byStep: [], sum: 1 }
        for (const [j, aim] of aims.entries()) {
          // What would fit this piece best lies about its design, off by what its designer aimed at.
          const prior = sizeMm + aim
          const off = opening.valueMm + middleMm - prior
          const weight =
            zeroWeight *
            sum *
            (past[i]?.[j] ?? 1) *
            (exp(density - (off * off) / (2 * variance)) / sqrt(variance))
          if (!(weight > NEGLIGIBLE * total)) continue
          total += weight
          wrong += weight * (1 - (byStep[world.wrongSteps] ?? 0) / sum)
          const ideal = prior + (pieceVariance / variance) * off
          other += weight
          for (const [k, candidate] of sizes.entries()) {
            if (abs(candidate - ideal) > stepMm / 2 + 6 * posterior) continue
            const fits =
              normalCdf(candidate + stepMm / 2, ideal, posterior) -
              normalCdf(candidate - stepMm / 2, ideal, posterior)
            right[k] = (right[k] ?? 0) + weight * fits
            other -= weight * fits * ((byStep[k - i + world.wrongSteps] ?? 0) / sum)
          }
        }
      }
    }
  }
  const best = right.indexOf(max(...right))
  return {
    sizeMm: sizes[best] ?? 0,
    probability: (right[best] ?? 0) / total,
    wrongChance: wrong / total,
    otherSizeChance: other / total,
  }
}

/** Middles of even parts of −half…half. */
function nodes(half: number, count: number): number[] {
  return Array.from({ length: count }, (_, i) => half * ((2 * i + 1) / count - 1))
}

/** Nodes and weights of the sum of two even distributions. */
function evenSum(halfA: number, halfB: number, count: number): [value: number, weight: number][] {
  return nodes(halfA + halfB, count).map((value) => {
    const overlap = min(halfA, value + halfB) - max(-halfA, value - halfB)
    return [value, max(0, overlap)]
  })
}

function mean(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length
}

/** One reading's own variance: the hand's hold and the display's step. */
function readingVariance(world: World, resolutionMm: number): number {
  return world.holdScatterMm ** 2 + resolutionMm ** 2 / 12
}

type Told = Reading & { readonly density: number }

/** Independent readings of one length as one, and the log of how well they agree with each other. */
function together(readings: readonly Reading[]): Told {
  let [precision, sum] = [0, 0]
  for (const { valueMm, varianceMm2 } of readings) {
    precision += 1 / varianceMm2
    sum += valueMm / varianceMm2
  }
  if (precision === 0) return { valueMm: 0, varianceMm2: Infinity, density: 0 }
  const valueMm = sum / precision
  const density = readings.reduce((log, r) => log - (r.valueMm - valueMm) ** 2 / (2 * r.varianceMm2), 0)
  return { valueMm, varianceMm2: 1 / precision, density }
}

/** The old crystal, were the caliper's zero off by so much. */
function crystalGiven({ shown }: SimulatedCase, zeroMm: number, world: World): Told {
  const { resolutionMm } = TYPICAL_INSTRUMENTS.caliper
  const one = readingVariance(world, resolutionMm)
  const readings: Reading[] = []
  if (shown.crystal.length > 0)
    readings.push({ valueMm: mean(shown.crystal) - zeroMm, varianceMm2: one / shown.crystal.length })
  if (shown.top)
    readings.push({
      valueMm: shown.top.topMm - zeroMm + 2 * shown.top.bevelMm,
      varianceMm2: one + 4 * world.bevelScatterMm ** 2,
    })
  if (shown.imprint !== null)
    readings.push({ valueMm: shown.imprint - zeroMm, varianceMm2: one + world.imprintScatterMm ** 2 })
  const pieces = together(
    shown.pieces.map(({ valueMm, zeroSlope, ownMm }) => ({
      valueMm: valueMm - zeroSlope * zeroMm,
      varianceMm2: ownMm ** 2,
    })),
  )
  if (shown.pieces.length > 0) {
    const sheet = shown.pieces[0]?.method === 'photo' ? world.photoShared * world.photoScatterMm : 0
    readings.push({ valueMm: pieces.valueMm, varianceMm2: pieces.varianceMm2 + sheet ** 2 })
  }
  const all = together(readings)
  return { ...all, density: all.density + pieces.density }
}

/** What the readings of the crystal say of one design: of each step it may be off, lowest first, and of all together. */
function crystalChances({ valueMm, varianceMm2 }: Told, sizeMm: number, world: World) {
  const { stepMm } = VERDICT_POLICY
  const variance = varianceMm2 + world.crystalScatterMm ** 2
  const byStep = Array.from({ length: 2 * world.wrongSteps + 1 }, (_, i) => {
    const off = i - world.wrongSteps
    const chance = off === 0 ? 1 - world.wrongShare : world.wrongShare / (2 * world.wrongSteps)
    if (varianceMm2 === Infinity) return chance
    return (chance * exp(-((valueMm - sizeMm - off * stepMm) ** 2) / (2 * variance))) / sqrt(variance)
  })
  return { byStep, sum: byStep.reduce((all, chance) => all + chance, 0) }
}

/** The free opening, were caliper and gauge off by so much. */
function openingGiven({ shown }: SimulatedCase, zeroMm: number, gaugeZeroMm: number, world: World): Told {
  const caliper = readingVariance(world, TYPICAL_INSTRUMENTS.caliper.resolutionMm)
  const gauge = readingVariance(world, TYPICAL_INSTRUMENTS['thickness-gauge'].resolutionMm)
  return together([
    { valueMm: mean(shown.opening) - zeroMm, varianceMm2: caliper / shown.opening.length },
    {
      valueMm: mean(shown.bore) - zeroMm - 2 * (mean(shown.wall) - gaugeZeroMm),
      varianceMm2: caliper / shown.bore.length + (4 * gauge) / shown.wall.length,
    },
  ])
}

/** How likely the sizes are that served other pieces of a reference whose pieces lie about this one. */
function pastChance({ history }: SimulatedCase, aboutMm: number, pieceVariance: number): number {
  const { stepMm } = VERDICT_POLICY
  const scatter = sqrt(pieceVariance)
  return history.reduce((chance, { sizeMm, count }) => {
    const one =
      normalCdf(sizeMm + stepMm / 2, aboutMm, scatter) - normalCdf(sizeMm - stepMm / 2, aboutMm, scatter)
    return chance * one ** count
  }, 1)
}
