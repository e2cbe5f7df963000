import { constructionOf } from '../construction/constructions'
import { hasOldRing } from '../construction/hasOldRing'
import type { Estimate } from '../measure/Estimate'
import type { CrystalSeat } from '../fit/CrystalSeat'
import type { StockCrystal, StockGasket } from '../fit/parts'
import { jobOf, ringTooOld } from '../procedure/jobOf'
import type { Job } from '../procedure/Job'
import type { JobFacts } from '../procedure/JobFacts'
import type { SchoolChoices } from '../procedure/schools'
import type { DimensionId } from '../readings/dimensions'
import { DIMENSIONS } from '../readings/dimensions'
import type { CaseSheet } from '../tray/CaseSheet'
import type { MeasuredFigures } from '../tray/measuredFigures'
import type { OwnPartId, PartsLookedOver, Seen } from './OwnPart'
import { OWN_PART_IDS, OWN_PARTS, serves } from './OwnPart'
import { ownCrystal } from './ownCrystal'
import { ownGasket } from './ownGasket'

/** A part of the piece that came off, and whether it may go back. */
export interface OwnPart {
  readonly id: OwnPartId
  /** null while nobody looked it over */
  readonly seen: Seen | null
  /** said to go back, where that is how it does */
  readonly goesBack: boolean
  /** why it does not go back, whatever it looks like, or what has to be done first; null where it may */
  readonly against: string | null
  /** true where nobody asked for a new one */
  readonly wanted: boolean
  /** true where looking it over or measuring it is all that is missing */
  readonly mayStill: boolean
}

/** Own parts that can be judged like those of the drawers, each with how well its size is known. */
export interface OwnCandidates {
  readonly crystal: { readonly part: StockCrystal; readonly diameter: Estimate } | null
  readonly gasket: { readonly part: StockGasket; readonly wall: Estimate } | null
}

export interface OwnPartsBasis {
  readonly facts: JobFacts
  readonly schools: SchoolChoices
  readonly looked: PartsLookedOver
  /** the case as it came in: what is its own was read there */
  readonly found: { readonly sheet: CaseSheet; readonly measured: MeasuredFigures }
  /** what the crystal goes back into; null while too little is known */
  readonly seat: CrystalSeat | null
}

/** What the job would rather have back than new: what was looked over, is sound and nobody wants replaced. */
export interface RatherOwn {
  readonly crystal: boolean
  readonly gasket: boolean
}

export interface OwnParts extends OwnCandidates {
  readonly rather: RatherOwn
  readonly parts: readonly OwnPart[]
}

/** What of the piece itself may go back, by what was seen of it, by the school, and by what was read of it. */
export function ownParts({ facts, schools, looked, found, seat }: OwnPartsBasis): OwnParts {
  const job = jobOf(facts, schools)
  const { measured, sheet } = found
  const crystal = seat && ownCrystal(measured, sheet, facts, seat)
  const gasket = seat && ownGasket(measured, sheet, seat)
  const unread: Readonly<Partial<Record<OwnPartId, DimensionId | null>>> = {
    crystal: missingOf(crystal),
    'crystal-gasket': missingOf(gasket),
  }
  const parts = OWN_PART_IDS.filter((id) => isThere(id, job)).map((id): OwnPart => {
    const seen = looked[id]?.seen ?? null
    const never = neverBack(id, job)
    const first = firstOf(id, seen, unread[id] ?? null)
    return {
      id,
      seen,
      goesBack: (looked[id]?.goesBack ?? false) && never === null && first === null,
      against: never ?? first,
      wanted: !facts.asked.some((wish) => wish === OWN_PARTS[id].newOne),
      mayStill: never === null && (seen === null || serves(seen)),
    }
  })
  const mayBe = (id: OwnPartId) => parts.some((part) => part.id === id && part.mayStill)
  const isRather = (id: OwnPartId) =>
    parts.some((part) => part.id === id && part.against === null && part.wanted)
  return {
    parts,
    rather: { crystal: isRather('crystal'), gasket: isRather('crystal-gasket') },
    crystal: crystal && !('missing' in crystal) && mayBe('crystal') ? crystal : null,
    gasket: gasket && !('missing' in gasket) && mayBe('crystal-gasket') ? gasket : null,
  }
}

/** Does the piece have it, and does this job touch it? */
function isThere(id: OwnPartId, job: Job): boolean {
  const { facts, crystalWork, insertWork, backOff, backSealNew, bezelNew } = job
  switch (id) {
    case 'crystal':
      return crystalWork && facts.crystalState === 'whole'
    case 'crystal-gasket':
      return crystalWork && hasOldRing(facts)
    case 'insert':
      return insertWork
    case 'bezel':
      return bezelNew
    case 'chapter-ring':
      return facts.asked.includes('chapter-ring') && facts.chapterRing !== 'none'
    case 'back-seal':
      // A school that renews it anyway asks nobody to look.
      return backOff && facts.backSeal !== 'none' && (!backSealNew || facts.unfit.includes('back-seal'))
  }
}

/** Why a part is not put back at all. */
function neverBack(id: OwnPartId, job: Job): string | null {
  if (id !== 'crystal-gasket') return null
  const { facts, schools, crystalGasketNew } = job
  if (!constructionOf(facts.retention).ring.mayServeAgain) return 'squeezed for good: it serves once'
  if (!crystalGasketNew || facts.unfit.includes('crystal-gasket')) return null
  return facts.asked.includes('gasket')
    ? 'a new one was asked for'
    : `a new one: ${ringTooOld(facts, schools['crystal-gasket'].option) ?? schools['crystal-gasket'].because}`
}

/** What is to be done before it can go back, or what was seen that rules it out. */
function firstOf(id: OwnPartId, seen: Seen | null, unread: DimensionId | null): string | null {
  const { label, seen: ways } = OWN_PARTS[id]
  if (seen === null) return `look the ${label} over first: ${ways.join(', ')}`
  if (!serves(seen)) return `it is ${seen} and does not go back`
  if (unread) return `measure its ${DIMENSIONS[unread].label.toLowerCase()} first`
  return null
}

function missingOf(own: object | null): DimensionId | null {
  return own && 'missing' in own ? (own as { missing: DimensionId }).missing : null
}
