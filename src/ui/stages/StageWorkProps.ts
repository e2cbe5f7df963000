import type { TrayCalls } from '@/services/actions'
import type { TrayBenchState } from '../tray/useTrayBench'

/** What every panel of a stage's work is given. */
export interface StageWorkProps {
  readonly bench: TrayBenchState
  readonly actions: TrayCalls
}
