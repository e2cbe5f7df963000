import { KEEPING_FIELDS } from '../backups/keptBackups'
import { LEAK_PLACE_WORDS } from '../dry-test/LeakPlace'
import type { PartKind } from '../parts/parts'
import { PART_KINDS, PARTS } from '../parts/parts'
import { POLICY_FIELDS } from '../policy/policyFields'
import { SCHOOLS } from '../procedure/schools'
import { OUTCOME_WORDS, WAY_LABELS } from '../removal/Removal'
import { CASE_SHEET_FIELDS } from '../records/caseSheetFields'
import type { Field } from '../records/Field'
import { TRAY_FIELDS } from '../records/jobFields'
import { INSTRUMENT_FIELDS, PRESS_FIELDS, TESTER_FIELDS } from '../records/toolFields'
import { STAGES } from '../stages/stages'
import type { SizeMark } from '../trail/parts'
import { partsText, TRAIL_PART_IDS } from '../trail/parts'
import { capital } from '../units/capital'
import type { RowValues } from './Change'
import { joined, pairLabel, sized, subjectOf, textOf, wordOf } from './rowWords'

/** How a kind of record is told in the history. */
export interface RecordKind {
  readonly one: string
  /** what tells one from the others; empty where nothing does. @param calls - what a record is called that it points to */
  readonly nameOf: (row: RowValues, calls: (pointer: Pointer) => string) => string
  /** what its columns are called where a form asks for them */
  readonly fields?: readonly Field[]
  /** the same for what is kept in one column, by that column and its own name there */
  readonly fieldsIn?: ReadonlyMap<string, readonly Field[]>
}

/** A record another one points to. */
export interface Pointer {
  readonly tableName: string
  readonly id: number
}

/** The tables that columns point to. */
const POINTS_TO: ReadonlyMap<string, string> = new Map([
  ['owner_id', 'owners'],
  ['case_sheet_id', 'case_sheets'],
  ['crystal_id', 'crystals'],
  ['gasket_id', 'gaskets'],
  ['bezel_gasket_id', 'gaskets'],
  ['press_id', 'presses'],
  ['pusher_id', 'dies'],
  ['support_id', 'dies'],
  ['instrument_id', 'instruments'],
  ['tester_id', 'testers'],
  ['refers_to', 'trail_events'],
])

/** What a column of a record points to; null where it points to nothing. */
export function pointerIn(row: RowValues, column: string): Pointer | null {
  const id = row[column]
  if (typeof id !== 'number') return null
  const tableName = column === 'part_id' ? tableOfKind(row['part_kind']) : POINTS_TO.get(column)
  return tableName === undefined ? null : { tableName, id }
}

function tableOfKind(given: unknown): string | undefined {
  const kind = PART_KINDS.find((known) => known === given)
  return kind && TABLE_OF_PARTS[kind]
}

function called(row: RowValues, column: string, calls: (pointer: Pointer) => string): string {
  const pointer = pointerIn(row, column)
  return pointer ? calls(pointer) : ''
}

/** “2 dial screws”, and what became of them where they did not come off. */
function cameOff(row: RowValues, calls: (pointer: Pointer) => string): string {
  const part = TRAIL_PART_IDS.find((id) => id === row['part'])
  const count = row['count']
  const what =
    part && typeof count === 'number' ? partsText(part, count, textOf(row, 'size') as SizeMark) : ''
  return joined(
    what,
    called(row, 'refers_to', calls),
    row['kind'] === 'off' ? '' : textOf(row, 'kind').replaceAll('-', ' '),
  )
}

const STAGE_FIELDS: readonly Field[] = [
  {
    kind: 'choice',
    name: 'stage',
    label: 'Stage',
    required: true,
    options: STAGES.map(({ id, label }) => ({ value: id, label })),
  },
  { kind: 'date-time', name: 'finishedAt', label: 'Handed back', required: false },
  { kind: 'flag', name: 'pastCounts', label: 'What fitted before counts' },
]

