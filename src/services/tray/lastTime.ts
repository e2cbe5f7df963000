import type { SheetPressRun } from '@/data/queries/caseSheets'

/** The last pressing on this case sheet that went home, and how the sheet has fared. */
export interface LastTime {
  readonly trayNumber: number
  readonly ranAt: string
  readonly crystal: string
  /** null where none goes with the crystal */
  readonly gasket: string | null
  /** press and dies; null where it went in by hand */
  readonly press: string | null
  readonly pressId: number | null
  readonly pusherId: number | null
  readonly supportId: number | null
  readonly pusher: string | null
  readonly quarterTurns: number
  readonly cushion: string
  readonly peakForceN: number | null
  readonly outcome: string
  readonly note: string
  readonly runsHome: number
  readonly runs: number
}

/** @param pastRuns - press runs of other trays of the sheet, newest first */
export function lastTimeOf(pastRuns: readonly SheetPressRun[]): LastTime | null {
  const last = pastRuns.find((run) => run.outcome === 'home')
  if (!last) return null
  return {
    trayNumber: last.trayNumber,
    ranAt: last.ranAt.toISOString(),
    crystal: last.crystalCode,
    gasket: last.gasketCode,
    press: last.pressName,
    pressId: last.pressId,
    pusherId: last.pusherId,
    supportId: last.supportId,
    pusher: last.pusherCode,
    quarterTurns: last.quarterTurns,
    cushion: last.cushion,
    peakForceN: last.peakForceN,
    outcome: last.outcome,
    note: last.note,
    runsHome: pastRuns.filter((run) => run.outcome === 'home').length,
    runs: pastRuns.length,
  }
}
