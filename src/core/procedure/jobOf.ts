import { carriesCrystalOver } from '../construction/carriesOver'
import { constructionOf } from '../construction/constructions'
import { hasCell, isPressedOn, turns } from '../construction/kinds'
import { hasOwnBack } from '../opening/backKinds'
import type { Job } from './Job'
import type { JobFacts } from './JobFacts'
import type { SchoolChoices, SchoolId, SchoolStand } from './schools'
import { MOST_RING_YEARS, SCHOOL_IDS } from './schools'
import { schoolStand } from './schoolStand'

export function jobOf(facts: JobFacts, choices: SchoolChoices = {}): Job {
  const schools = Object.fromEntries(SCHOOL_IDS.map((id) => [id, schoolStand(id, facts, choices)])) as Record<
    SchoolId,
    SchoolStand
  >
  const asks = (...wanted: JobFacts['asked'][number][]) => wanted.some((w) => facts.asked.includes(w))
  const crystalBroke = facts.crystalState === 'cracked' || facts.crystalState === 'shattered'
  const fixedRing = asks('chapter-ring') && facts.chapterRing !== 'none'
  const crystalWork = asks('crystal', 'gasket') || fixedRing || carriesCrystalOver(facts)
  const insertWork = asks('insert') && facts.insertMaterial !== 'none'
  const frontLoader = !hasOwnBack(facts.backKind)
  const { bezel } = constructionOf(facts.retention)
  const mayComeOff = isPressedOn(facts.bezelKind) || facts.bezelKind === 'screwed'
  const bezelMustOff =
    mayComeOff &&
    (asks('bezel-off') ||
      asks('bezel') ||
      (insertWork && schools['insert-removal'].option === 'push-out') ||
      (crystalWork && bezel !== null))
  const bezelOff =
    bezelMustOff || (mayComeOff && crystalWork && schools['bezel-at-the-press'].option === 'off')
  // A bezel that carries a whole crystal lifts off with it from the front: only then may the movement stay where it is.
  const movementOut =
    (crystalWork && (bezel?.role !== 'carries' || facts.crystalState !== 'whole')) ||
    asks('marker') ||
    (asks('magnifier-off') && facts.magnifier !== 'none')
  const magnifierSet = crystalWork && facts.magnifier !== 'none' && !asks('magnifier-off')
  const resealing = asks('reseal')
  const backOff =
    !frontLoader && (movementOut || resealing || asks('battery') || facts.leaksSuspected.includes('back'))
  return {
    facts,
    schools,
    crystalWork,
    crystalToRemove: crystalWork && facts.crystalState !== 'missing',
    crystalBroke,
    bezelOff,
    bezelMustOff,
    insertWork,
    shellOff: facts.bezelKind === 'resin-shell' && (asks('resin-shell') || crystalWork || backOff),
    backOff,
    movementOut,
    frontLoader,
    referenceFirst: movementOut && (magnifierSet || bezelOff || insertWork),
    cellOut: hasCell(facts.movementKind) && (asks('battery') || movementOut),
    crystalGasketNew: crystalWork && gasketIsNew(facts, schools['crystal-gasket'].option, crystalBroke),
    backSealNew:
      backOff &&
      facts.backSeal !== 'none' &&
      (schools['back-seal'].option === 'renew' || facts.unfit.includes('back-seal')),
    bezelNew: bezelMustOff && asks('bezel'),
    chapterRingNew: fixedRing && facts.unfit.includes('chapter-ring'),
  }
}

function gasketIsNew(facts: JobFacts, policy: string, crystalBroke: boolean): boolean {
  if (!constructionOf(facts.retention).ring.sealsWith(facts.crystalMaterial)) return false
  if (policy === 'renew-always' || facts.asked.includes('gasket')) return true
  if (!facts.gasketPresent || facts.unfit.includes('crystal-gasket')) return true
  if (ringTooOld(facts, policy) !== null) return true
  return crystalBroke && policy !== 'keep-if-sound'
}

/** Why its old gasket is too old by a school that goes by age; null where it is not, or where the school does not ask. */
export function ringTooOld(
  { gasketAgeYears }: Pick<JobFacts, 'gasketAgeYears'>,
  school: string,
): string | null {
  const mostYears = MOST_RING_YEARS[school]
  if (mostYears === undefined) return null
  if (gasketAgeYears === null) return `nobody knows how old it is, and ${mostYears} years is the most here`
  return gasketAgeYears > mostYears ? `${gasketAgeYears} years old, ${mostYears} is the most here` : null
}

/** True when a turning bezel is part of what comes off. */
export function turningBezelOff(job: Job): boolean {
  return job.bezelOff && turns(job.facts.bezelKind)
}

/** True when a bezel lifts off with its crystal over a movement that stays in: nothing is left over the dial. */
export function bezelBaresDial({ facts, bezelOff, movementOut }: Job): boolean {
  return bezelOff && !movementOut && constructionOf(facts.retention).bezel?.role === 'carries'
}

/** True when a chapter ring comes off in the bezel that carries the crystal, and goes into it again. */
export function ringLivesInBezel({ facts, crystalToRemove }: Job): boolean {
  const carried = constructionOf(facts.retention).bezel?.role === 'carries'
  return carried && crystalToRemove && (facts.chapterRing === 'loose' || facts.chapterRing === 'keyed')
}
