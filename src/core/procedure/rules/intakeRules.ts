import { hasCell, hasHands } from '../../construction/kinds'
import { CAUTIONS } from '../cautions'
import type { StepRule } from '../Step'

/** Intake: harm is stopped first, then everything is seen and said before a tool touches the case. */
export const INTAKE_RULES: readonly StepRule[] = [
  {
    id: 'stop-movement',
    stage: 'intake',
    when: ({ crystalBroke, facts }) => crystalBroke && hasHands(facts.movementKind),
    title: ({ facts }) =>
      hasCell(facts.movementKind)
        ? 'Stop the movement now: crown to hand-setting, or cell out'
        : 'Stop the movement now: crown to hand-setting',
    why: 'A shard wedged between hand and dial strips a running train.',
    activeMinutes: 1,
    check: 'The hands stand still.',
  },
  {
    id: 'photograph',
    stage: 'intake',
    when: () => true,
    title: 'Photograph it as it came in',
    why: 'A scratch seen after the job was either there or is yours.',
    activeMinutes: 2,
    check: 'Front, back, both sides and the damage are on pictures.',
  },
  {
    id: 'say-what-cannot-be-saved',
    stage: 'intake',
    when: () => true,
    title: 'Say now what cannot be saved',
    why: 'Gouges in the dial and scratched hands stay: polishing hands makes it worse, and a dial restoration is quoted, not promised.',
    cautions: ({ facts }) => (facts.oldLume ? [CAUTIONS.lume] : []),
    activeMinutes: 2,
  },
]
