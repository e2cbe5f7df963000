import { hasHands } from '../../construction/kinds'
import type { StageId } from '../../stages/stages'
import type { Job } from '../Job'
import type { StepRule } from '../Step'
import { judged, UNDERSIDE } from './questions'

const HOLDS_AGAIN = {
  clamps: 'Clamps half-tight on one side, the other, then both full',
  'screws-turn-in': 'Case screws back OUT until they hold',
  'holding-ring': 'Holding ring in, its screws alternately',
  spacers: 'Rubber spacers in, each where it was',
  'back-alone': 'The back holds it',
} as const

/** Grains of glass are looked for under hands that come off. */
export const handsComeOff: StepRule['when'] = ({ crystalBroke, movementOut, facts, schools }) =>
  crystalBroke &&
  movementOut &&
  hasHands(facts.movementKind) &&
  schools['hands-and-fragments'].option === 'hands-off'

/** Through the front before the crystal shuts it; before what is set true to the dial is final; else as the case is closed. */
function goesInAt({ frontLoader, referenceFirst }: Job): StageId {
  if (frontLoader) return 'press-in'
  return referenceFirst ? 'align' : 'close'
}

/** Not where the glass goes in after the movement: it is cleaned just before. */
const UNDERSIDE_FIRST: Omit<StepRule, 'stage'> = {
  id: 'underside-first',
  when: ({ movementOut }) => movementOut,
  title: 'Underside of the glass looked at under light from the side',
  why: 'Once the movement covers it, a hair there is only seen through the dial.',
  tools: ['loupe', 'hand blower'],
  activeMinutes: 2,
  question: UNDERSIDE,
}

/** The movement back in its case, for the jobs in which it goes in at this stage. */
export function movementBack(stage: StageId): StepRule[] {
  const rules: readonly Omit<StepRule, 'stage'>[] = [
    {
      id: 'hands-on',
      when: handsComeOff,
      title: 'Stem in the movement, turned until the date jumps; hands on at twelve, lowest first',
      why: 'Fitted at the change they agree with midnight.',
      activeMinutes: 10,
      putsBack: ['hand'],
      check: 'Minute hand exactly over the hour hand at twelve; seconds hand last.',
    },
    {
      id: 'hands-travel',
      when: handsComeOff,
      title: 'One full hour of travel past every applied marker, then some minutes of running',
      why: 'Hands that touch one another or a marker stop it, or let go of it at home.',
      tools: ['loupe'],
      after: ['hands-on'],
      activeMinutes: 5,
      question: judged('free all the way', 'one touches', 'Which, and where'),
    },
    ...(stage === 'press-in' ? [] : [UNDERSIDE_FIRST]),
    {
      id: 'movement-in',
      when: ({ movementOut }) => movementOut,
      title: ({ facts }) =>
        facts.asked.includes('chapter-ring')
          ? 'Movement stays in from aligning the ring: blow out, loupe, stem tried'
          : 'Blow out, loupe, movement in, stem in with a turn of the crown',
      why: 'It clicks; tried before the ring goes down it saves taking it all out again.',
      tools: ['hand blower', 'loupe'],
      activeMinutes: 5,
      // What it covers is seen to before it does.
      after: ['hands-on', 'hands-travel', 'underside-first'],
      putsBack: ['movement', 'stem'],
      check: 'Crown pulls and turns in every position.',
    },
    {
      id: 'hold-on',
      when: ({ movementOut, facts }) => movementOut && facts.movementHold !== 'back-alone',
      title: ({ facts }) => HOLDS_AGAIN[facts.movementHold ?? 'clamps'],
      why: ({ facts }) =>
        facts.movementHold === 'spacers'
          ? 'With one left out the movement sits off its middle, and the stem binds.'
          : 'Tightened on one side first, the movement tilts.',
      activeMinutes: 4,
      putsBack: ['clamp', 'screw', 'ring', 'spacer'],
    },
  ]
  return rules.map((rule) => ({ ...rule, stage, when: (job) => goesInAt(job) === stage && rule.when(job) }))
}
