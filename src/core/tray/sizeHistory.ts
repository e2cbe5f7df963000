import type { FitWishes, PastPair } from '../fit/FitWishes'
import { speaksAgainstPair } from '../press/plan/lessons'
import type { FailureCause, PressOutcome } from '../press/pressOutcomes'
import type { SizeHistory } from '../verdict/SizeEvidence'

/** A press run on the same case sheet, on another tray; the list is newest first. */
export interface PastRun {
  readonly trayId: number
  readonly outcome: PressOutcome
  /** what a failure was put down to; null for others, and where nobody was asked */
  readonly cause: FailureCause | null
  /** null for a piece's own crystal that went back */
  readonly crystalId: number | null
  readonly crystalDiameterMm: number
  /** null where no ring of a drawer went in */
  readonly gasketId: number | null
  /** its own crystal or its own ring went back */
  readonly ofOwn: boolean
  /** what held it, as the pick kept it in words; null where it was not kept */
  readonly hold: string | null
  /** N; null where the press has no gauge */
  readonly peakForceN: number | null
  /** N that it slid at, where the press's cell told; the peak is that of a hand that has come home */
  readonly slideForceN: number | null
}

/** How often each size went home in this case before: one count a tray. */
export function sizeHistory(runs: readonly PastRun[]): SizeHistory[] {
  const traysBySize = new Map<number, Set<number>>()
  for (const run of runs.filter((r) => r.outcome === 'home')) {
    const sizeMm = run.crystalId === null ? soldSizeMm(run.crystalDiameterMm) : run.crystalDiameterMm
    const trays = traysBySize.get(sizeMm) ?? new Set()
    traysBySize.set(sizeMm, trays.add(run.trayId))
  }
  return [...traysBySize].map(([sizeMm, trays]) => ({ sizeMm, count: trays.size }))
}

/** Crystals are sold by tenths of a millimetre: one that was read at 29.97 was made as 30.0. Common practice. */
function soldSizeMm(readMm: number): number {
  return Math.round(readMm * 10) / 10
}

/** What was pressed from the drawers alone: own parts say nothing of another piece's. */
function ofDrawers(runs: readonly PastRun[]): (PastRun & { readonly crystalId: number })[] {
  return runs.flatMap((run) =>
    run.crystalId === null || run.ofOwn ? [] : [{ ...run, crystalId: run.crystalId }],
  )
}

/** The pair that went home last, and how often it has; null when none ever did. */
export function lastTimePair(runs: readonly PastRun[]): FitWishes['lastTime'] {
  const pressed = ofDrawers(runs)
  const last = pressed.find((r) => r.outcome === 'home')
  if (!last) return null
  const same = pressed.filter(
    (r) => r.outcome === 'home' && r.crystalId === last.crystalId && r.gasketId === last.gasketId,
  )
  return {
    crystalId: last.crystalId,
    gasketId: last.gasketId,
    successes: new Set(same.map((r) => r.trayId)).size,
  }
}

/** How every pair fared that was pressed here before: one count a run, but for what is not the sizes' fault. */
export function pastPairs(runs: readonly PastRun[]): PastPair[] {
  const pairs = new Map<
    string,
    { crystalId: number; gasketId: number | null; good: number; failed: number }
  >()
  for (const { crystalId, gasketId, outcome, cause } of ofDrawers(runs)) {
    const key = `${crystalId} ${gasketId}`
    const pair = pairs.get(key) ?? { crystalId, gasketId, good: 0, failed: 0 }
    pairs.set(key, pair)
    if (outcome === 'home') pair.good++
    else if (speaksAgainstPair({ outcome, cause })) pair.failed++
  }
  return [...pairs.values()]
}
