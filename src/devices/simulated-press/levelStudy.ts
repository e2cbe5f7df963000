import { quantileSorted } from './quantileSorted'
import { pressAngleDeg, pressLean } from '@/core/level/pressLean'
import { readRim } from '@/core/level/readRim'
import type { TiltVector } from '@/core/level/RimHeight'
import { rotatedTilt, tiltMm } from '@/core/level/RimHeight'
import type { RimPattern } from '@/core/level/rimPlaces'
import { placesOf, RIM_PLACES } from '@/core/level/rimPlaces'
import type { RimWorld } from '@/core/level/rimWorld'
import { RIM_WORLD } from '@/core/level/rimWorld'
import type { SeededRandom } from '../seededRandom'
import { seededRandom } from '../seededRandom'
import { anyTilt, heightsOf } from './simulatedRim'

export interface LevelResult {
  readonly pattern: RimPattern
  readonly jobs: number
  /** 95th percentile of |tilt read − true tilt|, and of the plane through all places, mm */
  readonly tiltErrorMm: number
  /** share of specks named at their very place; null where no place is ever named */
  readonly dirtFound: number | null
  /** share of jobs without a speck in which one is named, or at another place */
  readonly falseAlarms: number
}

const MOST_TILT_MM = 0.15
const SHARE_WARPED = 0.2
const SHARE_DIRTY = 0.2

/** The world the rims of this study come from, as one would know it who made them: no reader can do better. */
export const WORLD_OF_STUDY: RimWorld = {
  noisesMm: Array.from({ length: 9 }, (_, i) => 0.005 + (0.01 * i) / 8),
  bumpsMm: Array.from({ length: 15 }, (_, i) => 0.03 + (0.07 * i) / 14),
  warpMm: 0.0147,
  dirty: SHARE_DIRTY,
  warped: SHARE_WARPED,
  tiltMm: 0.05,
}

/** Rims with known truth, read at some places: how far off is the tilt, is dirt found, is it found where none is? */
export function levelStudy(
  pattern: RimPattern,
  jobs: number,
  seed: number,
  world: RimWorld = RIM_WORLD,
): LevelResult {
  const random = seededRandom(seed)
  const directions = placesOf(pattern).map((index) => RIM_PLACES[index]?.directionDeg ?? 0)
  const errors: number[] = []
  let [dirty, found, alarms] = [0, 0, 0]
  for (let job = 0; job < jobs; job++) {
    const speck =
      pattern > 4 && random.uniform(0, 1) < SHARE_DIRTY
        ? { place: random.index(pattern), liftMm: random.uniform(0.03, 0.1) }
        : null
    const warp =
      random.uniform(0, 1) < SHARE_WARPED
        ? { heightMm: random.uniform(0.02, 0.06), axisDeg: random.uniform(0, 180) }
        : null
    const tilt = anyTilt(MOST_TILT_MM, random)
    const rim = { tilt, warp, speck, noiseMm: random.uniform(0.005, 0.015) }
    const outcome = readRim(heightsOf(rim, directions, random), world)
    if (!outcome.ok) throw new RangeError(`${pattern} places: ${outcome.reason}`)
    const { tilt: read, oddity } = outcome.reading
    errors.push(Math.abs(tiltMm(read) - tiltMm(tilt)))
    const named = oddity?.kind === 'dirt' ? oddity.directionDeg : null
    if (speck) {
      dirty++
      if (named === directions[speck.place]) found++
    } else if (named !== null) alarms++
  }
  return {
    pattern,
    jobs,
    tiltErrorMm: quantileSorted(
      errors.sort((a, b) => a - b),
      0.95,
    ),
    dirtFound: pattern > 4 ? found / dirty : null,
    falseAlarms: alarms / (jobs - dirty),
  }
}

/** 95th percentile of how far a press's lean, learned from so many jobs, is off the true one, mm. */
export function leanStudy(jobs: number, presses: number, seed: number): number {
  const random = seededRandom(seed)
  const errors = Array.from({ length: presses }, () => leanError(jobs, random))
  return quantileSorted(
    errors.sort((a, b) => a - b),
    0.95,
  )
}

function leanError(jobs: number, random: SeededRandom): number {
  const scatterMm = random.uniform(0.01, 0.03)
  const sizeMm = random.uniform(0.02, 0.12)
  const angle = random.uniform(0, 2 * Math.PI)
  const lean: TiltVector = { towards12Mm: sizeMm * Math.cos(angle), towards3Mm: sizeMm * Math.sin(angle) }
  const passes = Array.from({ length: jobs }, () => {
    const leftHour = 1 + random.index(12)
    const seen = {
      towards12Mm: lean.towards12Mm + random.normal(scatterMm),
      towards3Mm: lean.towards3Mm + random.normal(scatterMm),
    }
    return { leftHour, tilt: rotatedTilt(seen, -pressAngleDeg(leftHour)) }
  })
  const learned = pressLean(passes)
  if (!learned) throw new RangeError(`${jobs} jobs are too few`)
  return Math.hypot(learned.tilt.towards12Mm - lean.towards12Mm, learned.tilt.towards3Mm - lean.towards3Mm)
}
