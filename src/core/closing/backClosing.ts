import type { Fractions } from '../fit/Window'
import type { ClosingLoad } from './ClosingLoad'
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
  readonly ringLoadN: Fractions
  /** torque at which metal meets metal, N·m, over what friction and load may be */
  readonly homeNm: Readonly<Record<ThreadState, Fractions>>
  /** torque that leaves the thread under its window of loads, whatever friction and load are, N·m; null where none does */
  readonly tightenNm: Readonly<Record<ThreadState, Fractions | null>>
  /** from where the ring is first touched until metal meets metal, degrees */
  readonly fromTouchDeg: number
  /** from where fingers stop until metal meets metal, on a greased thread, degrees; from 0 where fingers may do it all */
  readonly pastHandDeg: Fractions
}

/**
 * A screwed back with its ring: which torque brings it home, and how far past hand-tight that is.
 * @param ring - what lies under the back, see ClosingLoad
 * @throws RangeError if thread or radius is not positive, or the ring is not squeezed
 */
export function backClosing(ring: ClosingLoad, thread: BackThread, policy: ClosingPolicy): BackClosing {
  const { squeeze, heightMm, radiusMm } = ring
  if (!(squeeze > 0)) throw new RangeError(`squeeze: expected > 0, got ${squeeze}`)
  const turned: TurnedThread = { ...thread, bearingRadiusMm: radiusMm }
  const ringLoadN = ring.loadN(squeeze)
  const torque = (loadN: number, mu: number) => tighteningTorqueNm(loadN, turned, same(mu))
  const degrees = (travelMm: number) => (travelMm / thread.pitchMm) * FULL_TURN
  const left = (handNm: number, mu: number, end: keyof Fractions) =>
    degrees(travelLeftMm(ring, loadOfTorqueN(handNm, turned, same(mu)), end))
  const { handNm, friction, timesRing } = policy
  return {
    ringLoadN,
    homeNm: byState(
      ({ low, high }) => ({
        low: torque(ringLoadN.low, low),
        high: torque(ringLoadN.high, high),
      }),
      friction,
    ),
    tightenNm: byState(({ low, high }) => {
      const band = {
        low: torque(timesRing.low * ringLoadN.high, high),
        high: torque(timesRing.high * ringLoadN.low, low),
      }
      return band.low < band.high ? band : null
    }, friction),
    fromTouchDeg: degrees(squeeze * heightMm),
    pastHandDeg: {
      low: left(handNm.high, friction.greased.low, 'low'),
      high: left(handNm.low, friction.greased.high, 'high'),
    },
  }
}

const FULL_TURN = 360

function same(mu: number) {
  return { thread: mu, bearing: mu }
}

function byState<T>(
  of: (friction: Fractions) => T,
  friction: ClosingPolicy['friction'],
): Record<ThreadState, T> {
  // One entry for each state.
  return Object.fromEntries(THREAD_STATES.map((state) => [state, of(friction[state])])) as Record<
    ThreadState,
    T
  >
}

/** How far the back still has to come once a load has squeezed its ring, mm: the load law the other way round. */
function travelLeftMm(
  { squeeze, heightMm, loadN }: ClosingLoad,
  pressedN: number,
  end: keyof Fractions,
): number {
  if (loadN(squeeze)[end] <= pressedN) return 0
  let [low, high] = [0, squeeze]
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2
    if (loadN(middle)[end] < pressedN) low = middle
    else high = middle
  }
  return (squeeze - low) * heightMm
}

/** Of a squeeze: finer than any ring. */
const HALVINGS = 30
