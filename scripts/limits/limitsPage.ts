import { TYPICAL_INSTRUMENTS } from '@/core/measure/InstrumentSpec'
import { PART_KINDS, PARTS } from '@/core/parts/parts'
import { BUILT_IN_VALUES } from '@/core/policy/policyChanges'
import { POLICY_FIELDS } from '@/core/policy/policyFields'
import { DIMENSION_IDS, DIMENSIONS } from '@/core/readings/dimensions'
import { CASE_SHEET_FIELDS } from '@/core/records/caseSheetFields'
import type { Field } from '@/core/records/Field'
import { PRESS_RUN_FIELDS, TRAY_FIELDS } from '@/core/records/jobFields'
import { INSTRUMENT_FIELDS, PRESS_FIELDS } from '@/core/records/toolFields'

const RECORDS: readonly (readonly [string, readonly Field[]])[] = [
  ['Case sheet', CASE_SHEET_FIELDS],
  ['Tray', TRAY_FIELDS],
  ['Press run', PRESS_RUN_FIELDS],
  ['Instrument', INSTRUMENT_FIELDS],
  ['Press', PRESS_FIELDS],
  ...PART_KINDS.map((kind) => [PARTS[kind].many, PARTS[kind].fields] as const),
]

type Cell = string | number | null

/** `docs/limits.md`: every limit and built-in value, from the tables that enforce them. */
export function limitsPage(): string {
  return [
    '# Limits and built-in values',
    'Written from the code by `scripts/limits/writeLimits.ts`; `tests/docs/limits.test.ts` holds the two together. A value that a shop may change is under “Limits of the shop”. Ranges are those of wristwatch and pocket-watch cases, from memory where no source is named beside them in the code.',
    '## Readings',
    'Outside its range a reading is refused; further than “asked about” from what is expected it is asked about. “On a sheet” is how far the figure of a case sheet may be off for another piece, standard uncertainty. All in mm.',
    table(
      ['Dimension', 'from', 'to', 'asked about', 'on a sheet', 'places', 'instruments'],
      DIMENSION_IDS.map((id) => {
        const { label, leastMm, mostMm, surprisingMm, sheetUncertaintyMm, places, instruments } =
          DIMENSIONS[id]
        return [
          label,
          leastMm,
          mostMm,
          surprisingMm,
          sheetUncertaintyMm,
          places.length,
          instruments.join(', '),
        ]
      }),
    ),
    '## Instruments not yet described',
    table(
      ['Instrument', 'resolution, mm', 'greatest error, mm'],
      Object.entries(TYPICAL_INSTRUMENTS).map(([kind, spec]) => [
        kind,
        spec.resolutionMm,
        spec.maximumPermissibleErrorMm,
      ]),
    ),
    '## Limits of the shop',
    table(
      ['Limit', 'built in', 'from', 'to', 'unit', 'from where'],
      POLICY_FIELDS.map(({ field, group, source }) => {
        const [least, most, unit] = rangeOf(field)
        return [`${group}: ${field.label}`, BUILT_IN_VALUES[field.name] ?? null, least, most, unit, source]
      }),
    ),
    ...RECORDS.flatMap(([name, fields]) => [
      `## ${name}`,
      table(
        ['Field', 'kind', 'required', 'from', 'to', 'unit'],
        fields.map((field) => {
          const required = 'required' in field && field.required ? 'yes' : ''
          return [field.label, field.kind, required, ...rangeOf(field)]
        }),
      ),
    ]),
  ].join('\n\n')
}

/** What a field takes: from, to, in what. */
function rangeOf(field: Field): readonly [Cell, Cell, Cell] {
  switch (field.kind) {
    case 'figure':
      return [field.leastMm, field.mostMm, field.unit ?? 'mm']
    case 'count':
      return [field.least, field.most, field.unit ?? '']
    case 'money':
      return [0, field.most / 100, 'money']
    case 'text':
      return [field.required ? 1 : 0, field.mostLength, 'characters']
    case 'choice':
    case 'many':
      return [null, null, field.options.map(({ label }) => label).join(', ')]
    default:
      return [null, null, null]
  }
}

function table(heads: readonly string[], rows: readonly (readonly Cell[])[]): string {
  const line = (cells: readonly Cell[]) => `| ${cells.map((cell) => String(cell ?? '')).join(' | ')} |`
  return [line(heads), line(heads.map(() => '---')), ...rows.map(line)].join('\n')
}
