import type { StageId } from '../stages/stages'
import type { TrailPartId } from '../trail/parts'
import type { Job } from './Job'
import type { SchoolId, SchoolStand } from './schools'
import type { StepQuestion } from './StepQuestion'

/** One step of this very job, as worked out from its facts. */
export interface Step {
  readonly id: string
  readonly stage: StageId
  readonly title: string
  /** why it is there */
  readonly why: string
  readonly tools: readonly string[]
  readonly cautions: readonly string[]
  /** technician's own time, minutes, common practice or from memory */
  readonly activeMinutes: number
  /** time it then needs by itself, minutes; 0 when none */
  readonly waitMinutes: number
  /** of that time, for so long what was set may still be moved, minutes; 0 where it may not be touched */
  readonly openMinutes: number
  /** what must hold before going on; null when nothing special */
  readonly check: string | null
  /** what has to be said of it; null where a tick tells all */
  readonly question: StepQuestion | null
  /** parts that come off by it: it is done when the trail has every one of them */
  readonly takesOff: readonly TrailPartId[]
  /** parts that go back by it, as far as they are off */
  readonly putsBack: readonly TrailPartId[]
  /** parts it lays where they belong without fixing them: to be looked at, and still off by the trail */
  readonly laysIn: readonly TrailPartId[]
  /** ids of steps it rests on: it cannot be done before them */
  readonly after: readonly string[]
  /** the school followed here, when practitioners differ */
  readonly school: (SchoolStand & { readonly id: SchoolId }) | null
}

/** What a rule may know beyond the facts: tools worked out from figures and the drawers. */
export interface ComputedTools {
  readonly pins: string | null
  readonly socket: string | null
  readonly pushOut: readonly string[]
  readonly pressIn: readonly string[]
  readonly snapBack: readonly string[]
  /** what presses a bezel on */
  readonly bezelOn: readonly string[]
}

export const NO_COMPUTED_TOOLS: ComputedTools = {
  pins: null,
  socket: null,
  pushOut: [],
  pressIn: [],
  snapBack: [],
  bezelOn: [],
}

export type Told<T> = T | ((job: Job, tools: ComputedTools) => T)

/** A rule of the trade: when a step is due, and what it says. Its name and reason can be tested by themselves. */
export interface StepRule {
  readonly id: string
  readonly stage: StageId
  readonly when: (job: Job) => boolean
  readonly title: Told<string>
  readonly why: Told<string>
  readonly tools?: Told<readonly string[]>
  readonly cautions?: Told<readonly string[]>
  readonly activeMinutes: number
  readonly waitMinutes?: Told<number>
  readonly openMinutes?: Told<number>
  readonly check?: Told<string>
  readonly question?: StepQuestion
  readonly takesOff?: Told<readonly TrailPartId[]>
  readonly putsBack?: Told<readonly TrailPartId[]>
  readonly laysIn?: Told<readonly TrailPartId[]>
  readonly after?: Told<readonly string[]>
  /** null where practice leaves no choice on this very job */
  readonly school?: Told<SchoolId | null>
}