const TABLE_OF_PARTS: Readonly<Record<PartKind, string>> = {
  crystal: 'crystals',
  gasket: 'gaskets',
  'o-ring': 'o_rings',
  bezel: 'bezels',
  insert: 'inserts',
  'chapter-ring': 'chapter_rings',
  die: 'dies',
  supply: 'supplies',
}

/** What a shop sets: its limits with the group each stands in, and what it always does where practitioners differ. */
const SETTINGS: ReadonlyMap<string, readonly Field[]> = new Map([
  ['fit_policy', POLICY_FIELDS.map(({ field, group }) => ({ ...field, label: `${group}: ${field.label}` }))],
  ['schools', schoolFields()],
  ['keeping', KEEPING_FIELDS.map((field) => ({ ...field, label: `Backups: ${field.label}` }))],
])

function schoolFields(): Field[] {
  return Object.entries(SCHOOLS).map(([name, { question, options }]) => ({
    kind: 'choice',
    name,
    label: question,
    required: false,
    options: Object.entries(options).map(([value, label]) => ({ value, label })),
  }))
}

const PART_RECORDS = Object.fromEntries(
  PART_KINDS.map((kind): [string, RecordKind] => [
    TABLE_OF_PARTS[kind],
    { one: capital(PARTS[kind].one), nameOf: (row) => textOf(row, 'code'), fields: PARTS[kind].fields },
  ]),
)

/** How the records of a table are told; null of a table nobody has words for. */
export function recordKind(tableName: string): RecordKind | null {
  return Object.hasOwn(RECORD_KINDS, tableName) ? (RECORD_KINDS[tableName] ?? null) : null
}

