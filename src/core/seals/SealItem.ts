import type { PartKind } from '../parts/parts'
import type { DimensionId } from '../readings/dimensions'
import type { SealAssessment } from './assessSeal'

/** One choice for a seal, as a line of the drawers. */
export interface SealLine {
  readonly kind: PartKind
  readonly partId: number
  readonly code: string
  readonly drawer: string
  readonly quantity: number
  readonly words: string
  readonly reason: string
  readonly seal: SealAssessment | null
}

/** One seal of a case, with what serves it. */
export interface SealItem {
  readonly id: 'back' | 'disc' | 'crown' | 'pusher'
  readonly title: string
  readonly choices: readonly SealLine[]
  /** what to order where the drawers hold nothing */
  readonly order: string | null
  /** how the old ring's readings are biased, and other things to know */
  readonly notes: readonly string[]
  /** what to measure to know more */
  readonly measure: readonly DimensionId[]
}
