import { formatMm } from '../../units/formatMm'
import { dieOutcome, faceReason, nearestByOuter } from '../../dies/pressInDies'
import type { Die } from '../../dies/Die'
import { isMetal } from '../../dies/Die'
import { within } from '../../units/within'
import type { PlannedDie } from './PlannedDie'
import type { PressCase } from './PressCase'
import { ORIGIN_WORDS } from './PressCase'
import { whatToSpare } from './whatToSpare'
import type { WorkPlan } from './WorkPlan'

/** A pusher reaches this near to an insert's outside and stays off the seat's wall, mm. From memory. */
const MOST_UNDER_MM = 3
const LEAST_UNDER_MM = 0.2

/** The pusher that lies flat on an insert; what is not known yet is asked for. */
function insertPusher({ dies, known }: PressCase): PlannedDie {
  const { insertOuter, insertInner } = known
  if (!insertOuter || !insertInner)
    return {
      role: 'pusher',
      outcome: null,
      ask: 'flat on the insert, open over the crystal: read the insert outside and inside',
    }
  const wanted = {
    leastOuterMm: insertOuter.valueMm - MOST_UNDER_MM,
    mostOuterMm: insertOuter.valueMm - LEAST_UNDER_MM,
    leastOpeningMm: insertInner.valueMm,
    mostOpeningMm: insertOuter.valueMm - MOST_UNDER_MM,
    leastRecessMm: 0,
    aimOuterMm: insertOuter.valueMm - 2 * LEAST_UNDER_MM,
    aimOpeningMm: insertInner.valueMm + LEAST_UNDER_MM,
  }
  const pushers = dies.filter(({ role }) => role === 'pusher')
  const suits = (die: Die) =>
    within(die.outerDiameterMm, wanted.leastOuterMm, wanted.mostOuterMm) &&
    within(die.openingMm, wanted.leastOpeningMm, wanted.mostOpeningMm)
  const choices = pushers
    .filter(suits)
    .sort(
      (a, b) =>
        Number(isMetal(a.material)) - Number(isMetal(b.material)) ||
        b.outerDiameterMm - a.outerDiameterMm ||
        a.id - b.id,
    )
    .map((die) => ({
      die,
      reasons: [
        `${formatMm(die.openingMm, 0.1)} to ${formatMm(die.outerDiameterMm, 0.1)} lies flat on the insert`,
        faceReason(die, 'bezel'),
      ],
    }))
  const why = `A ring of ${formatMm(wanted.leastOpeningMm, 0.1)} to ${formatMm(wanted.mostOuterMm, 0.1)} would do: a thumb over film does as well.`
  return {
    role: 'pusher',
    outcome: dieOutcome(choices, wanted, nearestByOuter(pushers, wanted.mostOuterMm), why),
    by: `insert ${ORIGIN_WORDS[insertOuter.origin]}`,
  }
}

/** Pressing an insert into its seat. Common practice. */
export function insertWork(pressCase: PressCase): WorkPlan {
  const { facts } = pressCase
  const brittle = facts.insertMaterial === 'ceramic' || facts.insertMaterial === 'sapphire'
  return {
    work: 'insert-in',
    presses: brittle
      ? 'the insert, flat and all round at once: it shatters on a point'
      : 'the insert, flat and all round at once',
    restsOn: 'the bezel, flat on film, or the case where the bezel stays on',
    spare: whatToSpare(pressCase, ['crystal', 'dome', 'magnifier', 'crown', 'pushers']),
    dies: [insertPusher(pressCase)],
    steps: [
      {
        action: 'Insert laid in dry: it drops in and stands flush or a little under',
        why: 'one that stands proud is pried off by a sleeve',
      },
      { action: 'Pip turned to 12 while it still moves', why: 'once it holds, turning tears the cement' },
      {
        action: 'Pressed flat by hand weight, held while the cement takes',
        why: brittle ? 'more force shatters it' : 'more force bends it',
      },
      { action: 'Pip and height looked at all round', why: 'it can still be moved' },
    ],
    warnings: [],
    stop: 'flush all round',
  }
}
