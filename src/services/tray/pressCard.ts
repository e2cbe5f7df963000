import type { Die } from '@/core/dies/Die'
import type { DieOutcome } from '@/core/dies/pressInDies'
import { fittingDies, openingOf } from '@/core/dies/fittingDies'
import type { CaseFacts } from '@/core/fit/CaseFacts'
import type { StockCrystal, StockGasket } from '@/core/fit/parts'
import type { PressKind, PressPlan } from '@/core/press/pressPlan'
import { pressPlan } from '@/core/press/pressPlan'
import { standingHazards } from '@/core/tray/hazards'
import type { PickEvidence } from '@/core/tray/PickEvidence'
import { boreOfPick } from '@/core/tray/PickEvidence'
import type { Db } from '@/data/client'
import { latestPick, pressRunsOfTray } from '@/data/queries/picks'
import { crystalById, gasketById } from '@/data/queries/stock'
import type { Press } from '@/data/queries/tools'
import { allPresses } from '@/data/queries/tools'
import type { TrayRow } from '@/data/queries/trays'
import type { LastTime } from './lastTime'

export interface PressRunView {
  readonly id: number
  readonly ranAt: string
  /** press and dies; null where it went in by hand */
  readonly press: string | null
  readonly pusher: string | null
  readonly support: string | null
  readonly quarterTurns: number
  readonly peakForceN: number | null
  readonly travelMm: number | null
  readonly outcome: string
  readonly note: string
}

/** The plan for pressing the picked pair, and what was done with it. */
export interface PressCard {
  readonly pickId: number
  readonly pickedAt: string
  readonly crystal: StockCrystal
  /** null where no ring goes with the crystal */
  readonly gasket: StockGasket | null
  /** the second ring of a removable bezel */
  readonly bezelGasket: StockGasket | null
  readonly evidence: PickEvidence
  /** null where the crystal goes in by hand */
  readonly pusher: DieOutcome | null
  readonly support: DieOutcome | null
  /** by press kind; null while a die is missing */
  readonly plans: Readonly<Record<PressKind, PressPlan>> | null
  readonly presses: readonly Press[]
  readonly dies: readonly Die[]
  readonly runs: readonly PressRunView[]
}

/** @returns null while nothing is picked */
export async function pressCard(
  db: Db,
  { tray, sheet }: TrayRow,
  facts: CaseFacts | null,
  lastTime: LastTime | null,
  dies: readonly Die[],
): Promise<PressCard | null> {
  const pick = await latestPick(db, tray.id)
  if (!pick) return null
  const ring = async (id: number | null) => (id === null ? null : ((await gasketById(db, id)) ?? null))
  const [crystal, gasket, bezelGasket, presses, runs] = await Promise.all([
    crystalById(db, pick.crystalId),
    ring(pick.gasketId),
    ring(pick.bezelGasketId),
    allPresses(db),
    pressRunsOfTray(db, tray.id),
  ])
  if (!crystal) throw new Error(`pick ${pick.id}: its crystal is gone from the drawers`)

  const openingMm = facts ? openingOf(facts) : (boreOfPick(pick.evidence) ?? crystal.diameterMm)
  const there = dies.filter(({ quantity }) => quantity > 0)
  const fitting = fittingDies(there, crystal, sheet, openingMm)
  const pusher = preferLast(fitting.pusher, lastTime?.pusherId)
  const support = preferLast(fitting.support, lastTime?.supportId)
  const glassSplinters = standingHazards(
    {
      ...tray,
      crystalMaterial: tray.foundMaterial ?? sheet.crystalMaterial,
      movementKind: sheet.movementKind,
      stage: 'press-in',
    },
    {},
  ).some((hazard) => hazard.id === 'glass-splinters')
  const codeOf = (id: number | null) => dies.find((die) => die.id === id)?.code ?? null
  return {
    pickId: pick.id,
    pickedAt: pick.pickedAt.toISOString(),
    crystal,
    gasket,
    bezelGasket,
    evidence: pick.evidence,
    pusher,
    support,
    plans:
      pusher?.ok !== false && support?.ok !== false
        ? plansFor({
            retention: sheet.retention,
            pusher: pusher?.best.die ?? null,
            support: support?.best.die ?? null,
            bevelMm: crystal.bevelMm,
            ringed: gasket !== null,
            glassSplinters,
          })
        : null,
    presses,
    dies: there,
    runs: runs.map((run) => ({
      id: run.id,
      ranAt: run.ranAt.toISOString(),
      press: presses.find((p) => p.id === run.pressId)?.name ?? null,
      pusher: codeOf(run.pusherId),
      support: codeOf(run.supportId),
      quarterTurns: run.quarterTurns,
      peakForceN: run.peakForceN,
      travelMm: run.travelMm,
      outcome: run.outcome,
      note: run.note,
    })),
  }
}

/** What was used last time on this case comes first when it is among the dies that suit. */
function preferLast(outcome: DieOutcome | null, lastId: number | null | undefined): DieOutcome | null {
  if (!outcome?.ok || lastId === undefined || lastId === null) return outcome
  const choices = [outcome.best, ...outcome.alternatives]
  const last = choices.find((choice) => choice.die.id === lastId)
  if (!last) return outcome
  return {
    ok: true,
    best: { die: last.die, reasons: ['as last time', ...last.reasons] },
    alternatives: choices.filter((choice) => choice !== last),
  }
}

function plansFor(facts: Omit<Parameters<typeof pressPlan>[0], 'pressKind'>): Record<PressKind, PressPlan> {
  return {
    lever: pressPlan({ ...facts, pressKind: 'lever' }),
    screw: pressPlan({ ...facts, pressKind: 'screw' }),
  }
}
