import { CRYSTAL_MATERIALS } from '../fit/parts'
import { ASKED_FOR, ASKED_WORDS, LEAST_WEAR, MOST_GASKET_YEARS, MOST_WEAR, USES } from '../intake/jobWords'
import { LEAST_CLASS_BAR, MOST_CLASS_BAR } from '../intake/waterClass'
import { FAILED_OUTCOMES, FAILURE_CAUSES, PRESS_FEELS, PRESS_OUTCOMES } from '../press/pressOutcomes'
import { CRYSTAL_STATES } from '../intake/crystalStates'
import { FAILED_WORK, WORK_OUTCOMES } from '../press/pressWorks'
import type { Field } from './Field'
import { optionsOf } from './Field'

/** Two whole turns and a half: no piece is turned under a press more often. From memory. */
const MOST_QUARTER_TURNS = 10

/** How this piece came in and what is asked. The case sheet and the owner are chosen or named beside these. */
export const TRAY_FIELDS: readonly Field[] = [
  { kind: 'text', name: 'owner', label: 'Owner', required: true, mostLength: 80 },
  {
    kind: 'text',
    name: 'ownerMark',
    label: 'Mark',
    required: false,
    mostLength: 40,
    help: 'tells it from others, as “ferry no. 17”',
  },
  {
    kind: 'choice',
    name: 'crystalState',
    label: 'Crystal came in',
    required: true,
    options: optionsOf(CRYSTAL_STATES),
  },
  {
    kind: 'many',
    name: 'asked',
    label: 'Asked for',
    required: false,
    options: ASKED_FOR.map((value) => ({ value, label: ASKED_WORDS[value] })),
  },
  {
    kind: 'choice',
    name: 'foundMaterial',
    label: 'Crystal found',
    required: false,
    options: optionsOf(CRYSTAL_MATERIALS),
    help: 'if it differs from the sheet',
  },
  {
    kind: 'count',
    name: 'classBar',
    label: 'Water class stated',
    required: false,
    least: LEAST_CLASS_BAR,
    most: MOST_CLASS_BAR,
    unit: 'bar',
    help: '10 m or 1 atm is 1 bar; empty: none stated',
  },
  {
    kind: 'flag',
    name: 'diver',
    label: 'Stated as a diver’s',
    help: 'tested at 125 % of its class; 10 bar is assumed where none is stated',
  },
  { kind: 'choice', name: 'use', label: 'Use', required: true, options: optionsOf(USES) },
  {
    kind: 'count',
    name: 'wear',
    label: 'Wear',
    required: false,
    least: LEAST_WEAR,
    most: MOST_WEAR,
    help: '1 as new, 10 worn through',
  },
  {
    kind: 'count',
    name: 'gasketAgeYears',
    label: 'Old crystal gasket’s age',
    required: false,
    least: 0,
    most: MOST_GASKET_YEARS,
    unit: 'years',
    help: 'from an invoice or an earlier job',
  },
  { kind: 'date-time', name: 'dueAt', label: 'Due', required: true },
  { kind: 'flag', name: 'gasketPresent', label: 'Old gasket is there' },
  { kind: 'flag', name: 'looseMarkers', label: 'Loose applied markers' },
  { kind: 'flag', name: 'oldLume', label: 'Old luminous paint on dial or hands' },
  { kind: 'flag', name: 'steamedUp', label: 'Steamed up inside' },
  {
    kind: 'text',
    name: 'complaint',
    label: 'Complaint',
    required: false,
    mostLength: 500,
    multiline: true,
    help: 'in the owner’s words',
  },
  {
    kind: 'text',
    name: 'promises',
    label: 'Promised',
    required: false,
    mostLength: 500,
    multiline: true,
    help: 'price, day, what was said not to be possible',
  },
  {
    kind: 'money',
    name: 'quoteCents',
    label: 'Quoted',
    required: false,
    most: 10_000_000,
    help: 'parts and work together; empty: none quoted',
  },
  {
    kind: 'count',
    name: 'quoteMinutes',
    label: 'Work quoted',
    required: false,
    least: 0,
    most: 6000,
    unit: 'min',
  },
  {
    kind: 'text',
    name: 'quoteSpecialist',
    label: 'A specialist has to quote',
    required: false,
    mostLength: 200,
    help: 'what is not done here, as “tube to be renewed”',
  },
]

/** What was really done at the press to bring a crystal home. Dies, press and pick are chosen beside these. */
export const PRESS_RUN_FIELDS: readonly Field[] = [
  { kind: 'choice', name: 'outcome', label: 'Outcome', required: true, options: optionsOf(PRESS_OUTCOMES) },
  causeOf(FAILED_OUTCOMES),
  { kind: 'choice', name: 'feel', label: 'It felt', required: false, options: optionsOf(PRESS_FEELS) },
  {
    kind: 'count',
    name: 'quarterTurns',
    label: 'Quarter turns',
    required: true,
    least: 0,
    most: MOST_QUARTER_TURNS,
  },
  {
    kind: 'count',
    name: 'leftHour',
    label: 'Hour at its left',
    required: false,
    least: 1,
    most: 12,
  },
  {
    kind: 'figure',
    name: 'peakForceN',
    label: 'Peak force',
    required: false,
    leastMm: 1,
    mostMm: 5000,
    unit: 'N',
  },
  {
    kind: 'figure',
    name: 'travelMm',
    label: 'Travel',
    required: false,
    leastMm: 0.05,
    mostMm: 20,
  },
  { kind: 'text', name: 'cushion', label: 'Cushion', required: false, mostLength: 120 },
  { kind: 'text', name: 'note', label: 'Note', required: false, mostLength: 500, multiline: true },
]

const OF_A_CRYSTAL = ['outcome', 'cause', 'leftHour']

/** What was really done at the press to anything but a crystal that goes in. */
export const WORK_RUN_FIELDS: readonly Field[] = [
  { kind: 'choice', name: 'outcome', label: 'Outcome', required: true, options: optionsOf(WORK_OUTCOMES) },
  causeOf(FAILED_WORK),
  ...PRESS_RUN_FIELDS.filter(({ name }) => !OF_A_CRYSTAL.includes(name)),
]

/** What a run that failed is put down to: asked then alone. */
function causeOf(failed: readonly string[]): Field {
  return {
    kind: 'choice',
    name: 'cause',
    label: 'Put down to',
    required: true,
    options: optionsOf(FAILURE_CAUSES),
    shownWhen: { field: 'outcome', isOneOf: failed },
  }
}
