import type { InstrumentFeed, SentLine } from './InstrumentFeed'

/** Passes lines of real instruments on to whoever listens; the place does not matter, the technician holds it. */
export interface BridgeFeed extends InstrumentFeed {
  /** @returns how many heard it */
  send(sent: SentLine): number
}

export function bridgeFeed(): BridgeFeed {
  const listeners = new Set<(sent: SentLine) => void>()
  return {
    listen(_at, { onLine }) {
      // A listener of its own each time: the same callback twice would count once.
      const hear = (sent: SentLine) => onLine(sent)
      listeners.add(hear)
      return () => listeners.delete(hear)
    },
    send(sent) {
      for (const hear of listeners) hear(sent)
      return listeners.size
    },
  }
}
