import type { PressPoint } from '@/core/press-run/PressPoint'

export interface PressListener {
  readonly onPoints: (points: readonly PressPoint[]) => void
  /** the hand has stopped: nothing more will come of this run */
  readonly onEnd: () => void
  /** nothing more will come; a sentence why */
  readonly onTrouble: (message: string) => void
}

/** Where a press's readings come from: a simulated cell, or a real one over the bridge. */
export interface PressFeed {
  /** @returns stops listening */
  listen(listener: PressListener): () => void
}
