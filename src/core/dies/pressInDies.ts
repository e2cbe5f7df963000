import { formatMm } from '../units/formatMm'
import type { Die } from './Die'
import { isMetal } from './Die'
import type { DiePolicy } from './diePolicy'
import { reaches, within } from '../units/within'

export interface DieChoice {
  readonly die: Die
  readonly reasons: readonly string[]
}

/** Outline of a die that would do, for ordering, turning or printing. All mm. */
export interface DieOutline {
  readonly leastOuterMm: number
  readonly mostOuterMm: number
  readonly leastOpeningMm: number
  readonly mostOpeningMm: number
  readonly leastRecessMm: number
  /** what to make where the shop has none */
  readonly aimOuterMm: number
  readonly aimOpeningMm: number
}

export type DieOutcome =
  | { ok: true; best: DieChoice; alternatives: readonly DieChoice[] }
  | { ok: false; reason: 'none-fits'; wanted: DieOutline; nearest: Die | null; why: string }

export interface PressInCrystal {
  readonly diameterMm: number
  /** rise of the top from edge to centre, mm; 0 for a flat crystal */
  readonly topRiseMm: number
}

/**
 * Pusher die for pressing a crystal in: as near the edge as the crystal allows.
 * A domed top takes a hollow die that clears the dome and bears on the rim.
 * @source crystal OD − 1.0 within ±0.5: common practice
 */
export function pressInPusher(dies: readonly Die[], crystal: PressInCrystal, policy: DiePolicy): DieOutcome {
  const targetMm = crystal.diameterMm - policy.pusherUnderMm
  const domed = crystal.topRiseMm > 0
  const leastRecessMm = domed ? crystal.topRiseMm + policy.domeRoomMm : 0
  const wanted: DieOutline = {
    leastOuterMm: targetMm - policy.pusherWindowMm,
    mostOuterMm: targetMm + policy.pusherWindowMm,
    leastOpeningMm: domed ? targetMm - 2 * MOST_PUSHER_LAND_MM : 0,
    mostOpeningMm: targetMm - 2 * LEAST_PUSHER_LAND_MM,
    leastRecessMm,
    aimOuterMm: targetMm,
    aimOpeningMm: domed ? targetMm - 2 * AIM_PUSHER_LAND_MM : 0,
  }
  const pushers = dies.filter((d) => d.role === 'pusher')
  const suits = (d: Die) =>
    within(d.outerDiameterMm, wanted.leastOuterMm, wanted.mostOuterMm) &&
    (!domed || (reaches(d.recessDepthMm, leastRecessMm) && reaches(d.openingMm, wanted.leastOpeningMm)))
  const choices = pushers
    .filter(suits)
    .sort((a, b) => badness(a, targetMm) - badness(b, targetMm))
    .map((die) => ({ die, reasons: pusherReasons(die, crystal, targetMm) }))
  return dieOutcome(choices, wanted, nearestByOuter(pushers, targetMm), pusherWhy(wanted, domed))
}

export interface PressInCase {
  readonly boreMm: number
  /** outside of what lies on the support, mm */
  readonly caseDiameterMm: number
  /** a bezel off its case has no crown to stay clear of */
  readonly lies: 'case' | 'bezel'
}

/**
 * Support die under the case while a crystal is pressed in: clear of the bore, bearing on the case alone,
 * inside the case side so that crown and pushers hang free.
 * @source opening clear of the bore side, bearing on the case: common practice; margins from memory
 */
export function pressInSupport(dies: readonly Die[], watchCase: PressInCase, policy: DiePolicy): DieOutcome {
  const sideMm = watchCase.lies === 'case' ? policy.crownClearMm : 0
  const mostOuterMm = watchCase.caseDiameterMm - 2 * sideMm
  const leastOpeningMm = watchCase.boreMm + policy.supportClearMm
  const wanted: DieOutline = {
    leastOuterMm: leastOpeningMm + 2 * policy.supportBearingMm,
    mostOuterMm,
    leastOpeningMm,
    mostOpeningMm: mostOuterMm - 2 * policy.supportBearingMm,
    leastRecessMm: 0,
    aimOuterMm: mostOuterMm,
    aimOpeningMm: leastOpeningMm,
  }
  const supports = dies.filter((d) => d.role === 'support')
  const land = (d: Die) => (d.outerDiameterMm - d.openingMm) / 2
  const choices = supports
    .filter(
      (d) =>
        reaches(d.openingMm, wanted.leastOpeningMm) &&
        reaches(wanted.mostOuterMm, d.outerDiameterMm) &&
        reaches(land(d), policy.supportBearingMm),
    )
    // The widest bearing ring loads the case least; plastic before metal.
    .sort((a, b) => metalLast(a) - metalLast(b) || land(b) - land(a) || a.id - b.id)
    .map((die) => ({ die, reasons: supportReasons(die, watchCase, land(die)) }))
  const nearest = nearestByOuter(supports, (wanted.leastOuterMm + wanted.mostOuterMm) / 2)
  return dieOutcome(choices, wanted, nearest, supportWhy(wanted, watchCase.lies))
}

