import type { OwnPartId } from '../own-parts/OwnPart'
import type { PartKind } from '../parts/parts'
import type { StraightPair } from '../straight/pairs'

/** What the page of a stage shows beside its steps. */
export type StagePart = 'readings' | 'own-parts' | 'methods' | 'parts-off' | 'parts-back'

/**
 * What the page of a stage draws on its left: the case as it came in, its back with what grips it, what of it is off, the
 * corner that decides the fit, the case from above, or the case as it is closed.
 */
export type StageDrawing = 'whole' | 'back' | 'layers' | 'corner' | 'plan' | 'assembled'

/** How a tray's job stands, as the Bench tells it. */
export interface StandingJob {
  /** what is open next in this stage, in words; null when nothing is */
  readonly step: string | null
  /** what is to be read next, as “case bore, 12 to 6”; null when the plan is done */
  readonly reading: string | null
  readonly read: { readonly taken: number; readonly planned: number }
  /** what was picked, as “30.0 × 1.0 flat”, and where it lies, in words; null while nothing is */
  readonly picked: { readonly what: string; readonly where: string } | null
  /** what was picked came home */
  readonly home: boolean
  /** the size so far, in words; empty while nothing is known */
  readonly size: string
}

/** What to do next on a tray and what is known so far, in words. */
export interface ToDo {
  readonly next: string
  /** empty while nothing is known */
  readonly known: string
}

/** Something beside its steps that must be so before a stage is done. */
export interface Demand {
  readonly id: string
  /** what is open while it is not met, as “press run not logged” */
  readonly open: string
  readonly met: boolean
  /** ids of the steps it stands for: they are done when it is met, and take no tick of their own */
  readonly standsFor: readonly string[]
  /** ISO time; a reason given before it counts no more. Left out where any does */
  readonly reasonFrom?: string
}

/** What rests on figures. */
export type RestingAct = 'push-out' | 'pick' | 'insert' | 'seals' | 'press-run'

/** Figures that are other ones since something was done that rests on them. */
export interface OtherFigures {
  /** as “case bore 30.95 then, 31.05 now” */
  readonly words: string
  /** when they last changed, ISO time */
  readonly at: string
}

/** What of a plan is still to be read. */
export interface PlannedReadings {
  readonly planned: boolean
  /** in words; empty when all is read, or when what was read is enough */
  readonly missing: string
}

/** A pair by its last look. */
export interface StraightWork {
  readonly pair: StraightPair
  /** “insert against dial turned 2.46° clockwise” */
  readonly words: string
  readonly isStraight: boolean
  /** ISO time of that look */
  readonly lookedAt: string
}

/** How the work on a tray stands, as far as its stages ask. */
export interface StandingWork {
  /** ids of the steps of this job */
  readonly steps: readonly string[]
  /** it was said how tight the back was */
  readonly tightnessNoted: boolean
  /** of the glass, before anything presses on it */
  readonly glass: PlannedReadings
  /** of everything else */
  readonly rest: PlannedReadings
  /** kinds of parts that are out of their drawers for it */
  readonly out: readonly PartKind[]
  /** seals of back or crown are among them */
  readonly sealsOut: boolean
  /** own parts that were looked over */
  readonly looked: readonly OwnPartId[]
  /** those said to go back */
  readonly goBack: readonly OwnPartId[]
  /** a crystal is picked */
  readonly picked: boolean
  /** what was picked was logged as home */
  readonly home: boolean
  /** how the rim was read to stand after the last pressing; null where no height was read since */
  readonly rim: { readonly words: string; readonly isLevel: boolean } | null
  /** how the insert lies by heights read since it was set; null where none were, or none was set */
  readonly insertLevel: { readonly words: string; readonly isLevel: boolean } | null
  /** it was seen to be even at the end, under the loupe */
  readonly rimSeenEven: boolean
  /** pairs that were looked at, how each stands by its last look */
  readonly straight: readonly StraightWork[]
  /** the bezel as it was tried last; null where it was not */
  readonly bezelAction: { readonly words: string; readonly isRight: boolean; readonly at: string } | null
  /** the case by its last dry test; null where no record was kept */
  readonly dryTest: { readonly words: string; readonly isTight: boolean; readonly at: string } | null
  /** how the movement runs; null while nothing tells */
  readonly running: { readonly words: string; readonly isRight: boolean; readonly at: string } | null
  /** how the hands stand by their heights; null while none tells */
  readonly hands: { readonly words: string; readonly isRight: boolean | null; readonly at: string } | null
  /** acts that were done on other figures than there are now */
  readonly onOtherFigures: Readonly<Partial<Record<RestingAct, OtherFigures>>>
  /** parts of the trail that are not accounted for, in words; empty when all are */
  readonly partsOpen: string
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
  readonly drawing: StageDrawing
  readonly shows: readonly StagePart[]
  /** left out where its steps are all there is to do */
  readonly demands?: (work: StandingWork) => readonly Demand[]
  /** what to do next where it is more than the next step; left out where it is that */
  readonly toDo?: (job: StandingJob) => ToDo
}
