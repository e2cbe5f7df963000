import type { DieOutcome } from '@/core/dies/pressInDies'
import type { StockCrystal, StockGasket } from '@/core/fit/parts'
import { betweenStepsOf } from '@/core/fit/shortlist'
import type { StockIndex } from '@/core/fit/stockIndex'
import type { DieProfile } from '@/core/dies/dieProfile'
import { asPlanned, crystalInDies } from '@/core/press/plan/crystalInWork'
import type { ExpectedForce } from '@/core/press/plan/expectedForce'
import { forceRestsOn } from '@/core/press/plan/expectedForce'
import { blamedDies, lessonsOf } from '@/core/press/plan/lessons'
import type { PressPlan } from '@/core/press/plan/pressPlan'
import { pressPlan } from '@/core/press/plan/pressPlan'
import { crystalInForce, homeForces } from '@/core/press/plan/ringForce'
import type { PressAdvice } from '@/core/press/plan/whichPress'
import { whichPress } from '@/core/press/plan/whichPress'
import type { RingForce } from '@/data/queries/ringForces'
import type { LayWords } from '@/core/level/layWords'
import type { PressLean } from '@/core/level/pressLean'
import { againstPair, judgePair } from '@/core/tray/judgePair'
import type { PickEvidence } from '@/core/tray/PickEvidence'
import { againstPress } from '@/core/stages/inOrder'
import { figuresOf } from '@/core/stages/onOtherFigures'
import { openOf } from '@/core/stages/StageState'
import type { PickedParts } from '@/data/queries/picks'
import type { DrawersInMemory } from '../drawers/drawersInMemory'
import type { LastTime } from './lastTime'
import type { OpenedCase } from './openTrayCases'
import { pressCaseOf } from './pressCase'
import { standingOrder } from './recordTrail'
import type { PressRunView } from './pressRunView'
import { pressRunView } from './pressRunView'
import { ANY_PRESS, diesToMake } from './pressWorks'
import { laysFirst } from './rimView'

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
  /** why it is not its turn yet, in words; null where it is */
  readonly notYet: string | null
  /** null where the crystal goes in by hand */
  readonly pusher: DieOutcome | null
  readonly support: DieOutcome | null
  /** dies the shop has not, as they would be turned or printed */
  readonly toMake: readonly DieProfile[]
  /** by press; by 0 where the shop has none */
  readonly plans: Readonly<Record<number, PressPlan>>
  readonly advice: PressAdvice
  readonly runs: readonly PressRunView[]
  /** how to lay the case for its first push, by press */
  readonly lays: Readonly<Record<number, LayWords>>
  /** what failed on this case before and is to be minded, in words */
  readonly lessons: readonly string[]
  /** what the press will ask; null where nothing tells */
  readonly force: ExpectedForce | null
  /** what that rests on, in words */
  readonly forceRestsOn: string
}

interface OfShop {
  readonly leans: ReadonlyMap<number, PressLean>
  /** what rings asked in every case */
  readonly ringForces: readonly RingForce[]
}

/**
 * @param drawers - with all dies there are in the shop
 * @returns null while nothing is picked
 */
export function pressCard(
  opened: OpenedCase,
  lastTime: LastTime | null,
  { index, dies, leans, ringForces }: Pick<DrawersInMemory, 'index' | 'dies'> & OfShop,
): PressCard | null {
  const { kept, now } = opened
  if (!kept.picked) return null
  const { presses } = kept
  const { pick, crystal, gasket, bezelGasket } = kept.picked
  const pressCase = pressCaseOf(
    opened,
    dies.filter(({ quantity }) => quantity > 0),
  )
  const fitting = crystalInDies(pressCase, crystal, pressCase.picked?.openingMm ?? crystal.diameterMm)
  const blamed = blamedDies(kept.pastRuns)
  const pusher = preferLast(withoutBlamed(fitting.pusher, blamed), lastTime?.pusherId, blamed)
  const support = preferLast(fitting.support, lastTime?.supportId, [])
  const crystalDies = asPlanned({ pusher, support }, now.sheet)
  const hold = 'hold' in pick.evidence ? pick.evidence.hold : null
  const ofKind = ringForces
    .filter((run) => run.material === gasket?.material && run.caseSheetId !== kept.sheet.id)
    .map(({ overFigures }) => overFigures)
  const force = crystalInForce({ crystal, gasket, hold }, kept.pastRuns, ofKind)
  const withForce = homeForces(kept.pastRuns).length
  return {
    pickId: pick.id,
    pickedAt: pick.pickedAt.toISOString(),
    crystal,
    gasket,
    bezelGasket,
    evidence: pick.evidence,
    againstNow: [...pickedOnOthers(opened), ...againstNow(opened, kept.picked, index)],
    notYet: againstPress('crystal-in', standingOrder(opened)),
    pusher,
    support,
    toMake: diesToMake(crystalDies),
    plans: Object.fromEntries(
      (presses.length > 0 ? presses : [ANY_PRESS]).map((press) => [
        press.id,
        pressPlan(pressCase, 'crystal-in', { press, force, crystalDies }),
      ]),
    ),
    advice: whichPress('crystal-in', presses),
    lessons: lessonsOf(kept.pastRuns),
    force,
    forceRestsOn: forceRestsOn('crystal-in', force, withForce),
    lays: laysFirst(presses, leans),
    runs: kept.pressRuns.map((run) => pressRunView(run, { presses, dies })),
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

/** A die that a failure here was put down to comes last among those that suit. */
function withoutBlamed(outcome: DieOutcome | null, blamed: readonly number[]): DieOutcome | null {
  if (!outcome?.ok || blamed.length === 0) return outcome
  const choices = [outcome.best, ...outcome.alternatives]
  const isBlamed = ({ die }: (typeof choices)[number]) => blamed.includes(die.id)
  const [best = outcome.best, ...alternatives] = [
    ...choices.filter((choice) => !isBlamed(choice)),
    ...choices.filter(isBlamed),
  ]
  return { ok: true, best, alternatives }
}

/** What was used last time on this case comes first when it is among the dies that suit. */
function preferLast(
  outcome: DieOutcome | null,
  lastId: number | null | undefined,
  blamed: readonly number[],
): DieOutcome | null {
  if (!outcome?.ok || lastId === undefined || lastId === null || blamed.includes(lastId)) return outcome
  const choices = [outcome.best, ...outcome.alternatives]
  const last = choices.find((choice) => choice.die.id === lastId)
  if (!last) return outcome
  return {
    ok: true,
    best: { die: last.die, reasons: ['as last time', ...last.reasons] },
    alternatives: choices.filter((choice) => choice !== last),
  }
}
