import { turns } from '../construction/kinds'
import { assessMethod } from '../methods/assessMethod'
import type { JobFacts } from './JobFacts'

/** Where practitioners differ. Each school has a default for the case at hand and every alternative stays open. */
export const SCHOOLS = {
  'crystal-gasket': {
    question: 'Crystal gasket',
    options: {
      'renew-when-damaged': 'new when cut, split, hard, or when the crystal broke',
      'renew-always': 'always new',
      'keep-if-sound': 'the old one again if it looks perfect',
    },
  },
  'insert-removal': {
    question: 'Insert off',
    options: {
      'push-out': 'bezel off first, pushed out from behind',
      soak: 'bezel stays on, the head’s face soaks in acetone',
    },
  },
  'insert-fixing': {
    question: 'Insert on',
    options: {
      'flexible-cement': 'clear flexible cement by needle',
      'double-sided-ring': 'pre-cut double-sided ring',
      'backed-insert': 'insert backed with adhesive',
    },
  },
  'bezel-at-the-press': {
    question: 'Bezel while pressing',
    options: { off: 'taken off first', protected: 'left on and protected' },
  },
  'ring-fixing': {
    question: 'Chapter ring held by',
    options: {
      'cement-dots': 'three to six small dots of flexible cement',
      'crystal-clamps': 'the crystal, pressed a little further home',
    },
  },
  'hands-and-fragments': {
    question: 'Hands and fragments',
    options: {
      'hands-off': 'hands off to clean under them',
      'look-first': 'look under them, off only if needed',
    },
  },
  'back-seal': {
    question: 'Back seal',
    options: { renew: 'new at every opening', 'keep-if-sound': 'cleaned and greased if sound' },
  },
} as const satisfies Record<string, School>

interface School {
  readonly question: string
  readonly options: Readonly<Record<string, string>>
}

export type SchoolId = keyof typeof SCHOOLS
export const SCHOOL_IDS = Object.keys(SCHOOLS) as readonly SchoolId[]

/** Options chosen by hand on this tray; a school left out follows its default. */
export type SchoolChoices = Readonly<Partial<Record<SchoolId, string>>>

export interface SchoolStand {
  readonly option: string
  readonly because: string
  /** false where practice leaves no choice */
  readonly open: boolean
}

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

function insertSchool(facts: JobFacts): SchoolStand {
  if (facts.insertHold === 'friction') {
    return { option: 'push-out', because: 'held by friction: there is nothing to dissolve', open: false }
  }
  const soak = assessMethod({ process: 'acetone-bath', scope: 'face' }, { facts, strapOff: true, bench: [] })
  const against = soak.findings.find((finding) => finding.severity === 'block')
  return against
    ? { option: 'push-out', because: `no soak here: ${against.about}, ${against.why}`, open: false }
    : { option: 'push-out', because: 'nothing soaks, so nothing else is harmed', open: true }
}

function gasketSchool({ retention, crystalState }: JobFacts): SchoolStand {
  if (retention === 'neck-and-bezel' || retention === 'press-in-bezel') {
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
