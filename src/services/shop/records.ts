import Joi from 'joi'
import type { FieldValue } from '@/core/records/checkRecord'
import type { Field } from '@/core/records/Field'
import { CASE_SHEET_FIELDS } from '@/core/records/caseSheetFields'
import { PART_FIELDS } from '@/core/records/stockFields'
import type { PartKind } from '@/core/stock/partKinds'
import { PART_KINDS, PART_WORDS } from '@/core/stock/partKinds'
import { INSTRUMENT_FIELDS, PRESS_FIELDS } from '@/core/records/toolFields'
import type { Db } from '@/data/client'
import { isUniqueViolation } from '@/data/errors'
import { insertCaseSheets, updateCaseSheet } from '@/data/queries/caseSheets'
import { insertPart, updatePart } from '@/data/queries/partRecords'
import type { NewInstrument, NewPress } from '@/data/queries/tools'
import { insertInstruments, insertPresses, updateInstrument, updatePress } from '@/data/queries/tools'
import { action } from '../action'
import type { Refusal } from '../boundary'
import { idSchema, refuse, validateRecord } from '../boundary'
import { sheetRow } from '../sheets/sheetRow'

export const RECORD_KINDS = [...PART_KINDS, 'case-sheet', 'instrument', 'press'] as const
export type RecordKind = (typeof RECORD_KINDS)[number]

interface RecordStore {
  readonly fields: readonly Field[]
  /** what may not occur twice, in words */
  readonly unique: string
  /** checks across fields; null when all is well */
  crossCheck?(values: Record<string, FieldValue>): Refusal | null
  insert(db: Db, values: Record<string, FieldValue>, now: Date): Promise<unknown>
  update(db: Db, id: number, values: Record<string, FieldValue>, now: Date): Promise<boolean>
}

/** The values have been checked against the fields, which name the columns and their types. */
function row<T>(values: Record<string, FieldValue>): T {
  return values as T
}

/** A kind of part: one table each, all written alike; a changed count is kept as a move. */
function partStore(kind: PartKind, crossCheck?: RecordStore['crossCheck']): RecordStore {
  return {
    fields: PART_FIELDS[kind],
    unique: `${PART_WORDS[kind].one} code`,
    ...(crossCheck && { crossCheck }),
    insert: (db, values, now) => db.transaction((tx) => insertPart(tx, kind, values, now)),
    update: (db, id, values, now) => db.transaction((tx) => updatePart(tx, kind, id, values, now)),
  }
}

const STORES: Readonly<Record<RecordKind, RecordStore>> = {
  crystal: partStore('crystal', crystalShape),
  gasket: partStore('gasket'),
  'o-ring': partStore('o-ring'),
  bezel: partStore('bezel', bezelShape),
  insert: partStore('insert', ringShape('outerMm', 'innerMm')),
  'chapter-ring': partStore('chapter-ring', ringShape('outerMm', 'innerMm')),
  die: partStore('die', dieShape),
  supply: partStore('supply'),
  'case-sheet': {
    fields: CASE_SHEET_FIELDS,
    unique: 'maker and reference',
    insert: (db, v) => insertCaseSheets(db, [sheetRow(v)]),
    update: (db, id, v) => updateCaseSheet(db, id, sheetRow(v)),
  },
  instrument: {
    fields: INSTRUMENT_FIELDS,
    unique: 'instrument name',
    insert: (db, v) => insertInstruments(db, [row<NewInstrument>(v)]),
    update: (db, id, v) => updateInstrument(db, id, row<NewInstrument>(v)),
  },
  press: {
    fields: PRESS_FIELDS,
    unique: 'press name',
    insert: (db, v) => insertPresses(db, [row<NewPress>(v)]),
    update: (db, id, v) => updatePress(db, id, row<NewPress>(v)),
  },
}

interface RecordSent {
  readonly kind: RecordKind
  /** null stores a new one */
  readonly id: number | null
  /** of its form */
  readonly fields: Readonly<Record<string, unknown>>
}

const recordSchema = Joi.object<RecordSent>({
  kind: Joi.string()
    .valid(...RECORD_KINDS)
    .required(),
  id: idSchema.allow(null).required(),
  fields: Joi.object().unknown().required(),
})

/** Stores a record from its form; every field that is wrong has its sentence, and nothing is stored then. */
export const saveRecord = action(recordSchema, async (db, { kind, id, fields }, now) => {
  const store = STORES[kind]
  const checked = validateRecord(store.fields, fields)
  if (!checked.ok) return checked
  const across = store.crossCheck?.(checked.value)
  if (across) return across
  try {
    if (id === null) await store.insert(db, checked.value, now)
    else if (!(await store.update(db, id, checked.value, now)))
      return refuse('It is not there any more: go back to the list.')
    return { ok: true as const }
  } catch (error) {
    if (isUniqueViolation(error))
      return refuse(`There is one with this ${store.unique} already: change it, or edit that one.`)
    throw error
  }
})

function crystalShape(values: Record<string, FieldValue>): Refusal | null {
  const { profile, edgeThicknessMm: edge, centreThicknessMm: centre, undersideRiseMm: rise } = values
  if (profile === 'flat' && (edge !== centre || rise !== 0)) {
    return refuse(
      'Flat: centre must equal the edge and the underside rise must be 0, or choose a dome.',
      'centreThicknessMm',
    )
  }
  if (profile === 'single-dome' && rise !== 0) {
    return refuse('Single dome: the underside is flat, so its rise is 0.', 'undersideRiseMm')
  }
  return null
}

function bezelShape(values: Record<string, FieldValue>): Refusal | null {
  return ringShape('outerMm', 'innerMm')(values) ?? ringShape('recessOuterMm', 'recessInnerMm')(values)
}

/** A ring's inside is smaller than its outside. */
function ringShape(outerName: string, innerName: string) {
  return (values: Record<string, FieldValue>): Refusal | null => {
    const [outer, inner] = [values[outerName], values[innerName]]
    return typeof outer === 'number' && typeof inner === 'number' && inner >= outer
      ? refuse(`Inside: ${inner} must be smaller than the outside, ${outer}.`, innerName)
      : null
  }
}

function dieShape(values: Record<string, FieldValue>): Refusal | null {
  const { outerDiameterMm: outer, openingMm: opening } = values
  if (typeof outer === 'number' && typeof opening === 'number' && opening >= outer) {
    return refuse('Opening: must be smaller than the outer diameter.', 'openingMm')
  }
  return null
}
