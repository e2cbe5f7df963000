import type { FitWishes, PastPair } from '../fit/FitWishes'
import type { PressOutcome } from '../press/pressPlan'
import type { SizeHistory } from '../verdict/SizeEvidence'

/** A press run on the same case sheet, on another tray; the list is newest first. */
export interface PastRun {
  readonly trayId: number
  readonly outcome: PressOutcome
  readonly crystalId: number
  readonly crystalDiameterMm: number
  readonly gasketId: number | null
  /** what held it, as the pick kept it in words; null where it was not kept */
  readonly hold: string | null
  /** N; null where the press has no gauge */
  readonly peakForceN: number | null
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

/** How every pair fared that was pressed here before: one count a run. */
export function pastPairs(runs: readonly PastRun[]): PastPair[] {
  const pairs = new Map<
    string,
    { crystalId: number; gasketId: number | null; good: number; failed: number }
  >()
  for (const { crystalId, gasketId, outcome } of runs) {
    const key = `${crystalId} ${gasketId}`
    const pair = pairs.get(key) ?? { crystalId, gasketId, good: 0, failed: 0 }
    pairs.set(key, pair)
    if (outcome === 'home') pair.good++
    else pair.failed++
  }
  return [...pairs.values()]
}
