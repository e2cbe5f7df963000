import type { Procedure } from '../procedure/procedure'
import type { StepSaid } from '../procedure/StepQuestion'
import { withSaid } from '../procedure/StepQuestion'
import { stepsOf } from '../procedure/procedure'
import type { StageState, StandingDemand } from '../stages/StageState'
import { openOf } from '../stages/StageState'
import { stageLabel } from '../stages/stages'
import { waitSubject } from '../waits/waits'
import type { ReportLine } from './Report'

/** What of a case the work on it is told from. */
export interface WorkTold {
  readonly procedure: Procedure
  readonly ticks: Readonly<Record<string, string>>
  /** what was seen, where a step asks */
  readonly said: Readonly<Record<string, StepSaid>>
}

/** A stage in a few lines: its steps that were done, what was left out for which reason, what is open. */
export function stageLines(state: StageState, { procedure, ticks, said }: WorkTold): ReportLine[] {
  const label = stageLabel(state.stage)
  const done = stepsOf(procedure, state.stage).filter(({ id }) => state.stepsDone.includes(id))
  const times = done.flatMap(({ id }) => ticks[`step:${id}`] ?? [])
  // A wait has a line of its own, with how long it took or why it was cut short.
  const demands = state.demands.filter(({ subject }) => !subject.startsWith(waitSubject('')))
  const open = openOf({ demands })
  return [
    ...(done.length === 0
      ? []
      : [
          line(
            label,
            done.map(({ id, title }) => withSaid(title, said[`step:${id}`])).join('; '),
            'done',
            latest(times),
          ),
        ]),
    ...byReason(demands).map(({ what, reason, at }) =>
      line(label, `${what.join('; ')}: “${reason}”`, 'left-out', at),
    ),
    ...(open.length === 0 ? [] : [line(label, open.map((demand) => demand.open).join('; '), 'open', null)]),
  ]
}

/** A stage step by step, each with its own time: for the proofs, which are asked for one by one. */
export function stepLines(
  what: string,
  state: StageState,
  { procedure, ticks, said }: WorkTold,
): ReportLine[] {
  const titleOf = (id: string) => {
    const step = stepsOf(procedure, state.stage).find((one) => one.id === id)
    return step && withSaid(step.title, said[`step:${id}`])
  }
  return state.demands.map(({ subject, steps, met, leftOut, open }) => {
    const title = steps.map(titleOf).filter(Boolean).join('; ') || open
    if (met) return line(what, title, 'done', ticks[subject] ?? null)
    return leftOut
      ? line(what, `${title}: “${leftOut.reason}”`, 'left-out', leftOut.at)
      : line(what, title, 'open', null)
  })
}

function line(what: string, words: string, mark: ReportLine['mark'], at: string | null): ReportLine {
  return { what, words, mark, at }
}

interface LeftOutTogether {
  readonly what: string[]
  readonly reason: string
  readonly at: string
}

/** What was left out with one reason at one time is told once. */
function byReason(demands: readonly StandingDemand[]): LeftOutTogether[] {
  const told: LeftOutTogether[] = []
  for (const { open, leftOut } of demands) {
    if (leftOut === null) continue
    const same = told.find(({ reason, at }) => reason === leftOut.reason && at === leftOut.at)
    if (same) same.what.push(open)
    else told.push({ what: [open], ...leftOut })
  }
  return told
}

function latest(times: readonly string[]): string | null {
  return times.toSorted().at(-1) ?? null
}
