import { turns } from '../../construction/kinds'
import { isClassStated, testPressure } from '../../intake/waterClass'
import { CAUTIONS } from '../cautions'
import type { JobFacts } from '../JobFacts'
import type { StepRule } from '../Step'
import { judged, UNDERSIDE } from './questions'
import { movementBack } from './movementBackRules'
import { hasCover } from './openRules'
import { BACK_ON_AFTER } from './reachedAfter'

/** Run of a mechanical piece before it goes home, minutes. Common practice: a day. */
const RUN_IN_MINUTES = 24 * 60

const BACK_ON = {
  'screw-notched': 'Back on by hand first, then the wrench',
  'screw-coin-edge': 'Back on by hand first, then the socket',
  'screw-polygon': 'Back on by hand first, then the socket',
  snap: 'Back laid on with its recess to the stem, light by hand, looked at; then pressed home on its rim',
  'plate-screws': 'Plate on: all screws seated in star order, then snug, not hard in plastic',
  'one-piece-front-loader': 'Front closed',
} as const

/** Whether a back screws in as a whole, so that fingers hold it before a tool does. */
function isScrewed(backKind: JobFacts['backKind']): boolean {
  return backKind?.startsWith('screw-') ?? false
}

/** Recase and close: what is under the glass is looked at before it is shut in. */
export const CLOSE_RULES: readonly StepRule[] = [
  ...movementBack('close'),
  {
    id: 'cell-in',
    stage: 'close',
    when: ({ cellOut }) => cellOut,
    title: ({ facts }) => (facts.asked.includes('battery') ? 'New cell in, circuit reset' : 'Cell in'),
    why: 'Dead here means dead before it is closed, not after.',
    cautions: [CAUTIONS.cell],
    activeMinutes: 2,
    putsBack: ['cell'],
    check: 'It runs.',
  },
  {
    id: 'cover-on',
    stage: 'close',
    when: hasCover,
    title:
      'Contacts, buzzer spring and circuit cover on in reverse order, each screw in its own place, alternately',
    why: 'A cover screwed down on one side first breaks its contacts.',
    activeMinutes: 4,
    putsBack: ['contact', 'circuit-cover', 'cover-screw'],
    check: 'No cover screw left over; it shows and sounds.',
  },
  {
    id: 'crown-seal',
    stage: 'close',
    when: ({ facts }) => facts.asked.includes('reseal') && facts.crownKind !== 'none',
    title: 'Tube’s thread cleaned, crown seal new or greased thin, crown back in',
    why: 'It is the commonest leak after the back.',
    tools: ['silicone grease'],
    activeMinutes: 6,
    putsBack: ['stem'],
  },
  {
    id: 'back-parts-together',
    stage: 'close',
    when: ({ backOff, facts }) => backOff && facts.twoPartBack,
    title: 'Two-part back together again, washed, its inner seal greased',
    why: 'The joint between its parts leaks like any other.',
    activeMinutes: 3,
  },
  {
    id: 'back-seal-in',
    stage: 'close',
    when: ({ backOff, facts }) => backOff && facts.backSeal !== 'none',
    title: ({ backSealNew }) =>
      backSealNew
        ? 'New back seal, thinly greased, seated'
        : 'Back seal cleaned, looked at, thinly greased, seated',
    why: 'Grease lets the ring slide and repels water; it does not seal a bad ring.',
    tools: ['silicone grease'],
    activeMinutes: 3,
    putsBack: ['back-seal'],
    after: ['match-seals'],
    check: 'Not pinched anywhere.',
    school: 'back-seal',
  },
  {
    id: 'underside-inspect',
    stage: 'close',
    when: ({ backOff }) => backOff,
    title: ({ facts }) =>
      `${isScrewed(facts.backKind) ? 'Back finger-tight' : 'Back laid on and held'}, turned over: underside of the glass looked at once more`,
    why: 'A speck or smudge found once it is shut means opening again.',
    tools: ['loupe', 'hand blower'],
    activeMinutes: 2,
    question: UNDERSIDE,
  },
  {
    id: 'back-on',
    stage: 'close',
    when: ({ backOff }) => backOff,
    title: ({ facts }) => (facts.backKind ? BACK_ON[facts.backKind] : 'Back on the way it came off'),
    why: ({ facts }) =>
      facts.backKind === 'snap'
        ? 'A small die dishes the back.'
        : 'Crossed threads are felt by hand and not by a wrench.',
    tools: (_, { snapBack }) => snapBack,
    cautions: ({ facts }) => [facts.backKind === 'snap' ? CAUTIONS.press : CAUTIONS.slip],
    activeMinutes: 4,
    putsBack: ['back', 'back-screw'],
    after: BACK_ON_AFTER,
  },
  {
    id: 'shell-on',
    stage: 'close',
    when: ({ shellOff }) => shellOff,
    title: 'Resin shell on, each screw in its own hole by length',
    why: 'A long screw in a short hole comes through.',
    activeMinutes: 4,
    putsBack: ['shell', 'shell-screw'],
    check: 'Its cut-outs lie over the buttons all round, no edge on a button.',
  },
  {
    id: 'shell-buttons',
    stage: 'close',
    when: ({ shellOff }) => shellOff,
    title: 'Every push-button pressed through the shell: it clears the cut-out and springs back',
    why: 'A shell one screw out of place holds a button in, and the cell runs flat.',
    after: ['shell-on'],
    activeMinutes: 1,
    question: judged('every one springs back', 'one sticks or rubs', 'Which'),
  },
  {
    id: 'trail-complete',
    stage: 'close',
    when: () => true,
    title: 'Parts trail walked back: nothing left in the tray',
    why: 'A part left over is a fault not found yet.',
    activeMinutes: 1,
    check: 'Every part is back, renewed, or left off for a stated reason.',
  },
]

