import type { TrayActions } from './TrayActions'
import type { TrayBenchState } from './useTrayBench'

/** What every panel of a stage's work is given. */
export interface StageWorkProps {
  readonly bench: TrayBenchState
  readonly actions: TrayActions
}
