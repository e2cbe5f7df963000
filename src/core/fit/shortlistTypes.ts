import type { Candidate } from './Candidate'
import type { FitPolicy } from './fitPolicy'
import type { RejectedCandidate } from './rejectedCandidate'

export interface Shortlist<C extends Candidate = Candidate> {
  /** what fits, best first, at most `most` */
  readonly fitting: readonly C[]
  readonly fittingCount: number
  /** near misses, nearest first, at most `most` */
  readonly rejected: readonly RejectedCandidate<C>[]
  readonly rejectedCount: number
  /** near misses by what failed first */
  readonly rejectedBy: Readonly<Record<string, number>>
}

export interface ShortlistOptions {
  readonly policy: FitPolicy
  /** pairs returned in each list */
  readonly most?: number
}
