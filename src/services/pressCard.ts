import type { Die } from '@/core/dies/Die'
import type { DieOutcome } from '@/core/dies/pressInDies'
import { pressInPusher, pressInSupport } from '@/core/dies/pressInDies'
import type { CaseFacts } from '@/core/fit/CaseFacts'
import type { StockCrystal, StockGasket } from '@/core/fit/parts'
import type { PressKind, PressPlan } from '@/core/press/pressPlan'
import { pressPlan } from '@/core/press/pressPlan'
import { standingHazards } from '@/core/tray/hazards'
import type { PickEvidence } from '@/core/tray/PickEvidence'
import type { Db } from '@/data/client'
import { latestPick, pressRunsOfTray } from '@/data/queries/picks'
import { crystalById, gasketById } from '@/data/queries/stock'
import type { Press } from '@/data/queries/tools'
import { allDies, allPresses } from '@/data/queries/tools'
import type { TrayRow } from '@/data/queries/trays'
import type { LastTime } from './lastTime'

export interface PressRunView {
  readonly id: number
  readonly ranAt: string
  readonly press: string
  readonly pusher: string
  readonly support: string
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
  readonly gasket: StockGasket
  readonly evidence: PickEvidence
  readonly pusher: DieOutcome
  readonly support: DieOutcome
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
): Promise<PressCard | null> {
  const pick = await latestPick(db, tray.id)
  if (!pick) return null
  const [crystal, gasket, dies, presses, runs] = await Promise.all([
    crystalById(db, pick.crystalId),
    gasketById(db, pick.gasketId),
    allDies(db),
    allPresses(db),
    pressRunsOfTray(db, tray.id),
  ])
  if (!crystal || !gasket) throw new Error(`pick ${pick.id}: its crystal or gasket is gone from the drawers`)

  const topRiseMm = crystal.undersideRiseMm + crystal.centreThicknessMm - crystal.edgeThicknessMm
  const pusher = preferLast(
    pressInPusher(dies, { diameterMm: crystal.diameterMm, topRiseMm }),
    lastTime?.pusherId,
  )
  const boreMm = facts?.bore.valueMm ?? pick.evidence.bore.valueMm
  const support = preferLast(
    pressInSupport(dies, {
      boreMm,
      caseDiameterMm: sheet.caseDiameterMm ?? boreMm + ASSUMED_CASE_OVER_BORE_MM,
    }),
    lastTime?.supportId,
  )
  const glassSplinters = standingHazards(
    {
      ...tray,
      crystalMaterial: tray.foundMaterial ?? sheet.crystalMaterial,
      movementKind: sheet.movementKind,
      stage: 'press-in',
    },
    {},
  ).some((hazard) => hazard.id === 'glass-splinters')
  const codeOf = (id: number) => dies.find((die) => die.id === id)?.code ?? '?'
  return {
    pickId: pick.id,
    pickedAt: pick.pickedAt.toISOString(),
    crystal,
    gasket,
    evidence: pick.evidence,
    pusher,
    support,
    plans:
      pusher.ok && support.ok
        ? plansFor({
            pusher: pusher.best.die,
            support: support.best.die,
            bevelMm: crystal.bevelMm,
            glassSplinters,
          })
        : null,
    presses,
    dies,
    runs: runs.map((run) => ({
      id: run.id,
      ranAt: run.ranAt.toISOString(),
      press: presses.find((p) => p.id === run.pressId)?.name ?? '?',
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

/** A case nobody measured is taken to be this much wider than its bore, mm: the usual wall of a wrist case. From memory. */
export const ASSUMED_CASE_OVER_BORE_MM = 7

/** What was used last time on this case comes first when it is among the dies that suit. */
function preferLast(outcome: DieOutcome, lastId: number | undefined): DieOutcome {
  if (!outcome.ok || lastId === undefined) return outcome
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
