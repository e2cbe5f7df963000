import type { PressPoint } from '@/core/press-run/PressPoint'
import type { PressVerdict } from '@/core/press-run/PressReading'

/** What thresholds on the raw force say of a run: what the study compares with, and nothing else uses. */
export function naiveVerdict(points: readonly PressPoint[]): PressVerdict {
  const force = points.map(({ forceN }) => forceN)
  const peak = Math.max(...force)
  const pressed = force.filter((f) => f > 10).sort((a, b) => a - b)
  const middle = pressed[Math.floor(pressed.length / 2)] ?? 0
  const drops = force.some((f, i) => i > 0 && (force[i - 1] ?? 0) > 40 && f < 0.8 * (force[i - 1] ?? 0))
  if (drops) return 'cracked'
  if (middle < 26) return 'loose'
  if (peak > middle + 200) return 'over-pressed'
  if (peak < 1.15 * middle) return 'not-home'
  const turn = force.indexOf(peak)
  return turn < 0.8 * force.length ? 'cocked' : 'good'
}
