import type { PressVerdict } from '@/core/press-run/PressReading'
import { PRESS_VERDICTS } from '@/core/press-run/PressReading'
import type { PressRunPolicy } from '@/core/press-run/pressRunPolicy'
import { readPress } from '@/core/press-run/readPress'
import type { SeededRandom } from '../seededRandom'
import { seededRandom } from '../seededRandom'
import { naiveVerdict } from './naiveReader'
import type { PressNuisances, PressScene, SimulatedFault } from './PressScene'
import { randomNuisances, randomScene, SIMULATED_FAULTS } from './PressScene'
import { quantileSorted } from './quantileSorted'
import { simulatedRun } from './simulatedRun'

/** How often each kind of run is read as what. */
export type Confusion = Readonly<Record<PressVerdict, Readonly<Record<PressVerdict, number>>>>

export interface PressStudy {
  readonly runs: number
  readonly confusion: Confusion
  /** shares of runs read as what they are: by the reader, and by thresholds on the raw force */
  readonly right: number
  readonly naiveRight: number
  /** good runs that thresholds on the raw force call cracked or over-pressed, share, and the reader */
  readonly goodAccused: number
  readonly naiveGoodAccused: number
  /** 95th percentiles of how far contact and home are off, mm */
  readonly contactMm: number
  readonly homeMm: number
  /** of runs that came home unbroken, the share whose home is not found */
  readonly homeNotFound: number
  /** mean stated probability, and share right, of verdicts stated under and over .9 */
  readonly stated: readonly { readonly runs: number; readonly stated: number; readonly right: number }[]
}

/** Half of the runs are good. */
const SHARE_GOOD = 0.5
const SURE = 0.9

/** Simulated runs with known truth, read: how often is the verdict right, how far off are contact and home? */
export function pressStudy(runs: number, seed: number, policy: PressRunPolicy): PressStudy {
  const random = seededRandom(seed)
  const counts = Object.fromEntries(
    PRESS_VERDICTS.map((is) => [is, Object.fromEntries(PRESS_VERDICTS.map((read) => [read, 0]))]),
  ) as Record<PressVerdict, Record<PressVerdict, number>>
  const [contact, home]: [number[], number[]] = [[], []]
  const stated: { probability: number; isRight: boolean }[] = []
  let [naiveRight, naiveAccused, cameHome, lost] = [0, 0, 0, 0]
  for (let i = 0; i < runs; i++) {
    const { scene, nuisances } = anyRun(random)
    const { points } = simulatedRun(scene, nuisances, random)
    const is = truth(scene.fault)
    const reading = readPress(points, policy)
    counts[is][reading.verdict]++
    stated.push({ probability: reading.probability, isRight: reading.verdict === is })
    const naive = naiveVerdict(points)
    if (naive === is) naiveRight++
    if (is === 'good' && isAccused(naive)) naiveAccused++
    // The scale lags behind by half its play, there as everywhere.
    const lag = nuisances.backlashMm / 2
    if (is !== 'loose' && reading.contactMm !== null)
      contact.push(Math.abs(reading.contactMm - scene.contactMm + lag))
    if (is === 'not-home' || is === 'cracked') continue
    cameHome++
    if (reading.homeMm === null) lost++
    else home.push(Math.abs(reading.homeMm - scene.homeMm + lag))
  }
  const good = Object.values(counts.good).reduce((sum, n) => sum + n, 0)
  return {
    runs,
    confusion: counts,
    right: PRESS_VERDICTS.reduce((sum, is) => sum + counts[is][is], 0) / runs,
    naiveRight: naiveRight / runs,
    goodAccused: (counts.good.cracked + counts.good['over-pressed']) / good,
    naiveGoodAccused: naiveAccused / good,
    contactMm: quantileSorted(
      contact.sort((a, b) => a - b),
      0.95,
    ),
    homeMm: quantileSorted(
      home.sort((a, b) => a - b),
      0.95,
    ),
    homeNotFound: lost / cameHome,
    stated: [stated.filter((s) => s.probability < SURE), stated.filter((s) => s.probability >= SURE)].map(
      (group) => ({
        runs: group.length,
        stated: group.reduce((sum, { probability }) => sum + probability, 0) / Math.max(1, group.length),
        right: group.filter(({ isRight }) => isRight).length / Math.max(1, group.length),
      }),
    ),
  }
}

/** One of the study’s runs: half of them good. */
export function anyRun(random: SeededRandom): { scene: PressScene; nuisances: PressNuisances } {
  const faults = SIMULATED_FAULTS.filter((fault) => fault !== 'none')
  const isGood = random.uniform(0, 1) < SHARE_GOOD
  const scene = randomScene(isGood ? 'none' : (faults[random.index(faults.length)] ?? 'none'), random)
  return { scene, nuisances: randomNuisances(scene, random) }
}

function truth(fault: SimulatedFault): PressVerdict {
  return fault === 'none' ? 'good' : fault
}

function isAccused(verdict: PressVerdict): boolean {
  return verdict === 'cracked' || verdict === 'over-pressed'
}
