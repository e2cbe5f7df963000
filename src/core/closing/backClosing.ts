import type { Fractions } from '../fit/Window'
import { lindleyLoadPerMm, rubberModulusMPa } from '../seals/oRingLoad'
import type { StaticSeal } from '../seals/staticSeal'
import type { ClosingPolicy, ThreadState } from './closingPolicy'
import { THREAD_STATES } from './closingPolicy'
import type { TurnedThread } from './tighteningTorque'
import { loadOfTorqueN, tighteningTorqueNm } from './tighteningTorque'

/** The thread a back turns on. All mm. */
export interface BackThread {
  readonly outerMm: number
  readonly pitchMm: number
}

/** What brings a back home, and how far. */
export interface BackClosing {
  /** load of its ring once it is home, N */
  readonly ringLoadN: number
  /** torque at which metal meets metal, N·m, over what friction may be */
  readonly homeNm: Readonly<Record<ThreadState, Fractions>>
  /** torque that leaves the thread under its window of loads, whatever its friction, N·m; null where none does */
  readonly tightenNm: Readonly<Record<ThreadState, Fractions | null>>
  /** from where the ring is first touched until metal meets metal, degrees */
  readonly fromTouchDeg: number
  /** from where fingers stop until metal meets metal, on a greased thread, degrees; from 0 where fingers may do it all */
  readonly pastHandDeg: Fractions
}

/** Hardness rings are sold in, when the supplier does not say. From memory. */
const USUAL_SHORE_A = 70

/**
 * A screwed back with its ring: which torque brings it home, and how far past hand-tight that is.
 * @param seal - the ring in its groove with the back home; squeezed more than 0
 * @param ringRadiusMm - mean radius at which it lies; > 0
 * @throws RangeError if thread or radius is not positive, or the ring is not squeezed
 */
export function backClosing(
  seal: Pick<StaticSeal, 'sectionMm' | 'squeeze' | 'loadN'>,
  thread: BackThread,
  ringRadiusMm: number,
  policy: ClosingPolicy,
): BackClosing {
  if (!(seal.squeeze > 0)) throw new RangeError(`squeeze: expected > 0, got ${seal.squeeze}`)
  const turned: TurnedThread = { ...thread, bearingRadiusMm: ringRadiusMm }
  const torque = (timesRing: number, mu: number) =>
    tighteningTorqueNm(timesRing * seal.loadN, turned, same(mu))
  const bands = (of: (friction: Fractions) => Fractions | null) =>
    // One entry for each state.
    Object.fromEntries(THREAD_STATES.map((state) => [state, of(policy.friction[state])])) as Record<
      ThreadState,
      Fractions | null
    >
  const left = (handNm: number, mu: number) =>
    travelLeftMm(seal, ringRadiusMm, loadOfTorqueN(handNm, turned, same(mu)))
  const degrees = (travelMm: number) => (travelMm / thread.pitchMm) * FULL_TURN
  const { handNm, friction, timesRing } = policy
  return {
    ringLoadN: seal.loadN,
    homeNm: bands(({ low, high }) => ({ low: torque(1, low), high: torque(1, high) })) as Record<
      ThreadState,
      Fractions
    >,
    tightenNm: bands(({ low, high }) => {
      const band = { low: torque(timesRing.low, high), high: torque(timesRing.high, low) }
      return band.low < band.high ? band : null
    }),
    fromTouchDeg: degrees(seal.squeeze * seal.sectionMm),
    pastHandDeg: {
      low: degrees(left(handNm.high, friction.greased.low)),
      high: degrees(left(handNm.low, friction.greased.high)),
    },
  }
}

const FULL_TURN = 360

function same(mu: number) {
  return { thread: mu, bearing: mu }
}

/** How far the back still has to come once a load has squeezed its ring, mm: the load law the other way round. */
function travelLeftMm(
  { sectionMm, squeeze }: Pick<StaticSeal, 'sectionMm' | 'squeeze'>,
  ringRadiusMm: number,
  loadN: number,
): number {
  const modulus = rubberModulusMPa(USUAL_SHORE_A)
  const lengthMm = 2 * Math.PI * ringRadiusMm
  const loadAt = (share: number) => lindleyLoadPerMm(sectionMm, share, modulus) * lengthMm
  if (loadAt(squeeze) <= loadN) return 0
  let [low, high] = [0, squeeze]
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2
    if (loadAt(middle) < loadN) low = middle
    else high = middle
  }
  return (squeeze - low) * sectionMm
}

/** Of a squeeze: finer than any ring. */
const HALVINGS = 30
