import type { PressReading } from './PressReading'

/** What the hand is told while it presses. */
export interface PressCue {
  readonly words: string
  readonly kind: 'wait' | 'go' | 'home' | 'stop'
}

const PHASE_WORDS = { free: 'Coming down', ramp: 'Taking hold', slide: 'Sliding', home: 'Home' } as const

/** A force nothing is to be brought over, and what it is the limit of. */
export interface ForceLimit {
  /** N */
  readonly forceN: number
  readonly of: 'press' | 'crystal'
}

/** The lowest limit a force is over; null where it is over none. */
export function overLimit(forceN: number, limits: readonly ForceLimit[]): ForceLimit | null {
  return limits.filter((limit) => forceN > limit.forceN).sort((a, b) => a.forceN - b.forceN)[0] ?? null
}

/**
 * What a run says as far as it has come; a fault or home says stop.
 * @param over - a limit it was brought over; null else
 */
export function pressCue(reading: PressReading | null, over: ForceLimit | null = null): PressCue {
  if (over) return { words: `Stop: over the ${over.of}’s ${Math.round(over.forceN)} N`, kind: 'stop' }
  if (!reading || reading.contactMm === null) return { words: 'Press gently', kind: 'wait' }
  switch (reading.verdict) {
    case 'cracked':
      return { words: 'Stop: it gave way', kind: 'stop' }
    case 'over-pressed':
      return { words: 'Stop: too much', kind: 'stop' }
    case 'good':
    case 'loose':
    case 'cocked':
      return { words: 'Home: stop', kind: 'home' }
    case 'not-home':
      return { words: PHASE_WORDS[reading.phases.at(-1)?.phase ?? 'free'], kind: 'go' }
  }
}
