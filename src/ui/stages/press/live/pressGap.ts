import { useSyncExternalStore } from 'react'

/** How a crystal and its pusher stand while a run goes on, mm above where they come home. */
export interface PressGap {
  readonly crystalMm: number
  readonly pusherMm: number
}

let gap: PressGap | null = null
const listeners = new Set<() => void>()

/** Told by the run, as its readings come; null once there is none. */
export function tellPressGap(now: PressGap | null): void {
  gap = now
  for (const listener of listeners) listener()
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** For the drawing beside the run: it moves with it, and nothing else is drawn anew. */
export function usePressGap(): PressGap | null {
  return useSyncExternalStore(
    subscribe,
    () => gap,
    () => null,
  )
}

/** Way a crystal goes down in its ring where neither this case's good runs nor the run itself tell, mm. From memory. */
const USUAL_WAY_MM = 0.8

/**
 * The crystal stays where it was pressed when the pusher goes up again.
 * @param deepestMm - how far the pusher has been
 * @param contactMm - travel at which the pusher meets the crystal
 * @param wayMm - from there to home; null where nothing tells
 */
export function gapAt(
  travelMm: number,
  deepestMm: number,
  contactMm: number,
  wayMm: number | null,
): PressGap {
  const way = wayMm ?? USUAL_WAY_MM
  const over = (atMm: number) => Math.max(0, contactMm + way - atMm)
  return { pusherMm: over(travelMm), crystalMm: Math.min(over(deepestMm), way) }
}
