import type { PressStep } from '../PressStep'
import type { PressWork } from '../pressWorks'
import type { PlannedDie } from './PlannedDie'

/** How one thing is pressed, whichever press does it. */
export interface WorkPlan {
  readonly work: PressWork
  /** what the pusher bears on */
  readonly presses: string
  /** what the support bears on */
  readonly restsOn: string
  /** what no die may touch */
  readonly spare: readonly string[]
  /** pusher, then support; empty where it goes by hand */
  readonly dies: readonly PlannedDie[]
  /** laid, started, pressed, turned, looked at: in the order of the work */
  readonly steps: readonly PressStep[]
  readonly warnings: readonly string[]
  /** “when it lets go” */
  readonly stop: string
}
