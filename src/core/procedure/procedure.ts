import type { StageId } from '../stages/stages'
import type { Job } from './Job'
import { jobOf } from './jobOf'
import type { JobFacts } from './JobFacts'
import { CLEAN_AND_MATCH_RULES } from './rules/cleanAndMatchRules'
import { CLOSE_RULES } from './rules/closeRules'
import { PROVE_RULES } from './rules/proveRules'
import { DECASE_RULES, FRONT_DECASE_RULES } from './rules/decaseRules'
import { ALIGN_RULES, PRESS_RULES } from './rules/fitRules'
import { INTAKE_RULES } from './rules/intakeRules'
import { OPEN_RULES } from './rules/openRules'
import { MEASURE_OUT_RULES } from './rules/measureOutRules'
import { MAGNIFIER_RULES, REMOVE_RULES } from './rules/removeRules'
import type { SchoolChoices, SchoolId } from './schools'
import type { ComputedTools, Step, StepRule, Told } from './Step'
import { NO_COMPUTED_TOOLS } from './Step'

/** Every rule in the order the work is done. Where two rules share an id, at most one of them holds for a job. */
export const STEP_RULES: readonly StepRule[] = [
  ...INTAKE_RULES,
  ...OPEN_RULES,
  ...DECASE_RULES,
  ...REMOVE_RULES,
  ...FRONT_DECASE_RULES,
  ...MAGNIFIER_RULES,
  ...MEASURE_OUT_RULES,
  ...CLEAN_AND_MATCH_RULES,
  ...PRESS_RULES,
  ...ALIGN_RULES,
  ...CLOSE_RULES,
  ...PROVE_RULES,
]

export interface Procedure {
  readonly steps: readonly Step[]
  /** technician's time in all, minutes */
  readonly activeMinutes: number
  /** cures, soaks and runs in all, minutes */
  readonly waitMinutes: number
}

/**
 * The ordered steps of one tray, worked out from its facts.
 * Times are common practice or from memory and meant for planning, not for billing.
 * @param choices - schools chosen by hand on this tray
 * @param tools - dies, pins and sockets worked out from figures, where they are known
 */
export function procedure(
  facts: JobFacts,
  choices: SchoolChoices = {},
  tools: ComputedTools = NO_COMPUTED_TOOLS,
): Procedure {
  const job = jobOf(facts, choices)
  const steps = STEP_RULES.filter((rule) => rule.when(job)).map((rule) => stepOf(rule, job, tools))
  return {
    steps,
    activeMinutes: total(steps, 'activeMinutes'),
    waitMinutes: total(steps, 'waitMinutes'),
  }
}

/** The steps of one stage, in order. */
export function stepsOf({ steps }: Procedure, stage: StageId): Step[] {
  return steps.filter((step) => step.stage === stage)
}

function total(steps: readonly Step[], of: 'activeMinutes' | 'waitMinutes'): number {
  return steps.reduce((sum, step) => sum + step[of], 0)
}

function schoolOf(id: SchoolId | null, job: Job): Step['school'] {
  return id === null ? null : { id, ...job.schools[id] }
}

function stepOf(rule: StepRule, job: Job, tools: ComputedTools): Step {
  const told = <T>(what: Told<T> | undefined, nothing: T): T => {
    if (what === undefined) return nothing
    return typeof what === 'function' ? (what as (job: Job, tools: ComputedTools) => T)(job, tools) : what
  }
  return {
    id: rule.id,
    stage: rule.stage,
    title: told(rule.title, ''),
    why: told(rule.why, ''),
    tools: told<readonly string[]>(rule.tools, []),
    cautions: told<readonly string[]>(rule.cautions, []),
    activeMinutes: rule.activeMinutes,
    waitMinutes: told(rule.waitMinutes, 0),
    openMinutes: told(rule.openMinutes, 0),
    check: told<string | null>(rule.check, null),
    question: rule.question ?? null,
    takesOff: told<Step['takesOff']>(rule.takesOff, []),
    putsBack: told<Step['putsBack']>(rule.putsBack, []),
    laysIn: told<Step['laysIn']>(rule.laysIn, []),
    after: told<readonly string[]>(rule.after, []),
    school: schoolOf(told<SchoolId | null>(rule.school, null), job),
  }
}
