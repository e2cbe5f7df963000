import { driftOf } from '@/core/dry-test/driftOf'
import type { DryTestPolicy } from '@/core/dry-test/dryTestPolicy'
import type { DryJudgement } from '@/core/dry-test/judgeDryTest'
import { judgeDryTest } from '@/core/dry-test/judgeDryTest'
import { seededRandom } from '../seededRandom'
import type { DryScene } from './anyDryTest'
import { anyDryTest, blankRunOf, dryRecordOf } from './anyDryTest'

export interface DryStudy {
  readonly records: number
  /** records that could give a 90 % answer, by what is true of them */
  readonly decidable: number
  /** shares of those: decided, and of the decided rightly */
  readonly decided: number
  readonly right: number
  /** share of bad cases that passed; of passes, of records that could not have seen the limit; gross leaks that passed */
  readonly falsePass: number
  readonly unearned: number
  readonly grossPassed: number
  /** share of the true flows, inside the grid, that their interval of 95 % holds */
  readonly covered: number
  /** share of bad cases that a plain slope, drift's usual taken off, would pass */
  readonly slopePassed: number
}

const TRIES_OF_90 = 1.2816

/** Judges records with known truth, the drift and the case's deformation known as far as blank runs and earlier tests say. */
export function dryStudy(records: number, seed: number, policy: DryTestPolicy): DryStudy {
  const limit = policy.limitUgPerMin
  const random = seededRandom(seed)
  const all = Array.from({ length: records }, () => {
    const scene = anyDryTest(random)
    const { timesS, shownUm } = dryRecordOf(scene, random)
    const drift = driftOf(Array.from({ length: scene.blankRuns }, () => blankRunOf(scene, random)))
    const air = {
      volumeCm3: scene.volumeCm3,
      pressureBar: scene.pressureBar,
      temperatureC: scene.temperatureC,
    }
    const judged = judgeDryTest(
      { air, timesS, deformationUm: shownUm },
      {
        drift,
        deformation: { um: scene.usualDeformationUm, spreadUm: scene.deformationSpreadUm },
      },
      policy,
    )
    return {
      scene,
      judged,
      slope:
        slopeOf(timesS, shownUm) -
        slopeOf(
          timesS,
          timesS.map((t) => driftAt(scene, t)),
        ),
    }
  })
  const bad = all.filter(({ scene }) => scene.flowUgPerMin > limit)
  const decidable = all.filter(({ scene }) => couldTell(scene, limit))
  const decided = decidable.filter(({ judged }) => judged.verdict !== 'cannot-tell')
  const inGrid = all.filter(({ scene }) => scene.flowUgPerMin <= 2e4)
  return {
    records,
    decidable: decidable.length,
    decided: decided.length / decidable.length,
    right: decided.filter((one) => isRight(one, limit)).length / decided.length,
    falsePass: share(bad, ({ judged }) => judged.verdict === 'pass'),
    unearned: share(all, ({ scene, judged }) => judged.verdict === 'pass' && !couldSee(scene, limit)),
    grossPassed: bad.filter(({ scene, judged }) => scene.flowUgPerMin > 1e5 && judged.verdict === 'pass')
      .length,
    covered: share(
      inGrid,
      ({ scene, judged: { flow } }) => scene.flowUgPerMin >= flow.low && scene.flowUgPerMin <= flow.high,
    ),
    slopePassed: share(bad, ({ scene, slope }) => {
      const lost = -slope
      return lost < scene.usualDeformationUm / tauAtLimit(scene, limit)
    }),
  }
}

const share = <T>(of: readonly T[], is: (one: T) => boolean) => of.filter(is).length / of.length

function isRight(
  { scene, judged }: { readonly scene: DryScene; readonly judged: DryJudgement },
  limit: number,
): boolean {
  return (judged.verdict === 'pass') === scene.flowUgPerMin <= limit
}

const tauAtLimit = ({ tauS, flowUgPerMin }: DryScene, limit: number) => (tauS * flowUgPerMin) / limit

/** What the tester shows of something that does not move, as it usually does. */
function driftAt({ tester }: DryScene, t: number): number {
  return tester.umPerS * t + tester.warmUm * (1 - Math.exp(-t / tester.warmS))
}

/**
 * Of the true rate at which it comes back out, µm/s: by noise over so many samples, and by what the drift is off from one
 * time to the next, less what no number of blank runs takes off.
 */
function slopeUncertainty({ noiseUm, lastsS, everyS, tester, blankRuns }: DryScene): number {
  const n = Math.floor(lastsS / everyS) + 1
  const warm = tester.spreadWarmUm * (1 - Math.exp(-lastsS / tester.warmS))
  const drift = Math.hypot(tester.spreadUmPerS, warm / lastsS) * Math.sqrt(1 + 1 / blankRuns)
  return Math.hypot((noiseUm * Math.sqrt(12 / n)) / lastsS, drift)
}

/** Whether the limit lies far enough from what is true to be told from it nine times of ten. */
function couldTell(scene: DryScene, limit: number): boolean {
  const { deformationUm, lastsS, tauS } = scene
  const lost = (tau: number) => (deformationUm * (1 - Math.exp(-lastsS / tau))) / lastsS
  const apart = Math.abs(lost(tauS) - lost(tauAtLimit(scene, limit)))
  return apart >= TRIES_OF_90 * 2 * slopeUncertainty(scene)
}

/** Whether a leak at the limit would have shown at all. */
function couldSee(scene: DryScene, limit: number): boolean {
  const { deformationUm, lastsS } = scene
  const lost = (deformationUm * (1 - Math.exp(-lastsS / tauAtLimit(scene, limit)))) / lastsS
  return lost >= TRIES_OF_90 * 2 * slopeUncertainty(scene)
}

function slopeOf(timesS: readonly number[], values: readonly number[]): number {
  const n = timesS.length
  const [meanT, meanV] = [timesS.reduce((a, b) => a + b, 0) / n, values.reduce((a, b) => a + b, 0) / n]
  const [top, bottom] = timesS.reduce<[number, number]>(
    ([a, b], t, i) => [a + (t - meanT) * ((values[i] ?? 0) - meanV), b + (t - meanT) ** 2],
    [0, 0],
  )
  return top / bottom
}
