import { cementDots, USUAL_DOTS } from '../cementDots'
import { arcMm, STRAIGHT, worstOffsetMm } from '../Displacement'
import type { Remedy, ToHelp } from './Remedy'
import { byHandDeg } from './Remedy'

/** From memory, each. */
const CLAMP_MINUTES = 5
const FROM_BEHIND_MINUTES = 25
const THROUGH_FRONT_MINUTES = 55
const FILING_MINUTES = 10
const CEMENT_MINUTES = 30

const DOTS = `${USUAL_DOTS} dots of flexible cement at even angles, between the hours`

/** Four ways to a chapter ring, the small ones first: which serves is told by a tilt and by how it stands. Common practice. */
export function chapterRemedies(help: ToHelp): Remedy[] {
  const { displacement, radiusMm, turnUncertaintyDeg, facts } = help
  const asItStands = {
    left: displacement,
    leftUncertaintyDeg: turnUncertaintyDeg,
    against: againstAsItStands(help),
  }
  const outFront = {
    activeMinutes: THROUGH_FRONT_MINUTES,
    waitMinutes: CEMENT_MINUTES,
    leftUncertaintyDeg: byHandDeg(radiusMm),
    dotsDeg: cementDots(USUAL_DOTS),
  }
  const isKeyed = facts.chapterRing === 'keyed'
  return [
    {
      ...asItStands,
      id: 'clamp',
      title: 'Clamp it: press the crystal a little further',
      how: 'a sound crystal only; the plan at Press in says with how much more force',
      activeMinutes: CLAMP_MINUTES,
      waitMinutes: 0,
      undo: 'by-work',
      risk: 'Too far, and the crystal breaks or the ring buckles.',
    },
    {
      ...asItStands,
      id: 'from-behind',
      title: 'Dots of flexible cement from behind, the crystal left in',
      how: `movement out; ${DOTS}`,
      dotsDeg: cementDots(USUAL_DOTS),
      activeMinutes: FROM_BEHIND_MINUTES,
      waitMinutes: CEMENT_MINUTES,
      undo: 'by-work',
      risk: 'Cement that alcohol takes off again, never a hard one.',
    },
    {
      ...outFront,
      id: 'front-key-kept',
      title: 'Out through the front, laid in true, the key kept',
      how: isKeyed
        ? `centred again; where the key holds it is where it stays; ${DOTS}`
        : `movement and stem in as reference, turned to the dial; ${DOTS}; the crystal last`,
      // A key holds it turned as it was; what is off-centre is laid in anew.
      left: isKeyed ? { ...STRAIGHT, turnedDeg: displacement.turnedDeg } : STRAIGHT,
      undo: 'by-work',
      risk: 'A pusher clear of the ring: it is thin and breaks. Look first whether its gasket stays in the case.',
      against: facts.chapterRing === 'none' ? NO_RING : null,
    },
    {
      ...outFront,
      id: 'front-key-filed',
      title: 'Out through the front, its key filed off, turned to the dial',
      how: `movement and stem in as reference, turned to the dial; ${DOTS}; the crystal last`,
      left: STRAIGHT,
      activeMinutes: outFront.activeMinutes + FILING_MINUTES,
      undo: 'never',
      risk: 'What is filed off does not come back: ask the owner, and dry fit it before.',
      against: againstFiling(help),
    },
  ]
}

const NO_RING = 'This case has no chapter ring by its sheet: correct the sheet if it has.'

/** Held as it stands it has to stand true, and to be loose at all. */
function againstAsItStands({ displacement, radiusMm, limitMm, facts }: ToHelp): string | null {
  if (facts.chapterRing === 'none') return NO_RING
  if (facts.moves === false)
    return 'It stood fast when the case was tilted: nothing wobbles that could be held.'
  if (worstOffsetMm(displacement, radiusMm) > limitMm)
    return 'It would be held as crooked as it stands. Tilt and tap it true first, and read it again.'
  return facts.moves === null ? 'Tilt the case first: only a ring that moves is to be held.' : null
}

function againstFiling({ displacement, radiusMm, limitMm, facts }: ToHelp): string | null {
  if (facts.chapterRing === 'none') return NO_RING
  if (facts.chapterRing === 'loose') return 'A loose ring has no key: it turns without a file.'
  if (Math.abs(arcMm(displacement.turnedDeg, radiusMm)) <= limitMm)
    return 'It is hardly turned: a key holds no ring off-centre, and filed off it holds none at all.'
  return null
}
