import { degreesText } from '../degreesText'
import { turnText, wayText } from '../judgeStraight'
import type { Remedy, ToHelp } from './Remedy'
import { byHandDeg, unturned } from './Remedy'

const FULL_TURN_DEG = 360

/** Clicks that bring it nearest, clockwise positive, and what is then left of the turn, degrees. */
export function nearestClicks(
  turnedDeg: number,
  clicksPerTurn: number,
): { readonly clicks: number; readonly leftDeg: number } {
  const stepDeg = FULL_TURN_DEG / clicksPerTurn
  // Half a click is as far one way as the other: none is turned for that. `+ 0` makes a zero of minus zero.
  const clicks = -Math.sign(turnedDeg) * Math.ceil(Math.abs(turnedDeg) / stepDeg - 0.5) + 0
  return { clicks, leftDeg: turnedDeg + clicks * stepDeg }
}

/** What turning the bezel does, where it turns; a bezel that was pressed on goes off and on again. */
export function bezelRemedies(help: ToHelp): Remedy[] {
  switch (help.facts.bezelKind) {
    case 'rotating-click':
      return [byClicks(help), refitted(help)]
    case 'rotating-friction':
      return [byFriction(help)]
    case 'fixed-friction':
    case 'crystal-retaining':
      return [refitted(help)]
    case 'screwed':
    case 'resin-shell':
    case 'none':
      return []
  }
}

export function byClicks({ displacement, turnUncertaintyDeg, facts }: ToHelp): Remedy {
  const remedy = {
    id: 'clicks',
    left: displacement,
    leftUncertaintyDeg: turnUncertaintyDeg,
    activeMinutes: 1,
    waitMinutes: 0,
    undo: 'yes' as const,
    risk: '',
  }
  const { bezelClicks } = facts
  if (bezelClicks === null) {
    return {
      ...remedy,
      title: 'Turn the bezel by clicks',
      how: 'the smallest thing there is',
      against: 'Nobody counted the clicks of a turn: count them and write them on the case sheet.',
    }
  }
  const stepDeg = FULL_TURN_DEG / bezelClicks
  const { clicks, leftDeg } = nearestClicks(displacement.turnedDeg, bezelClicks)
  const way = wayText(clicks)
  const count = Math.abs(clicks)
  return {
    ...remedy,
    title: count === 0 ? 'Turn the bezel by clicks' : `Turn the bezel ${clickText(count)} ${way}`,
    how: `${bezelClicks} a turn, ${degreesText(stepDeg)} each; where it turns the other way alone, ${bezelClicks - count} that way`,
    left: { ...displacement, turnedDeg: leftDeg },
    against:
      count === 0
        ? `${degreesText(Math.abs(displacement.turnedDeg))} is no more than half a click of ${degreesText(stepDeg)}: it already stands on the nearest.`
        : null,
  }
}

function clickText(count: number): string {
  return count === 1 ? 'one click' : `${count} clicks`
}

function byFriction({ displacement, radiusMm }: ToHelp): Remedy {
  return {
    id: 'friction',
    title:
      displacement.turnedDeg === 0 ? 'Turn the bezel' : `Turn the bezel ${turnText(-displacement.turnedDeg)}`,
    how: 'it stays where a hand leaves it',
    left: unturned(displacement),
    leftUncertaintyDeg: byHandDeg(radiusMm),
    activeMinutes: 1,
    waitMinutes: 0,
    undo: 'yes',
    risk: '',
    against: displacement.turnedDeg === 0 ? 'It is not turned.' : null,
  }
}

const REFIT_MINUTES = 25

function refitted({ displacement, radiusMm, facts }: ToHelp): Remedy {
  return {
    id: 'bezel-refit',
    title: 'Bezel off and on again, light fit, looked at, then home',
    how:
      displacement.turnedDeg === 0
        ? 'laid on as it lies, looked at, pressed'
        : `laid on ${turnText(-displacement.turnedDeg)} of where it lies`,
    left: facts.bezelKind === 'rotating-click' ? displacement : unturned(displacement),
    leftUncertaintyDeg: byHandDeg(radiusMm),
    activeMinutes: REFIT_MINUTES,
    waitMinutes: 0,
    undo: 'by-work',
    risk:
      facts.bezelKind === 'crystal-retaining'
        ? 'It holds the crystal: off, its ring is relieved and counts as used.'
        : 'A lever between bezel and case marks both: tape across bezel, case and joint.',
    against:
      facts.bezelKind === 'rotating-click'
        ? 'Its teeth hold it to the same clicks however it goes on.'
        : null,
  }
}
