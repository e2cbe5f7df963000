import type { JobFacts } from './JobFacts'
import type { SchoolId, SchoolStand } from './schools'

/** The facts of a tray with everything that follows from them for the steps: what has to come off and what is new. */
export interface Job {
  readonly facts: JobFacts
  readonly schools: Readonly<Record<SchoolId, SchoolStand>>
  /** the crystal comes out or a new one goes in */
  readonly crystalWork: boolean
  /** there is a crystal, whole or in pieces, to take out */
  readonly crystalToRemove: boolean
  readonly crystalBroke: boolean
  readonly bezelOff: boolean
  /** the bezel comes off whatever school is followed at the press */
  readonly bezelMustOff: boolean
  readonly insertWork: boolean
  readonly shellOff: boolean
  readonly backOff: boolean
  readonly movementOut: boolean
  /** magnifier, insert or bezel is judged by the dial: the movement is back before they are final */
  readonly referenceFirst: boolean
  /** the movement leaves through the front */
  readonly frontLoader: boolean
  readonly cellOut: boolean
  readonly crystalGasketNew: boolean
  readonly backSealNew: boolean
  /** a bezel is chosen: a new one, or its own after all */
  readonly bezelNew: boolean
  /** its own chapter ring does not go back */
  readonly chapterRingNew: boolean
}
