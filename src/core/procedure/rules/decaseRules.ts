import type { Job } from '../Job'
import type { TrailPartId } from '../../trail/parts'
import type { StepRule } from '../Step'

const RELEASES = {
  'push-pin': 'press the pin lightly',
  lever: 'swing the lever',
  dot: 'press the dot beside the stem',
  'release-screw': 'back the release screw off by a turn or two, no further',
  'split-stem': 'pull straight: the stem comes apart in two',
  'no-stem': 'no stem',
} as const

const HOLDS = {
  clamps: 'Clamps off: screw and clamp stay a pair',
  'screws-turn-in': 'Case screws IN until the movement is free: these are not unscrewed',
  'holding-ring': 'Holding ring loose and out',
  spacers: 'Rubber spacers out, counted: they fall out unnoticed',
  'back-alone': 'Nothing holds it but the back',
} as const

/** What comes off and is counted; screws that are turned in stay where they are. */
const HELD_BY: Readonly<Record<keyof typeof HOLDS, readonly TrailPartId[]>> = {
  clamps: ['clamp'],
  'screws-turn-in': [],
  'holding-ring': ['ring'],
  spacers: ['spacer'],
  'back-alone': [],
}

const CROWN_WORDS = {
  in: 'pushed in',
  date: 'at the date position',
  'hand-setting': 'at hand-setting',
} as const

const outBack = ({ movementOut, frontLoader }: Job) => movementOut && !frontLoader
const outFront = ({ movementOut, frontLoader }: Job) => movementOut && frontLoader

/** A case without a crown has no stem, whatever else nobody has looked at yet. */
const hasStem = ({ facts }: Job) => facts.stemRelease !== 'no-stem' && facts.crownKind !== 'none'

/** A reseal takes the crown out even where the movement stays in. */
const crownOut = (job: Job) => job.facts.asked.includes('reseal') && !job.movementOut && hasStem(job)

const DUST_COVER: Omit<StepRule, 'when'> = {
  id: 'dust-cover',
  stage: 'decase',
  title: 'Movement under the dust cover',
  why: 'Every minute open it collects what will stop it.',
  activeMinutes: 1,
  check: 'It is covered.',
}
const PARTS_COUNTED: Omit<StepRule, 'when'> = {
  id: 'parts-counted',
  stage: 'decase',
  title: 'Look in case and tray for what fell out by itself, and count',
  why: 'Every part that comes off is a thing to lose; small rubber blocks fall out unnoticed.',
  activeMinutes: 1,
  check: 'The parts trail holds every one of them.',
}
const STEM_OUT: Omit<StepRule, 'when'> = {
  id: 'stem-out',
  stage: 'decase',
  title: ({ facts }) =>
    facts.stemRelease
      ? `Stem out: ${RELEASES[facts.stemRelease]}`
      : 'Stem out by its release: look which kind it has',
  why: 'Light pressure and no force: a bent lever costs a movement.',
  activeMinutes: 2,
  takesOff: ['stem'],
}
const MOVEMENT_OUT: Omit<StepRule, 'when'> = {
  id: 'movement-out',
  stage: 'decase',
  title: ({ frontLoader }) =>
    frontLoader ? 'Movement out through the front' : 'Movement out over a cushion',
  why: 'A drop of a hand’s width is enough to bend a pivot.',
  tools: ['bench cushion', 'finger cots'],
  activeMinutes: 2,
  after: ({ frontLoader }) => [frontLoader ? 'crystal-out' : 'back-off'],
  takesOff: ['movement'],
}

/** Decase: stem, what holds the movement, the movement, its cover, the count. */
export const DECASE_RULES: readonly StepRule[] = [
  {
    id: 'crown-ready',
    stage: 'decase',
    when: (job) => outBack(job) && hasStem(job) && job.facts.stemRelease !== 'split-stem',
    title: ({ facts }) => `Crown ${CROWN_WORDS[facts.stemReleaseCrown ?? 'in']} before the release`,
    why: 'Released in the wrong position the keyless work jumps out of place.',
    activeMinutes: 1,
  },
  { ...STEM_OUT, when: (job) => outBack(job) && hasStem(job) },
  {
    id: 'crown-out',
    stage: 'decase',
    when: (job) => crownOut(job),
    title: 'Crown out with its stem: its seal and the tube’s thread looked at',
    why: 'Crown seals are the commonest leak after the back, and are not seen from outside.',
    tools: ['loupe'],
    activeMinutes: 3,
    takesOff: ['stem'],
  },
  {
    id: 'hold-off',
    stage: 'decase',
    when: (job) => outBack(job) && job.facts.movementHold !== 'back-alone',
    title: ({ facts }) =>
      facts.movementHold
        ? HOLDS[facts.movementHold]
        : 'What holds the movement off: clamps, screws, ring or spacers',
    why: 'Some case screws are screwed in to let go: look before turning.',
    activeMinutes: 3,
    takesOff: ({ facts }) => (facts.movementHold ? HELD_BY[facts.movementHold] : []),
  },
  { ...MOVEMENT_OUT, when: outBack },
  { ...DUST_COVER, when: outBack },
  { ...PARTS_COUNTED, when: outBack },
]

const FRONT: readonly StepRule[] = [
  { ...STEM_OUT, when: (job) => outFront(job) && hasStem(job) },
  { ...MOVEMENT_OUT, when: outFront },
  { ...DUST_COVER, when: outFront },
  { ...PARTS_COUNTED, when: outFront },
]

/** A one-piece case gives its movement up through the front, once the crystal is out. */
export const FRONT_DECASE_RULES = FRONT.map((rule): StepRule => ({ ...rule, stage: 'push-out' }))