/** Prove and hand back. */
export const PROVE_RULES: readonly StepRule[] = [
  {
    id: 'functions',
    stage: 'prove',
    when: () => true,
    title: ({ facts }) =>
      facts.crownKind === 'none'
        ? 'Display whole, every button tried'
        : 'Crown through all positions, hands free, buttons working',
    why: 'Found now it costs minutes, found at home it costs the owner.',
    activeMinutes: 3,
    question: judged('all works', 'something does not', 'What does not'),
  },
  {
    id: 'rim-check',
    stage: 'prove',
    when: ({ crystalWork }) => crystalWork,
    title: 'Rim even all round under the loupe',
    why: 'A rim high on one side leaks on the other.',
    after: ['crystal-in'],
    activeMinutes: 2,
    question: judged('even', 'high on a side', 'Where, and by how much'),
  },
  {
    id: 'clicks',
    stage: 'prove',
    when: ({ facts, bezelOff }) => bezelOff && turns(facts.bezelKind),
    title: ({ facts }) =>
      facts.bezelKind === 'rotating-click'
        ? `Bezel turned once round: ${facts.bezelClicks ?? 'its'} clicks counted, no back play`
        : 'Bezel turns evenly all the way round, no extra play',
    why: 'A bent spring skips.',
    activeMinutes: 1,
    after: ['bezel-home'],
    question: judged('right', 'skips or plays', 'Where'),
  },
  {
    id: 'pressure-test',
    stage: 'prove',
    when: ({ facts, backOff, crystalWork }) =>
      facts.asked.includes('reseal') || ((backOff || crystalWork) && isClassStated(facts)),
    title: ({ facts }) => {
      const pressure = testPressure(facts)
      return pressure === null ? 'Pressure test, dry' : `Pressure test, dry, at ${pressure.words}`
    },
    why: 'After any opening the original certification no longer holds until it is tested again.',
    cautions: [CAUTIONS.water],
    activeMinutes: 5,
    question: {
      ...judged('tight', 'leaks', 'Pressure and what was read'),
      detail: { label: 'Pressure and what was read', needed: true },
    },
  },
  {
    id: 'run-in',
    stage: 'prove',
    when: ({ facts, movementOut }) => movementOut && facts.movementKind === 'mechanical',
    title: 'Let it run for a day',
    why: 'A hand that catches shows within a day.',
    activeMinutes: 2,
    waitMinutes: RUN_IN_MINUTES,
  },
  {
    id: 'strap-on',
    stage: 'hand-back',
    when: () => true,
    title: 'Strap or bracelet on, spring bars clicked in',
    why: 'A bar that is not home lets go at the rail.',
    activeMinutes: 2,
    putsBack: ['strap', 'spring-bar'],
    check: 'Pulled once at both lugs.',
  },
  {
    id: 'adapters-tugged',
    stage: 'hand-back',
    when: ({ shellOff }) => shellOff,
    title: 'Strap’s adapter plates and bars tugged, both ends',
    why: 'An adapter that is not caught in its shell lets the strap go under load.',
    after: ['strap-on'],
    activeMinutes: 1,
    question: judged('all hold', 'one gives', 'Which'),
  },
  {
    id: 'report',
    stage: 'hand-back',
    when: () => true,
    title: 'Tell the owner what was found, replaced, measured and not repairable',
    why: 'Water-resistance advice goes by the tested result and its date, not by what the dial says.',
    activeMinutes: 4,
  },
]
