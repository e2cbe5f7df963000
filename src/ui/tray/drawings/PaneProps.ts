import type { Candidate } from '@/core/fit/Candidate'
import type { SectionModel } from '../../section/sectionModel'
import type { TrayBenchState } from '../useTrayBench'

/** What the left side of a tray's page is drawn from. */
export interface PaneProps {
  readonly bench: TrayBenchState
  readonly model: SectionModel
  /** tried or picked; null while nothing is */
  readonly pair: Candidate | null
  /** CSS pixels */
  readonly width: number
}
