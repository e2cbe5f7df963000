import { requirePositive } from '../guard/require'

/** What a thread rubs on. */
export interface ThreadFriction {
  /** of the flanks, and of what turns on its face; > 0 */
  readonly thread: number
  readonly bearing: number
}

export interface TurnedThread {
  readonly pitchMm: number
  /** outside diameter */
  readonly outerMm: number
  /** mean radius of what rubs under the turned part: a back's ring, a screw's head */
  readonly bearingRadiusMm: number
}

/** Half the flank angle of the metric thread, radians. */
const FLANK = Math.PI / 6
/** Pitch diameter of the metric thread: outside less so many pitches. @source ISO 724 */
const TO_PITCH_DIAMETER = 0.649_519

const PER_M = 1000

/**
 * Lever arm between torque and load, mm: p/2π + μt·rt/cos α + μb·rb.
 * @throws RangeError unless pitch, diameter and frictions are positive and the pitch is small against the diameter
 * @source Shigley's Mechanical Engineering Design; VDI 2230
 */
export function leverArmMm(
  { pitchMm, outerMm, bearingRadiusMm }: TurnedThread,
  { thread, bearing }: ThreadFriction,
): number {
  requirePositive('pitchMm', pitchMm, 'mm')
  requirePositive('outerMm', outerMm, 'mm')
  requirePositive('bearingRadiusMm', bearingRadiusMm, 'mm')
  requirePositive('thread', thread, '')
  requirePositive('bearing', bearing, '')
  const threadRadiusMm = (outerMm - TO_PITCH_DIAMETER * pitchMm) / 2
  if (!(threadRadiusMm > 0))
    throw new RangeError(`pitchMm: expected less than 1.5 × ${outerMm} mm, got ${pitchMm}`)
  return pitchMm / (2 * Math.PI) + (thread * threadRadiusMm) / Math.cos(FLANK) + bearing * bearingRadiusMm
}

/**
 * Torque that brings a load, N·m.
 * @param loadN - > 0
 * @throws RangeError see leverArmMm
 * @example tighteningTorqueNm(18_600, { pitchMm: 1.25, outerMm: 8, bearingRadiusMm: 5.15 }, { thread: 0.12, bearing: 0.12 }) // 24.5
 */
export function tighteningTorqueNm(loadN: number, turned: TurnedThread, friction: ThreadFriction): number {
  requirePositive('loadN', loadN, 'N')
  return (loadN * leverArmMm(turned, friction)) / PER_M
}

/** Load a torque brings, N: the other way round. */
export function loadOfTorqueN(torqueNm: number, turned: TurnedThread, friction: ThreadFriction): number {
  requirePositive('torqueNm', torqueNm, 'N·m')
  return (torqueNm * PER_M) / leverArmMm(turned, friction)
}