/** Width of the ring on which a hollow pusher bears, mm. From memory. */
const LEAST_PUSHER_LAND_MM = 0.6
const MOST_PUSHER_LAND_MM = 2.5
const AIM_PUSHER_LAND_MM = 1.5
/** A metal face counts as this much further from the wanted diameter, mm: plastic wins when both are near. */
const METAL_PENALTY_MM = 0.25

function metalLast(die: Die): number {
  return isMetal(die.material) ? 1 : 0
}

function badness(die: Die, targetMm: number): number {
  return Math.abs(die.outerDiameterMm - targetMm) + metalLast(die) * METAL_PENALTY_MM
}

/** The die whose outside is nearest to a wanted one; null when there is none. */
export function nearestByOuter(dies: readonly Die[], outerMm: number): Die | null {
  return dies.reduce<Die | null>(
    (best, d) =>
      best === null || Math.abs(d.outerDiameterMm - outerMm) < Math.abs(best.outerDiameterMm - outerMm)
        ? d
        : best,
    null,
  )
}

/** The first choice with the rest behind it, or what would do when there is none. */
export function dieOutcome(
  choices: readonly DieChoice[],
  wanted: DieOutline,
  nearest: Die | null,
  why: string,
): DieOutcome {
  const [best, ...alternatives] = choices
  return best ? { ok: true, best, alternatives } : { ok: false, reason: 'none-fits', wanted, nearest, why }
}

/** What a die's face does to what it touches, in words. */
export function faceReason(die: Die, touched: 'glass' | 'case' | 'bezel' | 'back' = 'glass'): string {
  return isMetal(die.material)
    ? `${die.material} marks: cloth or film between`
    : `${die.material} does not mark the ${touched}`
}

function pusherReasons(die: Die, crystal: PressInCrystal, targetMm: number): string[] {
  const under = formatMm(crystal.diameterMm - die.outerDiameterMm, 0.1)
  const edge = `${under} under the ${formatMm(crystal.diameterMm, 0.1)} crystal (aim ${formatMm(targetMm, 0.1)}), so it bears near the edge`
  const dome =
    crystal.topRiseMm > 0
      ? [`recess ${formatMm(die.recessDepthMm, 0.1)} clears the ${formatMm(crystal.topRiseMm, 0.1)} dome`]
      : []
  return [edge, ...dome, faceReason(die)]
}

function supportReasons(die: Die, watchCase: PressInCase, landMm: number): string[] {
  return [
    `opening ${formatMm(die.openingMm, 0.1)} clears the ${formatMm(watchCase.boreMm, 0.1)} bore`,
    `bears on ${formatMm(landMm, 0.1)} of ${watchCase.lies}, inside its ${formatMm(watchCase.caseDiameterMm, 0.1)}${watchCase.lies === 'case' ? ': crown and pushers hang free' : ''}`,
    faceReason(die, watchCase.lies),
  ]
}

function pusherWhy(wanted: DieOutline, domed: boolean): string {
  const face = `A face of ${formatMm(wanted.leastOuterMm, 0.1)}–${formatMm(wanted.mostOuterMm, 0.1)} would do`
  return domed
    ? `${face}, hollow from ${formatMm(wanted.leastOpeningMm, 0.1)} on, at least ${formatMm(wanted.leastRecessMm, 0.1)} deep.`
    : `${face}. A smaller one presses near the centre and cracks the crystal.`
}

function supportWhy(wanted: DieOutline, lies: PressInCase['lies']): string {
  if (wanted.leastOuterMm > wanted.mostOuterMm) {
    const between = `no ring to bear on between ${formatMm(wanted.leastOpeningMm, 0.1)} and ${formatMm(wanted.mostOuterMm, 0.1)}`
    return lies === 'case'
      ? `The case side leaves ${between}: use a cup with a relief for the crown.`
      : `The bezel leaves ${between}: lay it on a flat plate with film.`
  }
  return `A ring with an opening of ${formatMm(wanted.leastOpeningMm, 0.1)}–${formatMm(wanted.mostOpeningMm, 0.1)} and an outside of at most ${formatMm(wanted.mostOuterMm, 0.1)} would do.`
}
