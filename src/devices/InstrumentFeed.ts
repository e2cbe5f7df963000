import type { ReadingTarget } from '@/core/readings/readingPlan'

/** Where an instrument is being held. */
export interface HoldPlace extends ReadingTarget {
  readonly trayId: number
}

/** One press of a data key. */
export interface SentLine {
  /** as sent, e.g. `+0030.02 mm` */
  readonly line: string
  readonly instrumentId: number
}

export interface FeedListener {
  readonly onLine: (sent: SentLine) => void
  /** nothing more will come; a sentence why */
  readonly onTrouble: (message: string) => void
}

/** Where lines come from: simulated instruments, or real ones over the bridge. A tray's page listens to either alike. */
export interface InstrumentFeed {
  /** @returns stops listening */
  listen(at: HoldPlace, listener: FeedListener): () => void
}