/** Every table whose records have a history, as a technician calls what is in it. */
const RECORD_KINDS: Readonly<Record<string, RecordKind>> = {
  ...PART_RECORDS,
  trays: {
    one: 'Tray',
    nameOf: (row) => textOf(row, 'number'),
    fields: [...TRAY_FIELDS, ...STAGE_FIELDS],
    fieldsIn: new Map([['schools', schoolFields()]]),
  },
  case_sheets: {
    one: 'Case sheet',
    nameOf: (row) => `${textOf(row, 'maker')} ${textOf(row, 'reference')}`.trim(),
    fields: CASE_SHEET_FIELDS,
  },
  instruments: { one: 'Instrument', nameOf: (row) => textOf(row, 'name'), fields: INSTRUMENT_FIELDS },
  presses: { one: 'Press', nameOf: (row) => textOf(row, 'name'), fields: PRESS_FIELDS },
  testers: { one: 'Dry tester', nameOf: (row) => textOf(row, 'name'), fields: TESTER_FIELDS },
  owners: { one: 'Owner', nameOf: (row) => textOf(row, 'name') },
  shop_settings: { one: 'The shop’s settings', nameOf: () => '', fieldsIn: SETTINGS },
  instrument_checks: {
    one: 'Check of an instrument',
    nameOf: (row, calls) => joined(called(row, 'instrument_id', calls), textOf(row, 'verdict')),
  },
  readings: { one: 'Reading', nameOf: (row) => sized(row, 'shown_mm') },
  reading_voids: { one: 'Reading taken back', nameOf: (row) => textOf(row, 'reason') },
  shape_readings: {
    one: 'Shape',
    nameOf: (row) => joined(sized(row, 'diameter_mm'), textOf(row, 'words')),
  },
  shape_reading_voids: { one: 'Shape taken back', nameOf: (row) => textOf(row, 'reason') },
  sheet_figures: { one: 'Figure learned for the case sheet', nameOf: (row) => sized(row, 'value_mm') },
  picks: {
    one: 'Pick',
    nameOf: (row, calls) =>
      joined(
        row['own_crystal'] ? 'its own crystal' : called(row, 'crystal_id', calls),
        row['own_gasket'] ? 'its own ring' : called(row, 'gasket_id', calls),
        called(row, 'bezel_gasket_id', calls),
      ),
  },
  press_runs: {
    one: 'Press run',
    nameOf: (row, calls) =>
      joined(
        textOf(row, 'outcome').replaceAll('-', ' '),
        called(row, 'press_id', calls),
        textOf(row, 'note'),
      ),
  },
  stock_moves: {
    one: 'Count in the drawer',
    nameOf: (row, calls) => {
      const change = Number(row['change'])
      const moved = change > 0 ? `+${change}` : `−${-change}`
      const reason = textOf(row, 'reason').replaceAll('-', ' ')
      return joined(called(row, 'part_id', calls), moved, reason, `${textOf(row, 'left_there')} left`)
    },
  },
  photos: { one: 'Picture', nameOf: (row) => textOf(row, 'caption') },
  findings: {
    one: 'Finding',
    nameOf: (row) => joined(textOf(row, 'kind').replaceAll('-', ' '), textOf(row, 'words')),
  },
  trail_events: { one: 'Parts trail', nameOf: cameOff },
  tray_ticks: {
    one: 'Step',
    nameOf: (row) =>
      joined(`${subjectOf(row)}${row['done'] === true ? ' ✓' : ', not done'}`, textOf(row, 'said')),
  },
  method_runs: { one: 'Method', nameOf: (row) => textOf(row, 'process').replaceAll('-', ' ') },
  left_out: {
    one: 'Left out',
    nameOf: (row) =>
      row['reason'] === null ? `${subjectOf(row)}, no longer` : joined(subjectOf(row), textOf(row, 'reason')),
  },
  own_parts: {
    one: 'Own part',
    nameOf: (row) =>
      joined(
        textOf(row, 'part').replaceAll('-', ' '),
        textOf(row, 'seen').replaceAll('-', ' '),
        row['goes_back'] === true ? 'goes back' : 'does not go back',
      ),
  },
  straight_looks: {
    one: 'Look whether it stands straight',
    nameOf: (row) => joined(pairLabel(row), textOf(row, 'after_words')),
  },
  bezel_actions: {
    one: 'Bezel tried',
    nameOf: (row) =>
      joined(row['clicks'] === null ? '' : `${textOf(row, 'clicks')} clicks`, `turns ${textOf(row, 'feel')}`),
  },
  removals: {
    one: 'Removal',
    nameOf: (row) =>
      joined(
        `${textOf(row, 'part')} ${wordOf(OUTCOME_WORDS, row, 'outcome')}`,
        wordOf(WAY_LABELS, row, 'way'),
        textOf(row, 'note'),
      ),
  },
  dry_records: {
    one: 'Dry tester’s record',
    nameOf: (row, calls) =>
      joined(
        row['kind'] === 'blank' ? 'blank run' : textOf(row, 'verdict').replaceAll('-', ' '),
        called(row, 'tester_id', calls),
      ),
  },
  leak_places: {
    one: 'Leak looked for',
    nameOf: (row) => joined(wordOf(LEAK_PLACE_WORDS, row, 'place'), textOf(row, 'reason')),
  },
  running_checks: {
    one: 'Running',
    nameOf: (row) =>
      row['kind'] === 'machine'
        ? joined(textOf(row, 'position').replace('-', ' '), `${textOf(row, 'rate_s_per_day')} s/d`)
        : `${textOf(row, 'ahead_s')} s ahead, ${textOf(row, 'kind')}`,
  },
  owner_words: {
    one: 'Line for the owner',
    nameOf: (row) => textOf(row, 'words') || 'left out, or as drafted',
  },
  heat_bursts: { one: 'Heat on the magnifier', nameOf: (row) => `${textOf(row, 'seconds')} s` },
  reopenings: { one: 'Reopened', nameOf: (row) => textOf(row, 'reason') },
}
