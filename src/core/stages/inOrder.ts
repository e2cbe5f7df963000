import type { PressWork } from '../press/pressWorks'
import { PRESS_WORK_FACTS } from '../press/pressWorks'
import type { Step } from '../procedure/Step'
import { isShownByTrail } from '../procedure/stepsOnTrail'
import { tickedTogether } from '../procedure/tickedTogether'
import type { HazardId } from '../tray/hazards'
import { stepsBeforeDealing } from '../tray/hazards'
import type { TrailPartId } from '../trail/parts'
import { heldBy } from '../trail/parts'
import type { TrailLine } from '../trail/partsTrail'
import { missingBefore, missingText } from '../trail/partsTrail'
import { waitSubject } from '../waits/waits'
import type { StageState } from './StageState'
import { openOf } from './StageState'
import { stageLabel } from './stages'

/** How a job stands when one of its steps is said to be done. */
export interface Order {
  readonly steps: readonly Step[]
  /** ids of the steps that are neither done nor left out for a reason */
  readonly open: readonly string[]
  /** ids of the steps whose wait was begun, and neither said to be over nor cut short for a reason */
  readonly waiting: readonly string[]
  readonly trail: readonly TrailLine[]
}

/** How a job stands, from the state of its stages. */
export function orderOf(
  steps: readonly Step[],
  stages: readonly StageState[],
  trail: readonly TrailLine[],
): Order {
  const demands = stages.flatMap(openOf)
  const subjects = demands.map(({ subject }) => subject)
  return {
    steps,
    open: demands.flatMap((demand) => demand.steps),
    waiting: steps.map(({ id }) => id).filter((id) => subjects.includes(waitSubject(id))),
    trail,
  }
}

/**
 * Why a step cannot have been done yet: one it rests on was not, or still cures or warms, or parts that are back by then
 * are still off.
 * What was left out for a reason holds nothing up.
 * @returns null where it can
 */
export function againstStep(step: Step, order: Order): string | null {
  const { trail } = order
  return (
    againstResting(step.after, order) ??
    againstWaiting(step.after, order) ??
    againstOff(missingBefore(trail, step.stage)) ??
    againstOff(notYetHeld(step.putsBack, trail))
  )
}

/**
 * What is wrong with a step that stands otherwise than its turn: the parts trail shows it done while what it rests on is
 * open; or it was ticked or read, by a file or before the job changed, while what it rests on is open again. Neither counts.
 * @param isEarly - it was ticked or shown so
 * @returns null where nothing is
 */
export function outOfTurn(step: Step, isEarly: boolean, order: Order): string | null {
  const resting = againstResting(step.after, order)
  if (isEarly) return resting && `Done before its turn: it counts once its turn has come. ${resting}`
  if (!order.open.includes(step.id) || !isShownByTrail(step, order.trail)) return null
  const early = resting ?? againstStep(step, order)
  return early && `The parts trail tells it before its turn: not done by that. ${early}`
}

/** Why a press cannot have been made yet, however it ended: the step it does could not be done either. */
export function againstPress(work: PressWork, order: Order): string | null {
  const step = order.steps.find(({ id }) => id === PRESS_WORK_FACTS[work].step)
  // A press is held up by what cures under it by the clock itself, whoever said what: see runningBefore.
  return step ? againstStep(step, { ...order, waiting: [] }) : null
}

/** Why a part cannot have gone back yet, see againstStep: the step that puts it back rests on one that is open. */
export function againstBack(part: TrailPartId, order: Order): string | null {
  const step = order.steps.find(({ putsBack }) => putsBack.includes(part))
  const resting = step ? againstResting(step.after, order) : null
  return resting ?? againstOff(notYetHeld([part], order.trail))
}

/** What these parts would hold once they are back, and is still off. */
function notYetHeld(parts: readonly TrailPartId[], trail: readonly TrailLine[]): TrailLine[] {
  const held = trail
    .filter(({ part, open }) => open > 0 && parts.includes(part))
    .map(({ part }) => heldBy(part))
  return trail.filter(({ part, open }) => open > 0 && held.includes(part))
}

/** Why a hazard cannot have been dealt with yet: what it rests on is open, or the step that deals with it is not due. */
export function againstDealing(hazard: HazardId, order: Order): string | null {
  const dealing = tickedTogether(`hazard:${hazard}`)
  const step = order.steps.find(({ id }) => dealing.includes(`step:${id}`))
  return againstResting(stepsBeforeDealing(hazard), order) ?? (step ? againstStep(step, order) : null)
}

function againstResting(after: readonly string[], { steps, open }: Order): string | null {
  const first = steps.find(({ id }) => after.includes(id) && open.includes(id))
  if (!first) return null
  return `First at ${stageLabel(first.stage)}: ${first.title}. Do it, or leave it out there for a reason.`
}

function againstWaiting(after: readonly string[], { steps, waiting }: Order): string | null {
  const first = steps.find(({ id }) => after.includes(id) && waiting.includes(id))
  if (!first) return null
  return `Not while it waits: ${first.title}. Say at its clock that it is over, or cut it short there for a reason.`
}

function againstOff(off: readonly TrailLine[]): string | null {
  if (off.length === 0) return null
  return `Still off by the parts trail: ${missingText(off)}. Put each back first, or say there why it stays off.`
}
