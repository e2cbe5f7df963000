import type { Die } from '@/core/dies/Die'
import type { DieOutcome } from '@/core/dies/pressInDies'
import { fittingDies } from '@/core/dies/fittingDies'
import type { StockCrystal, StockGasket } from '@/core/fit/parts'
import { betweenStepsOf } from '@/core/fit/shortlist'
import type { StockIndex } from '@/core/fit/stockIndex'
import type { PressPlan } from '@/core/press/pressPlan'
import type { PressKind } from '@/core/press/PressStep'
import { pressPlan } from '@/core/press/pressPlan'
import type { LayWords } from '@/core/level/layWords'
import type { PressLean } from '@/core/level/pressLean'
import type { PressVerdict } from '@/core/press-run/PressReading'
import type { PressRunPolicy } from '@/core/press-run/pressRunPolicy'
import type { ForeseenForce } from '@/core/tray/pastFigures'
import { foreseenForce } from '@/core/tray/pastFigures'
import { figureOf } from '@/core/tray/caseFigures'
import { againstPair, judgePair } from '@/core/tray/judgePair'
import { leavesSplinters } from '@/core/tray/hazards'
import type { PickEvidence } from '@/core/tray/PickEvidence'
import { figuresOf } from '@/core/stages/onOtherFigures'
import { openOf } from '@/core/stages/StageState'
import { boreOfPick } from '@/core/tray/PickEvidence'
import type { PickedParts } from '@/data/queries/picks'
import type { Press } from '@/data/queries/tools'
import type { DrawersInMemory } from '../drawers/drawersInMemory'
import type { LastTime } from './lastTime'
import type { OpenedCase } from './openTrayCases'
import { laysFirst } from './rimView'

export interface PressRunView {
  readonly id: number
  readonly ranAt: string
  /** press and dies; null where it went in by hand */
  readonly press: string | null
  readonly pusherId: number | null
  readonly supportId: number | null
  readonly pusher: string | null
  readonly support: string | null
  readonly quarterTurns: number
  /** null where nobody said */
  readonly leftHour: number | null
  readonly feel: string | null
  /** what its cell's readings were read as; null without a cell */
  readonly verdict: PressVerdict | null
  /** the readings of its cell are kept */
  readonly hasTrace: boolean
  readonly cause: string | null
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
  /** what speaks against it as the case stands now, in words; empty where nothing does or nothing can be told */
  readonly againstNow: readonly string[]
  /** null where the crystal goes in by hand */
  readonly pusher: DieOutcome | null
  readonly support: DieOutcome | null
  /** the support was judged by a case diameter nobody knows */
  readonly caseAssumed: boolean
  /** by press kind */
  readonly plans: Readonly<Record<PressKind, PressPlan>>
  readonly presses: readonly Press[]
  readonly dies: readonly Die[]
  readonly runs: readonly PressRunView[]
  /** how to lay the case for its first push, by press */
  readonly lays: Readonly<Record<number, LayWords>>
  /** limits a run's readings are judged by */
  readonly runPolicy: PressRunPolicy
  /** what the press will ask; null where no ring is squeezed */
  readonly force: ForeseenForce | null
}

/**
 * @param drawers - with all dies there are in the shop
 * @returns null while nothing is picked
 */
export function pressCard(
  opened: OpenedCase,
  lastTime: LastTime | null,
  {
    index,
    dies,
    leans,
  }: Pick<DrawersInMemory, 'index' | 'dies'> & { readonly leans: ReadonlyMap<number, PressLean> },
): PressCard | null {
  const { kept, now, facts, rules } = opened
  if (!kept.picked) return null
  const { presses } = kept
  const { pick, crystal, gasket, bezelGasket } = kept.picked
  const { sheet, readout } = now
  const openingMm = readout.seat.ok
    ? readout.seat.seat.opening.valueMm
    : (boreOfPick(pick.evidence) ?? crystal.diameterMm)
  const there = dies.filter(({ quantity }) => quantity > 0)
  const bezelOuterMm = figureOf('bezel-outer', readout.measured, sheet)?.valueMm ?? null
  const fitting = fittingDies(there, crystal, { ...sheet, bezelOuterMm }, openingMm, rules.policy.die)
  const pusher = preferLast(fitting.pusher, lastTime?.pusherId)
  const support = preferLast(fitting.support, lastTime?.supportId)
  const codeOf = (id: number | null) => dies.find((die) => die.id === id)?.code ?? null
  return {
    pickId: pick.id,
    pickedAt: pick.pickedAt.toISOString(),
    crystal,
    gasket,
    bezelGasket,
    evidence: pick.evidence,
    againstNow: [...pickedOnOthers(opened), ...againstNow(opened, kept.picked, index)],
    pusher,
    support,
    caseAssumed: support !== null && sheet.caseDiameterMm === null,
    plans: plansFor({
      retention: sheet.retention,
      pusher: pusher?.ok ? pusher.best.die : null,
      support: support?.ok ? support.best.die : null,
      bevelMm: crystal.bevelMm,
      ringed: gasket !== null,
      glassSplinters: leavesSplinters(facts),
    }),
    force: foreseenForce(crystal, gasket, 'hold' in pick.evidence ? pick.evidence.hold : null, kept.pastRuns),
    presses,
    runPolicy: rules.policy.pressRun,
    lays: laysFirst(presses, leans),
    dies: there,
    runs: kept.pressRuns.map((run) => ({
      id: run.id,
      ranAt: run.ranAt.toISOString(),
      press: presses.find((p) => p.id === run.pressId)?.name ?? null,
      pusherId: run.pusherId,
      supportId: run.supportId,
      pusher: codeOf(run.pusherId),
      support: codeOf(run.supportId),
      quarterTurns: run.quarterTurns,
      leftHour: run.leftHour,
      feel: run.feel,
      verdict: run.verdict,
      hasTrace: run.hasTrace,
      cause: run.cause,
      peakForceN: run.peakForceN,
      travelMm: run.travelMm,
      outcome: run.outcome,
      note: run.note,
    })),
  }
}

/** The figures it was picked on are others now, and nobody said that it stays. */
function pickedOnOthers({ stages }: OpenedCase): readonly string[] {
  const open = stages.flatMap(openOf).filter(({ subject }) => subject === figuresOf('pick'))
  return open.map((demand) => demand.open)
}

/** A pair that no longer suits is told where it is pressed: figures go on coming after a pick. */
function againstNow(opened: OpenedCase, picked: PickedParts, index: StockIndex): readonly string[] {
  const { seat } = opened.now.readout
  if (!seat.ok) return []
  const between = betweenStepsOf(index, seat.seat, opened.rules.policy.fit)
  const pair = judgePair(picked, seat.seat, between, opened)
  return pair ? againstPair(pair) : ['the case does not take such parts any more']
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
