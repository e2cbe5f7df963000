import { pressCue } from '@/core/press-run/pressCue'
import type { PressPoint } from '@/core/press-run/PressPoint'
import type { PressReading } from '@/core/press-run/PressReading'
import { seededRandom } from '../seededRandom'
import type { SimulatedFault } from './PressScene'
import { anyRun } from './pressStudy'
import { quantileSorted } from './quantileSorted'
import { simulatedRun } from './simulatedRun'

/** How soon a hand is told to stop, by what became of its run. */
export interface ToldToStop {
  readonly fault: SimulatedFault
  readonly runs: number
  /** share told within WANTED_MS of home, or of what went wrong */
  readonly within: number
  /** ms, of those told while they pressed */
  readonly median: number
  readonly most95: number
  /** told while the crystal was still on its way */
  readonly early: number
  /** only told once the run was over */
  readonly never: number
}

/** A hand is told to stop so soon after home or a fault, ms. */
export const WANTED_MS = 100
/** Readings come in lots, as a cell's own buffer sends them, ms. */
const LOT_MS = 40
/** Said before the crystal is so near to home, mm, it is said too early. */
const EARLY_MM = 0.05

/**
 * Simulated runs read as they come: how soon after the crystal truly came home, or truly gave way, is stop said, and how
 * often while it is still on its way?
 * @param read - what a run says as far as it has come; null while it says nothing
 */
export function stopStudy(
  runs: number,
  seed: number,
  read: (points: readonly PressPoint[]) => PressReading | null,
): ToldToStop[] {
  const random = seededRandom(seed)
  const told = new Map<SimulatedFault, { late: number[]; early: number; never: number }>()
  for (let i = 0; i < runs; i++) {
    const { scene, nuisances } = anyRun(random)
    const { points } = simulatedRun(scene, nuisances, random)
    // The scale lags behind by half its play.
    const atMm = (scene.crack?.atMm ?? scene.homeMm) - nuisances.backlashMm / 2
    const truly = points.find(({ travelMm }) => travelMm >= atMm)
    if (scene.fault === 'not-home' || !truly) continue
    const of = told.get(scene.fault) ?? { late: [], early: 0, never: 0 }
    told.set(scene.fault, of)
    const said = firstStop(points, read)
    if (said === null) {
      of.never++
      continue
    }
    // One that leans is a fault from where it takes hold on.
    const earliestMm = scene.fault === 'cocked' ? scene.contactMm : atMm - EARLY_MM
    if (said.deepestMm < earliestMm) of.early++
    of.late.push(said.atMs - truly.tMs)
  }
  return [...told].map(([fault, { late, early, never }]) => {
    const sorted = late.sort((a, b) => a - b)
    return {
      fault,
      runs: late.length + never,
      within: sorted.filter((ms) => ms <= WANTED_MS).length / (late.length + never),
      median: quantileSorted(sorted, 0.5),
      most95: quantileSorted(sorted, 0.95),
      early,
      never,
    }
  })
}

function firstStop(
  points: readonly PressPoint[],
  read: (points: readonly PressPoint[]) => PressReading | null,
): { atMs: number; deepestMm: number } | null {
  const endMs = (points.at(-1)?.tMs ?? 0) + LOT_MS
  for (let atMs = LOT_MS; atMs < endMs; atMs += LOT_MS) {
    const sofar = points.filter(({ tMs }) => tMs <= atMs)
    const { kind } = pressCue(read(sofar))
    if (kind === 'home' || kind === 'stop')
      return { atMs, deepestMm: Math.max(...sofar.map(({ travelMm }) => travelMm)) }
  }
  return null
}
