import { turns } from '../../construction/kinds'
import { isClassStated } from '../../intake/waterClass'
import { CAUTIONS } from '../cautions'
import type { StepRule } from '../Step'
import { CLEAN_AND_MATCH_RULES } from './cleanAndMatchRules'

/** Run of a mechanical piece before it goes home, minutes. Common practice: a day. */
const RUN_IN_MINUTES = 24 * 60

const handsWereOff = CLEAN_AND_MATCH_RULES.find((rule) => rule.id === 'hands-off')?.when ?? (() => false)

const BACK_ON = {
  'screw-notched': 'Back on by hand first, then the wrench',
  'screw-coin-edge': 'Back on by hand first, then the socket',
  'screw-polygon': 'Back on by hand first, then the socket',
  snap: 'Recess to the stem, support under the case, pusher on the rim of the back',
  'plate-screws': 'Plate on: all screws seated in star order, then snug, not hard in plastic',
  'one-piece-front-loader': 'Front closed',
} as const

/** Recase and close: what is under the glass is looked at before it is shut in. */
export const CLOSE_RULES: readonly StepRule[] = [
  {
    id: 'hands-on',
    stage: 'close',
    when: handsWereOff,
    title: 'Hands on where the date changes, lowest first',
    why: 'Fitted at the change they agree with midnight.',
    activeMinutes: 10,
    check: 'Free of each other for one full hour of travel.',
  },
  {
    id: 'movement-in',
    stage: 'close',
    when: ({ movementOut }) => movementOut,
    title: ({ facts }) =>
      facts.asked.includes('chapter-ring')
        ? 'Movement stays in from aligning the ring: blow out, loupe, stem tried'
        : 'Blow out, loupe, movement in, stem in with a turn of the crown',
    why: 'It clicks; tried before the ring goes down it saves taking it all out again.',
    tools: ['hand blower', 'loupe'],
    activeMinutes: 5,
    check: 'Crown pulls and turns in every position.',
  },
  {
    id: 'hold-on',
    stage: 'close',
    when: ({ movementOut, facts }) => movementOut && facts.movementHold !== 'back-alone',
    title: ({ facts }) =>
      facts.movementHold === 'screws-turn-in'
        ? 'Case screws back OUT until they hold'
        : 'Clamps half-tight on one side, the other, then both full; spacers and ring in',
    why: 'Tightened on one side first, the movement tilts.',
    activeMinutes: 4,
  },
  {
    id: 'cell-in',
    stage: 'close',
    when: ({ cellOut }) => cellOut,
    title: ({ facts }) => (facts.asked.includes('battery') ? 'New cell in, circuit reset' : 'Cell in'),
    why: 'Dead here means dead before it is closed, not after.',
    cautions: [CAUTIONS.cell],
    activeMinutes: 2,
    check: 'It runs.',
  },
  {
    id: 'crown-seal',
    stage: 'close',
    when: ({ facts }) => facts.asked.includes('reseal'),
    title: 'Crown seal: cleaned, greased thin or new',
    why: 'It is the commonest leak after the back.',
    tools: ['silicone grease'],
    activeMinutes: 6,
  },
  {
    id: 'underside-inspect',
    stage: 'close',
    when: ({ movementOut, backOff }) => movementOut || backOff,
    title: 'Look at the underside of the glass before closing',
    why: 'A speck or smudge found after closing means opening again.',
    tools: ['loupe', 'hand blower'],
    activeMinutes: 2,
    check: 'No speck, no smudge, no hair.',
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
    check: 'Not pinched anywhere.',
    school: 'back-seal',
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
    cautions: ({ facts }) => [facts.backKind === 'snap' ? CAUTIONS.press : CAUTIONS.slip],
    activeMinutes: 4,
  },
  {
    id: 'shell-on',
    stage: 'close',
    when: ({ shellOff }) => shellOff,
    title: 'Resin shell on, each screw in its own hole by length',
    why: 'A long screw in a short hole comes through.',
    activeMinutes: 4,
    check: 'Every push-button clears the shell and springs back.',
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
    title: 'Crown through all positions, hands free, buttons working',
    why: 'Found now it costs minutes, found at home it costs the owner.',
    activeMinutes: 3,
  },
  {
    id: 'rim-check',
    stage: 'prove',
    when: ({ crystalWork }) => crystalWork,
    title: 'Rim even all round under the loupe',
    why: 'A rim high on one side leaks on the other.',
    activeMinutes: 2,
  },
  {
    id: 'clicks',
    stage: 'prove',
    when: ({ facts, bezelOff }) => bezelOff && turns(facts.bezelKind),
    title: 'Bezel clicks all the way round, no extra play',
    why: 'A bent spring skips.',
    activeMinutes: 1,
  },
  {
    id: 'pressure-test',
    stage: 'prove',
    when: ({ facts, backOff, crystalWork }) =>
      facts.asked.includes('reseal') || ((backOff || crystalWork) && isClassStated(facts)),
    title: 'Pressure test, dry',
    why: 'After any opening the original certification no longer holds until it is tested again.',
    cautions: [CAUTIONS.water],
    activeMinutes: 5,
    check: 'Result written with its date and pressure.',
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
    check: 'Pulled once at both lugs.',
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
