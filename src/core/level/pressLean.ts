import { requireFinite } from '../guard/require'
import type { TiltVector } from './RimHeight'
import { highSideDeg, rotatedTilt, tiltMm } from './RimHeight'
import { sum } from './sum'

/** One pressing that was read: how the rim stood, and how the case lay. */
export interface LeanPass {
  /** in the case's frame */
  readonly tilt: TiltVector
  /** the hour of the case that lay at the press's left, 1 to 12 */
  readonly leftHour: number
}

/**
 * What a press does to every rim: its frame has the far side up and the right side at 90°. mm.
 */
export interface PressLean {
  readonly tilt: TiltVector
  /** standard uncertainty of each half, mm */
  readonly standardUncertaintyMm: number
  readonly jobs: number
  /** whether it is more than chance: longer than twice its uncertainty */
  readonly isKnown: boolean
}

const LEFT_DEG = 270
const DEGREES_OF_HOUR = 30
/** Fewer jobs say nothing of their scatter. */
const LEAST_JOBS = 3
/** Scatter from job to job, standard deviation of each half of the tilt, as sure as this many jobs: from memory. */
const USUAL_SCATTER_MM = 0.02
const USUAL_SCATTER_JOBS = 4
const BEYOND_CHANCE = 2

/** How far the case is turned in the press: its 12 lies at this angle. Degrees clockwise from the far side. */
export function pressAngleDeg(leftHour: number): number {
  return LEFT_DEG - leftHour * DEGREES_OF_HOUR
}

/**
 * A press's own lean: the mean of the tilts it left, each turned back into the press's frame.
 * @param passes - first pressings, not turned meanwhile, of any cases
 * @returns null while there are too few
 * @source mean of vectors, u = s/√n per axis; the scatter is drawn to a usual one while jobs are few
 */
export function pressLean(passes: readonly LeanPass[]): PressLean | null {
  for (const { leftHour } of passes) requireFinite('leftHour', leftHour, 'hours')
  if (passes.length < LEAST_JOBS) return null
  const seen = passes.map(({ tilt, leftHour }) => rotatedTilt(tilt, pressAngleDeg(leftHour)))
  const jobs = seen.length
  const tilt = {
    towards12Mm: sum(seen.map(({ towards12Mm }) => towards12Mm)) / jobs,
    towards3Mm: sum(seen.map(({ towards3Mm }) => towards3Mm)) / jobs,
  }
  const squares = sum(
    seen.map(
      (one) => ((one.towards12Mm - tilt.towards12Mm) ** 2 + (one.towards3Mm - tilt.towards3Mm) ** 2) / 2,
    ),
  )
  const variance = (squares + USUAL_SCATTER_JOBS * USUAL_SCATTER_MM ** 2) / (jobs - 1 + USUAL_SCATTER_JOBS)
  const standardUncertaintyMm = Math.sqrt(variance / jobs)
  return { tilt, standardUncertaintyMm, jobs, isKnown: tiltMm(tilt) > BEYOND_CHANCE * standardUncertaintyMm }
}

/** A side of the press, as a hand finds it. */
const SIDES = [
  'far side',
  'far right',
  'right',
  'near right',
  'near side',
  'near left',
  'left',
  'far left',
] as const
export type PressSide = (typeof SIDES)[number]

/** The side at a direction of the press's frame. */
export function sideAt(directionDeg: number): PressSide {
  const turn = 360 / SIDES.length
  const index = Math.round((((directionDeg % 360) + 360) % 360) / turn) % SIDES.length
  return SIDES[index] ?? SIDES[0]
}

/** The side a press pushes further down: opposite to the one it leaves high. Degrees of its frame. */
export function heavySideDeg({ tilt }: Pick<PressLean, 'tilt'>): number {
  return (highSideDeg(tilt) + 180) % 360
}
