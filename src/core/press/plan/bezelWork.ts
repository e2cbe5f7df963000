import { isPressedOn, turns } from '../../construction/kinds'
import type { BezelKind } from '../../construction/kinds'
import type { Die } from '../../dies/Die'
import { bezelPusher } from '../../dies/bezelDies'
import { bezelOuterOrUsual, caseDiameterOrUsual } from '../../dies/fittingDies'
import { pressInSupport } from '../../dies/pressInDies'
import type { DiePolicy } from '../../dies/diePolicy'
import type { PressStep } from '../PressStep'
import { crystalThen } from './crystalByThen'
import type { CrystalThen } from './crystalByThen'
import type { PlannedDie } from './PlannedDie'
import type { KnownForDies, PressCase } from './PressCase'
import { ORIGIN_WORDS } from './PressCase'
import { whatToSpare } from './whatToSpare'
import type { WorkPlan } from './WorkPlan'

interface BezelledSheet {
  readonly bezelKind: BezelKind
  readonly caseDiameterMm: number | null
  readonly bezelOuterMm: number | null
}

/** The die that presses a bezel on; null where its bezel is not pressed. What is not known yet is asked for. */
export function bezelOnPusher(
  sheet: BezelledSheet,
  dies: readonly Die[],
  known: Pick<KnownForDies, 'bezelOuter'>,
  crystal: CrystalThen | null,
): PlannedDie | null {
  if (!isPressedOn(sheet.bezelKind)) return null
  if (crystal === null)
    return {
      role: 'pusher',
      outcome: null,
      ask: 'on the bezel only, 0.5 wider inside than the crystal: read the crystal across',
    }
  const outcome = bezelPusher(dies, {
    crystalMm: crystal.mm,
    bezelOuterMm: known.bezelOuter?.valueMm ?? bezelOuterOrUsual(sheet, crystal.mm),
    crystalAboveMm: crystal.domeMm,
  })
  const outside = ORIGIN_WORDS[known.bezelOuter?.origin ?? 'assumed']
  return { role: 'pusher', outcome, by: `crystal ${crystal.words}, bezel outside ${outside}` }
}

function bezelOnSupport(
  { sheet, dies, picked }: PressCase,
  crystal: CrystalThen | null,
  policy: DiePolicy,
): PlannedDie {
  const openingMm = picked?.openingMm ?? crystal?.mm ?? null
  if (openingMm === null)
    return {
      role: 'support',
      outcome: null,
      ask: 'under the case, clear of crown and pushers: read the crystal across',
    }
  const watchCase = {
    boreMm: openingMm,
    caseDiameterMm: caseDiameterOrUsual(sheet, openingMm),
    lies: 'case' as const,
  }
  return {
    role: 'support',
    outcome: pressInSupport(dies, watchCase, policy),
    by: sheet.caseDiameterMm === null ? 'case diameter assumed' : '',
  }
}

/** Pressing a bezel on: light, to be corrected as often as it takes, then final, once. Common practice. */
export function bezelWork(pressCase: PressCase, fit: 'light' | 'final'): WorkPlan {
  const { sheet, dies, known, policy } = pressCase
  const then = crystalThen(pressCase)
  const pusher = bezelOnPusher(sheet, dies, known, then)
  return {
    work: fit === 'light' ? 'bezel-light' : 'bezel-final',
    presses: 'the bezel only: its opening is larger than the crystal',
    restsOn: 'the case, clear of crown and pushers',
    spare: whatToSpare(pressCase, ['crystal', 'magnifier', 'dome', 'insert', 'crown', 'pushers']),
    dies: [...(pusher ? [pusher] : []), bezelOnSupport(pressCase, then, policy.die)],
    steps: fit === 'light' ? LIGHT : final(sheet.bezelKind),
    warnings: ['Fingers clear of the dies: a press stores energy.'],
    stop: fit === 'light' ? 'as soon as it holds by itself' : 'when no gap is left all round',
  }
}

const LIGHT: readonly PressStep[] = [
  {
    action: 'Bezel laid on square, keys or pip at 12, a small even gap in sight',
    why: 'it goes down as it starts',
  },
  { action: 'Press by hand weight, only until it holds', why: 'it comes off again to be corrected' },
  {
    action: 'Movement and stem in: look at 12, date and pip from above',
    why: 'the dial in its place is the only true reference',
  },
  {
    action: 'Not right: off again, corrected, light again; each time counted',
    why: 'a ring that was squeezed often is new again',
  },
]

function final(kind: BezelKind): readonly PressStep[] {
  return [
    { action: 'Looked at once more from above: 12 stands at 12', why: 'this press is done once' },
    {
      action: turns(kind)
        ? 'Spring and teeth in line; press until it clicks home'
        : 'Press evenly until the gap closes',
      why: turns(kind)
        ? 'a spring that lies across the teeth is bent'
        : 'it takes up evenly, then it stops hard',
    },
    { action: 'Quarter turn of the case, press again', why: 'presses are never quite parallel' },
    {
      action: turns(kind)
        ? 'Both directions, clicks counted, no back play'
        : 'Look along the joint: no gap all round',
      why: 'a side left high lets water in, and catches',
    },
  ]
}
