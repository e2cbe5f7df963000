import { worstOffsetMm } from '../Displacement'
import { bezelRemedies } from './bezelRemedies'
import { chapterRemedies } from './chapterRemedies'
import { DIAL, dialRemedies } from './dialRemedies'
import { crystalRemedies } from './crystalRemedies'
import { handsRemedies } from './handsRemedies'
import { insertRemedies } from './insertRemedies'
import type { Remedy, ToHelp } from './Remedy'
import { UNDO } from './Remedy'

/** A remedy with what an eye would see after it. */
export interface RankedRemedy extends Remedy {
  /** the most a tick would stand off, mm */
  readonly leftMm: number
  readonly serves: boolean
}

/**
 * Everything that could be done, what serves first: of two that serve the one that can be taken back, then the one that
 * takes less time; of what does not serve what leaves least. What is no remedy here comes last, with the reason.
 */
export function remediesFor(help: ToHelp): RankedRemedy[] {
  return [...dialRemedies(help), ...remediesOf(help), leftAsItIs(help)]
    .map((remedy) => {
      const leftMm = worstOffsetMm(remedy.left, help.radiusMm)
      return { ...remedy, leftMm, serves: remedy.against === null && leftMm <= help.limitMm }
    })
    .sort((a, b) => rankOf(a) - rankOf(b) || (a.serves ? costOf(a) - costOf(b) : a.leftMm - b.leftMm))
}

function remediesOf(help: ToHelp): Remedy[] {
  switch (help.pair) {
    case 'insert-dial':
      return [...bezelRemedies(help), ...insertRemedies(help)]
    case 'insert-bezel':
      // The click turns both: it moves nothing between them.
      return insertRemedies({ ...help, facts: { ...help.facts, bezelKind: 'none' } })
    case 'bezel-case':
      return bezelRemedies(help)
    case 'chapter-dial':
      return chapterRemedies(help)
    case 'magnifier-date':
      return crystalRemedies(help)
    case 'hands-dial':
      return handsRemedies(help)
  }
}

function leftAsItIs({ displacement, turnUncertaintyDeg, radiusMm, limitMm }: ToHelp): Remedy {
  const isSeen = worstOffsetMm(displacement, radiusMm) > limitMm
  return {
    id: 'leave',
    title: 'Leave it',
    how: isSeen ? 'it is seen: a reason is asked for when the stage is done' : 'nothing of it is seen',
    left: displacement,
    leftUncertaintyDeg: turnUncertaintyDeg,
    activeMinutes: 0,
    waitMinutes: 0,
    undo: 'yes',
    risk: '',
    against: null,
  }
}

function rankOf({ id, serves, against }: RankedRemedy): number {
  // Nothing is set to a dial that is turned itself.
  if (id === DIAL) return -1
  return serves ? 0 : against === null ? 1 : 2
}

/** A day more than every minute: what can be taken back comes before what is quick. */
const UNDO_WEIGHS = 24 * 60

function costOf({ undo, activeMinutes, waitMinutes }: Remedy): number {
  return UNDO.indexOf(undo) * UNDO_WEIGHS + activeMinutes + waitMinutes
}
