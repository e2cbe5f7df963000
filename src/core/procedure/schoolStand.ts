import { turns } from '../construction/kinds'
import { constructionOf } from '../construction/constructions'
import { againstWay, usualWay } from '../removal/againstWay'
import type { RemovedPart } from '../removal/Removal'
import { BEZEL_WAYS, INSERT_WAYS } from '../removal/Removal'
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
  if (chosen === usual.option || usual.against?.[chosen] !== undefined) return usual
  const because = here === undefined ? 'this shop always does it so' : 'chosen for this tray'
  return { ...usual, option: chosen, because }
}

function usualSchool(id: SchoolId, facts: JobFacts): SchoolStand {
  switch (id) {
    case 'crystal-gasket':
      return gasketSchool(facts)
    case 'bezel-removal':
      return bezelRemovalSchool(facts)
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
    case 'wet-test':
      return {
        option: 'dry-only',
        because: 'water in a movement is dear, and a dry test tells as much',
        open: true,
      }
  }
}

/** Ways that are not open on such a case, each with why. */
function againstWays(id: SchoolId, part: RemovedPart, facts: JobFacts): Readonly<Record<string, string>> {
  return Object.fromEntries(
    Object.keys(SCHOOLS[id].options).flatMap((way) => {
      const why = againstWay(part, way, facts)
      return why === null ? [] : [[way, why]]
    }),
  )
}

function standWith(
  { option, because }: Pick<SchoolStand, 'option' | 'because'>,
  against: Readonly<Record<string, string>>,
  optionsInAll: number,
): SchoolStand {
  const refused = Object.keys(against).length
  const open = refused < optionsInAll - 1
  return refused === 0 ? { option, because, open } : { option, because, open, against }
}

function bezelRemovalSchool(facts: JobFacts): SchoolStand {
  const usual = usualWay('bezel', facts)
  if (!usual) return { option: 'plastic-lever', because: 'nothing is pressed on here', open: false }
  const against = againstWays('bezel-removal', 'bezel', facts)
  return standWith({ option: usual.way, because: usual.because }, against, BEZEL_WAYS.length)
}

function insertSchool(facts: JobFacts): SchoolStand {
  const against = againstWays('insert-removal', 'insert', facts)
  const because =
    facts.insertHold !== 'friction' && against['soak'] !== undefined
      ? `no soak here: ${against['soak']}`
      : (against['soak'] ?? 'nothing soaks, so nothing else is harmed')
  return standWith({ option: 'push-out', because }, against, INSERT_WAYS.length)
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
