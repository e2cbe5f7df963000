import { constructionOf } from '../../construction/constructions'
import { isPressedOn } from '../../construction/kinds'
import { pusherMarginMm } from '../../dies/pushOutDies'
import type { Plate } from '../../plate/crystalStrength'
import { formatMm } from '../../units/formatMm'
import type { PressKind } from '../PressStep'
import type { PressWork } from '../pressWorks'
import { PRESS_WORKS } from '../pressWorks'
import { backWork } from './backWork'
import { bezelWork } from './bezelWork'
import { clampWork } from './clampWork'
import { asPlanned, crystalInDies, crystalInWork } from './crystalInWork'
import type { ExpectedForce } from './expectedForce'
import { forceBand } from './expectedForce'
import { insertWork } from './insertWork'
import type { PlannedDie } from './PlannedDie'
import { chosenDie, cushionOf } from './PlannedDie'
import type { PressCase } from './PressCase'
import type { PusherStress } from './pusherStress'
import { chosenStress, pusherStress } from './pusherStress'
import { narrowestOf, pushOutWork } from './pushOutWork'
import type { WorkPlan } from './WorkPlan'

/** The whole plan of one press. */
export interface PressPlan extends WorkPlan {
  /** what lies between bare metal and the work; empty while no die is chosen */
  readonly cushion: string
  /** N; null where nothing tells */
  readonly force: ExpectedForce | null
  /** what each pusher does to the crystal; null where no pusher bears on one, or it is not round, or not known */
  readonly stress: PusherStress | null
  /** what speaks against pressing so, in words */
  readonly tooHigh: readonly string[]
}

/** What a plan is made for, beside the case. */
export interface PressAsked {
  readonly press: { readonly name: string; readonly kind: PressKind; readonly mostForceN: number | null }
  readonly force: ExpectedForce | null
  /** dies of the crystal that goes in, in the order they are proposed; null as they fit */
  readonly crystalDies: readonly PlannedDie[] | null
}

/**
 * Everything this job puts under a press, in the order of the work.
 * @param steps - ids of the job's steps
 */
export function pressWorksOf({ sheet, facts, picked }: PressCase, steps: readonly string[]): PressWork[] {
  const { pushedOutOf } = constructionOf(sheet.retention)
  const whole = facts.crystalState === 'whole' || facts.crystalState === 'cracked'
  const has: Readonly<Record<PressWork, boolean>> = {
    'ring-clamp':
      pushedOutOf === 'case' &&
      facts.crystalState === 'whole' &&
      facts.asked.includes('chapter-ring') &&
      sheet.chapterRing === 'loose',
    'push-out': pushedOutOf !== null && whole && steps.includes('crystal-out'),
    'crystal-in': picked !== null && steps.includes('crystal-in'),
    'bezel-light': steps.includes('bezel-light'),
    'bezel-final': steps.includes('bezel-home') && isPressedOn(sheet.bezelKind),
    'insert-in': steps.includes('insert-in'),
    'back-on': steps.includes('back-on') && sheet.backKind === 'snap',
  }
  return PRESS_WORKS.filter((work) => has[work])
}

/**
 * Plans one press: what is pressed, what it bears on and must not touch, with which dies, how, and when to stop.
 * @throws Error for a crystal that goes in before one is picked
 */
export function pressPlan(pressCase: PressCase, work: PressWork, asked: PressAsked): PressPlan {
  const plan = workPlan(pressCase, work, asked)
  const stress = stressOf(pressCase, plan, asked.force)
  return {
    ...plan,
    cushion: cushionOf(plan.dies.map(chosenDie)),
    force: asked.force,
    stress,
    tooHigh: tooHigh(stress, asked),
  }
}

