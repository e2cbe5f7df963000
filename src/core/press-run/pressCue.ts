import type { PressReading } from './PressReading'

/** What the hand is told while it presses. */
export interface PressCue {
  readonly words: string
  readonly kind: 'wait' | 'go' | 'home' | 'stop'
}

const PHASE_WORDS = { free: 'Coming down', ramp: 'Taking hold', slide: 'Sliding', home: 'Home' } as const

/**
 * What a run says as far as it has come; a fault or home says stop.
 * @param overN - what the press may be brought to, where it was brought further; null else
 */
export function pressCue(reading: PressReading | null, overN: number | null = null): PressCue {
  if (overN !== null) return { words: `Stop: over the press’s ${overN} N`, kind: 'stop' }
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
