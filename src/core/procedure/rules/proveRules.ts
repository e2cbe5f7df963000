import { hasHands, turns } from '../../construction/kinds'
import { isClassStated, testPressure } from '../../intake/waterClass'
import { CAUTIONS } from '../cautions'
import type { Job } from '../Job'
import type { StepRule } from '../Step'
import { judged } from './questions'

/** Run of a mechanical piece before it goes home, minutes. Common practice: a day. */
const RUN_IN_MINUTES = 24 * 60

/** Whether a piece has to be shown tight: it is resealed, or was opened with a class stated on it. */
function isTestedForWater({ facts, backOff, crystalWork }: Job): boolean {
  return facts.asked.includes('reseal') || ((backOff || crystalWork) && isClassStated(facts))
}

/** Whether moisture inside is looked for as well: of a diver's, and where its seals were in doubt. */
function isTestedForMist(job: Job): boolean {
  return isTestedForWater(job) && (job.facts.diver || job.facts.sealsDoubtful)
}

/** On the warm plate: 10 to 20 minutes by how thick the case is. From memory. */
const WARM_MINUTES = 15

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
    check: ({ facts }) =>
      [
        hasHands(facts.movementKind) && 'A date, where there is one, jumps as the hands pass twelve.',
        facts.pushers && 'Each pusher starts, stops and springs back.',
        facts.magnifier !== 'none' && 'The lens lies over the date, seen straight from above.',
      ]
        .filter((line) => line !== false)
        .join(' ') || 'Nothing flickers, nothing sticks.',
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
    when: isTestedForWater,
    title: ({ facts }) => {
      const pressure = testPressure(facts)
      return pressure === null ? 'Pressure test, dry' : `Pressure test, dry, at ${pressure.words}`
    },
    why: 'After any opening the original certification no longer holds until it is tested again.',
    cautions: [CAUTIONS.water],
    activeMinutes: 5,
    school: 'wet-test',
    question: {
      ...judged('tight', 'leaks', 'Pressure and what was read'),
      detail: { label: 'Pressure and what was read', needed: true },
    },
  },
  {
    id: 'wet-test',
    stage: 'prove',
    when: (job) => isTestedForWater(job) && job.schools['wet-test'].option === 'after-dry',
    title: ({ facts }) => {
      const pressure = testPressure(facts)
      return pressure === null ? 'Wet test' : `Wet test, at no more than ${pressure.words}`
    },
    why: 'Bubbles say where a leak is. The dry test said whether there is one.',
    cautions: [CAUTIONS.wet],
    after: ['pressure-test'],
    activeMinutes: 6,
    question: judged('no bubbles', 'bubbles', 'Where'),
  },
  {
    id: 'condensation-warm',
    stage: 'prove',
    // Source: ISO 6425 and ISO 22810, condensation test by a heated plate and a drop of water; figures from memory.
    when: isTestedForMist,
    title: 'Laid on a plate of 40 to 45 °C until it is warm all through',
    why: 'A cold drop shows mist only where the air inside is warm.',
    tools: ['warm plate', 'thermometer'],
    after: ['pressure-test'],
    activeMinutes: 1,
    waitMinutes: WARM_MINUTES,
  },
  {
    id: 'condensation-test',
    stage: 'prove',
    when: isTestedForMist,
    title:
      'Condensation test: a cold drop on the glass for a minute, wiped off, a picture taken, looked at under the loupe',
    why: 'Moisture that is inside already shows as mist under the drop, however tight the case is now.',
    tools: ['water of 18 to 25 °C', 'loupe', 'camera'],
    after: ['condensation-warm'],
    activeMinutes: 4,
    question: {
      ...judged('clear', 'mist under the glass', 'Plate in °C'),
      detail: { label: 'Plate in °C', needed: true },
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
    id: 'runs',
    stage: 'prove',
    when: ({ facts, movementOut }) => movementOut && facts.movementKind === 'mechanical',
    title: 'How it runs: compared with a clock before and after, or on a timing machine',
    why: 'Nobody knows what a case took from its movement, or a movement lacks, unless its rate is known as it leaves.',
    tools: ['clock or timing machine'],
    activeMinutes: 3,
    question: {
      ...judged('as it should', 'too fast, too slow or weak', 'By what, and its rate'),
      detail: { label: 'By what, and its rate', needed: true },
    },
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
