import { PART_KINDS, PARTS } from '../parts/parts'
import { STAGES } from '../stages/stages'
import { CASE_SHEET_FIELDS } from './caseSheetFields'
import type { Field } from './Field'
import { PRESS_RUN_FIELDS, TRAY_FIELDS, WORK_RUN_FIELDS } from './jobFields'
import * as toolFields from './toolFields'

/** A field as it is checked: what may be typed into it, and between which limits. */
function checked(field: Field): string {
  const { label: _, ...limits } = { help: '', ...field }
  return Object.entries(limits)
    .filter(([name, value]) => name !== 'help' && typeof value !== 'function' && value !== undefined)
    .map(([name, value]) => `${name} ${JSON.stringify(value)}`)
    .join(', ')
}

// What may be typed anywhere, kept word by word: a limit that moves shows itself here.
describe('fields of records', () => {
  const tables: readonly (readonly [string, readonly Field[]])[] = [
    ['case sheet', CASE_SHEET_FIELDS],
    ['tray', TRAY_FIELDS],
    ['press run', PRESS_RUN_FIELDS],
    ['press of another work', WORK_RUN_FIELDS],
    ...PART_KINDS.map((kind) => [kind, PARTS[kind].fields] as const),
    ...Object.entries(toolFields).flatMap(([name, value]) =>
      Array.isArray(value) ? [[name, value as readonly Field[]] as const] : [],
    ),
  ]

  it.each(tables)('of a %s are checked as they always were', (_, fields) => {
    expect(fields.map(checked).join('\n')).toMatchSnapshot()
  })

  it('are not the only table kept so: every stage says what it settles', () => {
    expect(
      STAGES.map(({ id, label, settles, done, reads }) => [id, label, settles, done, reads].join('; ')).join(
        '\n',
      ),
    ).toMatchSnapshot()
  })
})
