/** What the page of a stage shows beside its steps. */
export type StagePart = 'removal' | 'methods' | 'parts-off' | 'parts-back'

/** How a tray's job stands, as the Bench tells it. */
export interface StandingJob {
  /** the step that is next in this stage; null when all are ticked */
  readonly step: string | null
  /** what is to be read next, as “case bore, 12 to 6”; null when the plan is done */
  readonly reading: string | null
  readonly read: { readonly taken: number; readonly planned: number }
  /** what was picked, as “30.0 × 1.0 flat”, and where it lies; null while nothing is */
  readonly picked: { readonly what: string; readonly drawer: string } | null
  /** the size so far, in words; empty while nothing is known */
  readonly size: string
}

/** What to do next on a tray and what is known so far, in words. */
export interface ToDo {
  readonly next: string
  /** empty while nothing is known */
  readonly known: string
}

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
  /** what to do next where it is more than the next step; left out where it is that */
  readonly toDo?: (job: StandingJob) => ToDo
}
