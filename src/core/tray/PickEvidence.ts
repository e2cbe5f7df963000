import type { SizeVerdict } from '../verdict/sizeVerdict'
import type { FigureOrigin } from '../fit/CaseFacts'

/** What a pick rested on when it was made; kept with it and never recomputed. Lengths mm. */
export interface PickEvidence {
  readonly formatVersion: 1
  readonly verdict: SizeVerdict | null
  readonly bore: {
    readonly valueMm: number
    readonly standardUncertaintyMm: number
    readonly origin: FigureOrigin
  }
  readonly interferenceMm: number
  readonly squeeze: number
  readonly rimMm: number
  readonly handClearanceMm: number | null
  readonly fitProbability: number
  readonly probability: number
  readonly reasons: readonly string[]
  readonly readingIds: readonly number[]
}
