import type { FitWishes } from '../fit/FitWishes'
import type { PressOutcome } from '../press/pressPlan'
import type { SizeHistory } from '../verdict/SizeEvidence'

/** A press run on the same case sheet, on another tray; the list is newest first. */
export interface PastRun {
  readonly trayId: number
  readonly outcome: PressOutcome
  readonly crystalId: number
  readonly crystalDiameterMm: number
  readonly gasketId: number | null
}

/** How often each size went home in this case before: one count a tray. */
export function sizeHistory(runs: readonly PastRun[]): SizeHistory[] {
  const traysBySize = new Map<number, Set<number>>()
  for (const run of runs.filter((r) => r.outcome === 'home')) {
    const trays = traysBySize.get(run.crystalDiameterMm) ?? new Set()
    traysBySize.set(run.crystalDiameterMm, trays.add(run.trayId))
  }
  return [...traysBySize].map(([sizeMm, trays]) => ({ sizeMm, count: trays.size }))
}

/** The pair that went home last, and how often it has; null when none ever did. */
export function lastTimePair(runs: readonly PastRun[]): FitWishes['lastTime'] {
  const last = runs.find((r) => r.outcome === 'home')
  if (!last) return null
  const same = runs.filter(
    (r) => r.outcome === 'home' && r.crystalId === last.crystalId && r.gasketId === last.gasketId,
  )
  return {
    crystalId: last.crystalId,
    gasketId: last.gasketId,
    successes: new Set(same.map((r) => r.trayId)).size,
  }
}
