import { CAUTIONS } from '../cautions'
import type { LeakPlace } from '../../dry-test/LeakPlace'
import type { JobFacts } from '../JobFacts'
import { isScrewedBack } from '../../opening/backKinds'
import type { StepRule } from '../Step'
import { judged, UNDERSIDE } from './questions'
import { backTools } from './backTools'
import { movementBack } from './movementBackRules'
import { hasCover } from './openRules'
import { BACK_ON_AFTER } from './reachedAfter'

const BACK_ON = {
  'screw-notched': 'Back on by hand first, then the wrench',
  'screw-coin-edge': 'Back on by hand first, then the socket',
  'screw-polygon': 'Back on by hand first, then the socket',
  snap: 'Back pressed home on its rim, its gap looked at all round',
  'plate-screws': 'Plate on: all screws seated in star order, then snug, not hard in plastic',
  'one-piece-front-loader': 'Front closed',
} as const

/** Whether seals of a place are seen to: the piece is resealed, or a leak is looked for there. */
function sealsAnew({ asked, leaksSuspected }: JobFacts, place: LeakPlace): boolean {
  return asked.includes('reseal') || leaksSuspected.includes(place)
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
    when: ({ facts }) => facts.crownKind !== 'none' && sealsAnew(facts, 'crown'),
    title: 'Tube’s thread cleaned, crown seal new or greased thin, crown back in',
    why: 'It is the commonest leak after the back.',
    tools: ['silicone grease'],
    activeMinutes: 6,
    putsBack: ['stem'],
  },
  {
    id: 'pusher-seals',
    stage: 'close',
    when: ({ facts }) => facts.pushers && sealsAnew(facts, 'pusher'),
    title: 'Pushers cleaned, their seals new or greased thin, each worked and let go',
    why: 'A pusher’s seal wears with every press.',
    tools: ['silicone grease'],
    activeMinutes: 6,
    check: 'Every pusher springs back.',
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
      `${isScrewedBack(facts.backKind) ? 'Back finger-tight' : 'Back laid on and held'}, turned over: underside of the glass looked at once more`,
    why: 'A speck or smudge found once it is shut means opening again.',
    tools: ['loupe', 'hand blower'],
    activeMinutes: 2,
    question: UNDERSIDE,
  },
  {
    id: 'back-laid',
    stage: 'close',
    when: ({ backOff, facts }) => backOff && facts.backKind === 'snap',
    title: 'Back laid on with its recess to the stem, light by hand, looked at',
    why: 'A back that is pressed on off its recess bends the stem; a ring that is pinched is cut.',
    activeMinutes: 2,
    after: BACK_ON_AFTER,
    question: judged('lies square, ring not pinched', 'off its recess, or ring pinched', 'What'),
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
    // By hand first, then with what took it off.
    tools: ({ facts }, computed) =>
      facts.backKind === 'snap' ? computed.snapBack : backTools(facts.backKind, computed),
    cautions: ({ facts }) => [facts.backKind === 'snap' ? CAUTIONS.press : CAUTIONS.slip],
    activeMinutes: 4,
    putsBack: ['back', 'back-screw'],
    after: [...BACK_ON_AFTER, 'back-laid'],
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
