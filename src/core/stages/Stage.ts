/** What the page of a stage shows beside its steps. */
export type StagePart = 'removal' | 'methods' | 'parts-off' | 'parts-back'

/** One stage of the work. */
export interface Stage {
  readonly label: string
  /** what it settles before the next one may begin. Common practice */
  readonly settles: string
  /** what is pressed when it is done */
  readonly done: string
  /** true where instruments are read: a phone has no room for the reading bar in the others */
  readonly reads: boolean
  readonly shows: readonly StagePart[]
}
