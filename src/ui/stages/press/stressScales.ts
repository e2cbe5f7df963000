import { scaleLinear } from 'd3-scale'
import type { PusherStress } from '@/core/press/plan/pusherStress'

export const STRESS_SIZE = { width: 290, height: 180 } as const
const MARGIN = { left: 30, right: 16, top: 18, bottom: 24 }
/** Room over what decides: the weak end of the strength, or the chosen die, whichever is higher. */
const OVER = 1.5
/** Room over all there is to see, where that stays far below the strength. */
const OVER_ALL = 1.25

/**
 * Scales of stress over the pusher's diameter that hold what decides; a small pusher's stress runs out at the top, and
 * so do strength and its margin where no pusher comes near.
 */
export function stressScales({ curve, dies, strength }: Pick<PusherStress, 'curve' | 'dies' | 'strength'>) {
  const { width, height } = STRESS_SIZE
  const chosen = dies.find(({ isChosen }) => isChosen)?.stressMPa ?? 0
  const seen = Math.max(chosen, ...curve.map(({ stressMPa }) => stressMPa))
  const most = Math.min(OVER * Math.max(strength.lowMPa, chosen), OVER_ALL * seen)
  const first = curve.find(({ stressMPa }) => stressMPa <= most) ?? curve[0]
  const last = curve.at(-1)
  return {
    x: scaleLinear([first?.diameterMm ?? 0, last?.diameterMm ?? 1], [MARGIN.left, width - MARGIN.right]),
    y: scaleLinear([0, most], [height - MARGIN.bottom, MARGIN.top]),
  }
}
