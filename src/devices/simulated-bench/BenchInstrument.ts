import type { ReadingTarget } from '@/core/readings/readingPlan'

/** An instrument with a data key, real or simulated: held at a place, it sends one line of text a key press. */
export interface BenchInstrument {
  /** @returns the line as sent, e.g. `+0030.02 mm`; null when there is nothing to hold it against */
  send(at: ReadingTarget): string | null
}
