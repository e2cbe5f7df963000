import { formatMm } from '../units/formatMm'
import type { DieOutline } from './pressInDies'

/** A die to be turned or printed. All mm. */
export interface DieToMake {
  readonly role: 'pusher' | 'support'
  readonly outerMm: number
  /** 0 for a full face */
  readonly openingMm: number
  /** 0 for a full face */
  readonly recessMm: number
}

/** Half the section of a turned die, face down: distance from its axis, height over its face. mm. */
export type ProfilePoint = readonly [radiusMm: number, heightMm: number]

export interface DieProfile extends DieToMake {
  /** by what it is: “PH29.0-26.0x1.8” */
  readonly name: string
  readonly heightMm: number
  /** closed, against the clock, from its face outward */
  readonly outline: readonly ProfilePoint[]
}

/** What a drawer's line takes, mm. */
const LEAST_MM = 4
const MOST_MM = 80
/** Shallowest recess of a hollow face, mm: less is a ridge that marks. From memory. */
const LEAST_RECESS_MM = 1
/** What stands above the recess carries the load, mm. From memory. */
const FLOOR_MM = 6
const LEAST_HEIGHT_MM = 10
/** Edge away from the work, broken, mm. */
const CHAMFER_MM = 0.5
/** Least width of the ring that bears, mm. From memory. */
const LEAST_LAND_MM = 0.4
const STEPS_PER_MM = 10

/** The die that a plan wants and the shop has not, to the tenth. */
export function dieToMake(role: DieToMake['role'], wanted: DieOutline): DieToMake | null {
  const outerMm = Math.floor(wanted.aimOuterMm * STEPS_PER_MM + ROUNDING) / STEPS_PER_MM
  const openingMm =
    wanted.aimOpeningMm > 0 ? Math.ceil(wanted.aimOpeningMm * STEPS_PER_MM - ROUNDING) / STEPS_PER_MM : 0
  const recess = Math.ceil(wanted.leastRecessMm * STEPS_PER_MM - ROUNDING) / STEPS_PER_MM
  const made = { role, outerMm, openingMm, recessMm: openingMm > 0 ? Math.max(recess, LEAST_RECESS_MM) : 0 }
  return againstProfile(made) === null ? made : null
}

/** A tenth in binary is not quite one. */
const ROUNDING = 1e-6

/** What speaks against such a die: field and sentence; null where it can be made. */
export function againstProfile({
  outerMm,
  openingMm,
  recessMm,
}: DieToMake): { field: string; message: string } | null {
  if (!(outerMm >= LEAST_MM && outerMm <= MOST_MM))
    return {
      field: 'outer',
      message: `Outside ${formatMm(outerMm)} mm: a die is ${LEAST_MM} to ${MOST_MM} mm. Check the figure.`,
    }
  if (!(openingMm >= 0 && openingMm <= outerMm - 2 * LEAST_LAND_MM))
    return {
      field: 'opening',
      message: `Opening ${formatMm(openingMm)} mm: 0 for a full face, or at least ${formatMm(2 * LEAST_LAND_MM)} less than the outside, so that a ring is left to bear.`,
    }
  if (!(recessMm >= 0 && recessMm <= MOST_MM / 2))
    return { field: 'recess', message: `Recess ${formatMm(recessMm)} mm: 0 to ${MOST_MM / 2} mm.` }
  if (openingMm > 0 !== recessMm > 0)
    return {
      field: 'recess',
      message: 'Recess: a hollow face has one, a full face none. Give both figures or neither.',
    }
  return null
}

/**
 * The outline of a die as it is turned: a face that bears, its recess, a body over it.
 * @throws RangeError with what speaks against it, see againstProfile
 */
export function dieProfile(die: DieToMake): DieProfile {
  const against = againstProfile(die)
  if (against) throw new RangeError(against.message)
  const { role, outerMm, openingMm, recessMm } = die
  const heightMm = Math.max(LEAST_HEIGHT_MM, recessMm + FLOOR_MM)
  const radius = outerMm / 2
  const inner = openingMm / 2
  const body: readonly ProfilePoint[] = [
    [radius, 0],
    [radius, heightMm - CHAMFER_MM],
    [radius - CHAMFER_MM, heightMm],
    [0, heightMm],
  ]
  const face: readonly ProfilePoint[] =
    inner > 0
      ? [
          [0, recessMm],
          [inner, recessMm],
          [inner, 0],
        ]
      : [[0, 0]]
  const letter = { pusher: 'P', support: 'S' }[role]
  const tenth = (mm: number) => formatMm(mm, 0.1)
  const name =
    inner > 0
      ? `${letter}H${tenth(outerMm)}-${tenth(openingMm)}x${tenth(recessMm)}`
      : `${letter}${tenth(outerMm)}`
  return { ...die, name, heightMm, outline: [...body, ...face] }
}
