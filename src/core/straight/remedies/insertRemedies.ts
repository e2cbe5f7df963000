import type { Displacement } from '../Displacement'
import { offCentreMm, worstOffsetMm } from '../Displacement'
import { turnText } from '../judgeStraight'
import { byClicks } from './bezelRemedies'
import type { Remedy, ToHelp } from './Remedy'
import { byHandDeg, unturned } from './Remedy'

/** Off, old adhesive off, on again. From memory */
const RESEAT_MINUTES = 25
const CEMENT_MINUTES = 60

/** Turning the insert in the bezel it sits in: the bezel itself stays. */
export function insertRemedies(help: ToHelp): Remedy[] {
  const seat = reseated(help)
  const clicks = byClicks(help)
  if (help.facts.bezelKind !== 'rotating-click' || clicks.against !== null) return [seat]
  const over = worstOffsetMm(clicks.left, help.radiusMm) > help.limitMm
  const then = reseated({ ...help, displacement: clicks.left })
  return [
    seat,
    {
      ...then,
      id: 'clicks-and-reseat',
      title: `${clicks.title}, then the insert by ${turnText(-clicks.left.turnedDeg)}`,
      how: 'so that the pip stands on a click and on the dial',
      activeMinutes: clicks.activeMinutes + then.activeMinutes,
      against: over ? then.against : 'What the click leaves is not seen: nothing is gained by cement.',
    },
  ]
}

function reseated({ displacement, radiusMm, facts }: ToHelp): Remedy {
  const isHeld = facts.insertHold === 'friction'
  return {
    id: 'reseat',
    title: displacement.turnedDeg === 0 ? TURNED : `${TURNED} by ${turnText(-displacement.turnedDeg)}`,
    how: isHeld
      ? 'lifted out and pressed in again'
      : 'soaked in the shut head or lifted, old adhesive off, fresh cement; the seat keeps it centred as it is',
    left: unturned(displacement),
    leftUncertaintyDeg: byHandDeg(radiusMm),
    activeMinutes: RESEAT_MINUTES,
    waitMinutes: isHeld ? 0 : CEMENT_MINUTES,
    undo: 'by-work',
    risk: INSERT_RISK[facts.insertMaterial],
    against: againstTurning(displacement),
  }
}

const TURNED = 'Turn the insert in its seat'

function againstTurning(displacement: Displacement): string | null {
  if (displacement.turnedDeg !== 0) return null
  return offCentreMm(displacement) === 0
    ? 'It is not turned.'
    : 'It is not turned, and its seat keeps it as far off-centre as it is: read seat and insert, one of them is the wrong size.'
}

const INSERT_RISK: Readonly<Record<ToHelp['facts']['insertMaterial'], string>> = {
  none: '',
  aluminium: 'An aluminium insert bends under a blade, and its print comes off in solvent.',
  ceramic: 'No blade at a ceramic insert: it chips. Soak it, or push it out from behind.',
  steel: '',
  sapphire: 'No blade at a sapphire insert: it chips. Soak it, or push it out from behind.',
}
