import { turns } from '../construction/kinds'
import { constructionOf } from '../construction/constructions'
import { assessMethod } from '../methods/assessMethod'
import type { PieceNow } from '../methods/PieceNow'
import type { JobFacts } from './JobFacts'
import type { SchoolChoices, SchoolId, SchoolStand } from './schools'
import { SCHOOLS } from './schools'

/**
 * The school followed on this tray: the one chosen by hand, else the shop's own, else the usual one for such a case.
 * A choice practice does not allow here is not followed.
 */
export function schoolStand(id: SchoolId, facts: JobFacts, choices: SchoolChoices): SchoolStand {
  const usual = usualSchool(id, facts)
  const here = choices[id]
  const chosen = here ?? facts.shopSchools[id]
  if (!usual.open || chosen === undefined || !(chosen in SCHOOLS[id].options)) return usual
  if (chosen === usual.option) return usual
  const because = here === undefined ? 'this shop always does it so' : 'chosen for this tray'
  return { option: chosen, because, open: true }
}

function usualSchool(id: SchoolId, facts: JobFacts): SchoolStand {
  switch (id) {
    case 'crystal-gasket':
      return gasketSchool(facts)
    case 'insert-removal':
      return insertSchool(facts)
    case 'insert-fixing':
      return {
        option: 'flexible-cement',
        because: 'it leaves time to turn the pip to 12',
        open: true,
      }
    case 'bezel-at-the-press':
      return bezelSchool(facts)
    case 'ring-fixing':
      return {
        option: 'cement-dots',
        because: 'they hold however the crystal sits',
        open: true,
      }
    case 'hands-and-fragments':
      return facts.crystalState === 'shattered'
        ? { option: 'hands-off', because: 'a shattered crystal leaves grains under the hands', open: true }
        : { option: 'look-first', because: 'a crack leaves few fragments or none', open: true }
    case 'back-seal':
      return facts.asked.includes('reseal') || facts.sealsDoubtful
        ? { option: 'renew', because: 'the seals are what the job is about', open: true }
        : { option: 'keep-if-sound', because: 'a sound ring seals as well as a new one', open: true }
  }
}

/** As the soak finds it: head shut, strap off. */
function asItComes({ crystalState, crystalMaterial }: JobFacts): PieceNow {
  const on = { shell: false, back: false, crown: false, bezel: false, insert: false, crystal: false }
  const inside = { crystalGasket: false, backSeal: false, movement: false }
  return {
    off: { ...on, ...inside, strap: true },
    crystal: { state: crystalState, material: crystalMaterial },
  }
}

function insertSchool(facts: JobFacts): SchoolStand {
  if (facts.insertHold === 'friction') {
    return { option: 'push-out', because: 'held by friction: there is nothing to dissolve', open: false }
  }
  const soak = assessMethod(
    { process: 'acetone-bath', scope: 'face' },
    { facts, piece: asItComes(facts), bench: [] },
  )
  const against = soak.findings.find((finding) => finding.severity === 'block')
  return against
    ? { option: 'push-out', because: `no soak here: ${against.about}, ${against.why}`, open: false }
    : { option: 'push-out', because: 'nothing soaks, so nothing else is harmed', open: true }
}

function gasketSchool({ retention, crystalState }: JobFacts): SchoolStand {
  if (constructionOf(retention).bezel) {
    return { option: 'renew-always', because: 'the bezel squeezes it once and for all', open: false }
  }
  return {
    option: 'renew-when-damaged',
    because:
      crystalState === 'whole' ? 'a whole crystal leaves it whole' : 'broken edges cut it: it is new here',
    open: true,
  }
}

function bezelSchool({ bezelKind, insertMaterial }: JobFacts): SchoolStand {
  if (insertMaterial === 'ceramic') {
    return { option: 'off', because: 'a ceramic insert shatters under a slipping die', open: true }
  }
  return turns(bezelKind)
    ? { option: 'off', because: 'a turning bezel overlaps the crystal and its spring bends', open: true }
    : { option: 'protected', because: 'a fixed bezel stays unless it must come off', open: true }
}
