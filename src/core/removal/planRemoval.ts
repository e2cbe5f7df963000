import type { MethodSituation } from '../methods/assessMethod'
import { procedure } from '../procedure/procedure'
import type { StageId } from '../stages/stages'
import type { SchoolChoices, SchoolId } from '../procedure/schools'
import { schoolStand } from '../procedure/schoolStand'
import type { Step } from '../procedure/Step'
import type { RemovalWay, RemovedPart } from './Removal'
import { REMOVED_PARTS } from './Removal'
import type { RankedWay } from './rankWays'
import { rankWays } from './rankWays'
import type { PastRemoval } from './wayRecord'

/** A way with what it asks for on this very job. */
export interface PlannedWay extends RankedWay {
  /** steps that this way adds to the job, in order */
  readonly steps: readonly Pick<Step, 'title' | 'activeMinutes' | 'waitMinutes'>[]
  readonly activeMinutes: number
  readonly waitMinutes: number
  readonly isTaken: boolean
  /** why it cannot be taken; null where it can */
  readonly against: string | null
}

/** How a part comes off on this job: the ways side by side. */
export interface RemovalPlan {
  readonly part: RemovedPart
  /** what is chosen between; null where there is one way alone */
  readonly school: SchoolId | null
  /** safest first */
  readonly ways: readonly PlannedWay[]
  /** stages at which one of the open ways takes it off: what is chosen at the first decides the next */
  readonly at: readonly StageId[]
}

/** Steps that take each part off: where a job has none of them there is nothing to plan. */
const TAKEN_OFF_BY: Readonly<Record<RemovedPart, readonly string[]>> = {
  bezel: ['bezel-off'],
  insert: ['insert-push-out', 'insert-lift', 'insert-blade-off'],
  magnifier: ['magnifier-off'],
}
/** What is chosen between for each part; null where there is one way alone. */
export const SCHOOL_OF_REMOVAL: Readonly<Record<RemovedPart, SchoolId | null>> = {
  bezel: 'bezel-removal',
  insert: 'insert-removal',
  magnifier: null,
}

/** The step that takes a part off on this job; null where none does. */
export function removalStep(part: RemovedPart, steps: readonly Step[]): Step | null {
  return steps.find(({ id }) => TAKEN_OFF_BY[part].includes(id)) ?? null
}

/** How everything comes off that can be harmed by it, each way with its steps and times and what this shop saw of it. */
export function planRemovals(
  situation: MethodSituation,
  choices: SchoolChoices,
  past: readonly PastRemoval[],
): RemovalPlan[] {
  const { steps } = procedure(situation.facts, choices)
  return REMOVED_PARTS.flatMap((part) => {
    const step = removalStep(part, steps)
    if (!step) return []
    const ways = rankWays(
      part,
      situation,
      past.filter((one) => one.part === part),
    )
    return ways.length === 0 ? [] : [planOf(part, ways, situation, choices)]
  })
}

function planOf(
  part: RemovedPart,
  ways: readonly RankedWay[],
  { facts }: MethodSituation,
  choices: SchoolChoices,
): RemovalPlan {
  const school = SCHOOL_OF_REMOVAL[part]
  const jobBy = (way: RemovalWay) =>
    procedure(facts, school === null ? choices : { ...choices, [school]: way })
  const jobs = new Map(ways.map(({ id }) => [id, jobBy(id)]))
  const inAll = (step: Step) =>
    [...jobs.values()].every(({ steps }) => steps.some((other) => isSame(step, other)))
  const stand = school && schoolStand(school, facts, choices)
  const taken = stand?.option
  const stages = [...jobs.values()].flatMap(({ steps }) => removalStep(part, steps)?.stage ?? [])
  return {
    part,
    school,
    at: [...new Set(stages)],
    ways: openFirst(
      ways.map((way) => {
        const against = stand?.against?.[way.id] ?? null
        const all = against === null ? (jobs.get(way.id)?.steps ?? []) : []
        const own = removalStep(part, all)
        const steps = all.filter((step) => !inAll(step) || step.id === own?.id)
        return {
          ...way,
          steps: steps.map(({ title, activeMinutes, waitMinutes }) => ({
            title,
            activeMinutes,
            waitMinutes,
          })),
          activeMinutes: total(steps, 'activeMinutes'),
          waitMinutes: total(steps, 'waitMinutes'),
          isTaken: way.id === taken,
          against,
        }
      }),
    ),
  }
}

/** What this case does not allow comes last, whatever its risk were elsewhere. */
function openFirst(ways: readonly PlannedWay[]): PlannedWay[] {
  return ways.toSorted((a, b) => Number(a.against !== null) - Number(b.against !== null))
}

function isSame(a: Step, b: Step): boolean {
  return a.id === b.id && a.title === b.title && a.activeMinutes === b.activeMinutes
}

function total(steps: readonly Step[], of: 'activeMinutes' | 'waitMinutes'): number {
  return steps.reduce((sum, step) => sum + step[of], 0)
}
