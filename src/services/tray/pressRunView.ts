import type { PressVerdict } from '@/core/press-run/PressReading'
import type { TraceSource } from '@/core/press-run/PressTrace'
import type { PressFeel } from '@/core/press/pressOutcomes'
import type { pressRuns } from '@/data/schema'

/** A press that was logged, as its tray shows it. */
export interface PressRunView {
  readonly id: number
  readonly ranAt: string
  /** press and dies; null where it went by hand */
  readonly press: string | null
  readonly pusherId: number | null
  readonly supportId: number | null
  readonly pusher: string | null
  readonly support: string | null
  readonly quarterTurns: number
  /** null where nobody said */
  readonly leftHour: number | null
  readonly feel: PressFeel | null
  /** what its cell's readings were read as; null without a cell */
  readonly verdict: PressVerdict | null
  /** null without a cell */
  readonly cell: TraceSource | null
  /** the readings of its cell are kept */
  readonly hasTrace: boolean
  readonly cause: string | null
  readonly peakForceN: number | null
  readonly slideForceN: number | null
  readonly travelMm: number | null
  readonly cushion: string
  readonly outcome: string
  readonly note: string
}

type KeptRun = Omit<typeof pressRuns.$inferSelect, 'trace' | 'trayId' | 'pickId' | 'work'> & {
  readonly hasTrace: boolean
}

interface Named {
  readonly presses: readonly { readonly id: number; readonly name: string }[]
  readonly dies: readonly { readonly id: number; readonly code: string }[]
}

/** @param dies - all there are, with those the shop has no more of */
export function pressRunView(run: KeptRun, { presses, dies }: Named): PressRunView {
  const codeOf = (id: number | null) => dies.find((die) => die.id === id)?.code ?? null
  const { id, pusherId, supportId, quarterTurns, leftHour, feel, verdict, cell, hasTrace, cause } = run
  const { peakForceN, slideForceN, travelMm, cushion, outcome, note } = run
  return {
    ...{ id, pusherId, supportId, quarterTurns, leftHour, feel, verdict, cell, hasTrace, cause },
    ...{ peakForceN, slideForceN, travelMm, cushion, outcome, note },
    ranAt: run.ranAt.toISOString(),
    press: presses.find((press) => press.id === run.pressId)?.name ?? null,
    pusher: codeOf(pusherId),
    support: codeOf(supportId),
  }
}