function workPlan(pressCase: PressCase, work: PressWork, { press, crystalDies }: PressAsked): WorkPlan {
  const { sheet, picked } = pressCase
  switch (work) {
    case 'push-out':
      return pushOutWork(pressCase, constructionOf(sheet.retention).pushedOutOf ?? 'case')
    case 'crystal-in':
      if (!picked) throw new Error('no crystal is picked: nothing goes in')
      return crystalInWork(
        pressCase,
        picked,
        crystalDies ?? asPlanned(crystalInDies(pressCase, picked.crystal, picked.openingMm), sheet),
        press.kind,
      )
    case 'ring-clamp':
      return clampWork(pressCase, clampDies(pressCase))
    case 'bezel-light':
      return bezelWork(pressCase, 'light')
    case 'bezel-final':
      return bezelWork(pressCase, 'final')
    case 'insert-in':
      return insertWork(pressCase)
    case 'back-on':
      return backWork(pressCase)
  }
}

/** A sound crystal is pressed further by the dies it went in with: its own figures stand for a picked one's. */
function clampDies(pressCase: PressCase): PlannedDie[] {
  const { known, sheet } = pressCase
  const found = plateFound(pressCase)
  if (!found || !known.crystal)
    return [{ role: 'pusher', outcome: null, ask: 'near the crystal’s edge: read the crystal across' }]
  const crystal = { ...found, undersideRiseMm: sheet.undersideRiseMm ?? 0 }
  return asPlanned(crystalInDies(pressCase, crystal, found.diameterMm), sheet)
}

function stressOf(pressCase: PressCase, plan: WorkPlan, force: ExpectedForce | null): PusherStress | null {
  const { sheet, picked, policy, dies, known } = pressCase
  const onCrystal = plan.work === 'push-out' || plan.work === 'crystal-in' || plan.work === 'ring-clamp'
  if (!onCrystal || plan.dies.length === 0) return null
  const goesIn = plan.work === 'crystal-in'
  const crystal = goesIn ? (picked?.crystal ?? null) : plateFound(pressCase)
  if (!crystal || (goesIn && picked?.crystal.widthMm !== null)) return null
  const way = narrowestOf(sheet, known.chapterRing)
  const margin = pusherMarginMm({ looseRing: sheet.chapterRing !== 'none' })
  return pusherStress({
    crystal,
    forceN: force ? forceBand(force).high : null,
    pushers: dies.filter(({ role }) => role === 'pusher'),
    chosen: chosenDie(plan.dies.find(({ role }) => role === 'pusher')),
    forbiddenFromMm:
      plan.work === 'push-out'
        ? way && way.apertureMm - margin
        : crystal.diameterMm - policy.die.pusherUnderMm + policy.die.pusherWindowMm,
    strength: policy.strength,
  })
}

/** The crystal that came in, as a plate; null where too little of it is known. */
function plateFound({ known, facts }: PressCase): Plate | null {
  const { crystal, edgeMm, centreMm } = known
  const thickness = edgeMm ?? centreMm
  if (!crystal || thickness === null || facts.crystalMaterial === null) return null
  return {
    diameterMm: crystal.valueMm,
    edgeThicknessMm: thickness,
    centreThicknessMm: centreMm ?? thickness,
    material: facts.crystalMaterial,
    profile: facts.crystalProfile ?? 'flat',
  }
}

/** Said before it is pressed: too much for the crystal by its weak end, or for the press. */
function tooHigh(stress: PusherStress | null, { force, press }: PressAsked): string[] {
  if (!force) return []
  const { high } = forceBand(force)
  const said: string[] = []
  const die = stress && chosenStress(stress)
  if (stress && die && die.stressMPa > stress.safeMPa) {
    const { strength, material, thicknessMm, leastSafeMm } = stress
    const larger =
      leastSafeMm === null
        ? 'no pusher is large enough'
        : `from ${formatMm(leastSafeMm, 0.1)} on it would be less`
    const limit =
      die.stressMPa > strength.lowMPa
        ? `over the ${strength.lowMPa} its weak end bears: it may crack`
        : `over the ${Math.round(stress.safeMPa)} that leave it a margin`
    said.push(
      `At ${Math.round(high)} N ${die.code} loads the ${formatMm(thicknessMm)} ${material} with ${Math.round(die.stressMPa)} MPa, ${limit}; ${larger}.`,
    )
  }
  if (press.mostForceN !== null && high > press.mostForceN)
    said.push(
      `Up to ${Math.round(high)} N are expected: ${press.name} may be brought to ${press.mostForceN} N.`,
    )
  return said
}
