import Joi from 'joi'
import type { FieldValue } from '@/core/records/checkRecord'
import type { Field } from '@/core/records/Field'
import { CASE_SHEET_FIELDS } from '@/core/records/caseSheetFields'
import type { PartFault } from '@/core/parts/Part'
import type { PartKind } from '@/core/parts/parts'
import { PART_KINDS, PARTS } from '@/core/parts/parts'
import { INSTRUMENT_FIELDS, PRESS_FIELDS } from '@/core/records/toolFields'
import type { Db } from '@/data/client'
import { isUniqueViolation } from '@/data/errors'
import { insertCaseSheets, updateCaseSheet } from '@/data/queries/caseSheets'
import { insertPart, updatePart } from '@/data/queries/partRecords'
import type { NewInstrument, NewPress } from '@/data/queries/tools'
import { insertInstruments, insertPresses, updateInstrument, updatePress } from '@/data/queries/tools'
import { action } from '../action'
import { idSchema, refuse, validateRecord } from '../boundary'
import { sheetRow } from '../sheets/sheetRow'

const RECORD_KINDS = [...PART_KINDS, 'case-sheet', 'instrument', 'press'] as const
export type RecordKind = (typeof RECORD_KINDS)[number]

interface RecordStore {
  readonly fields: readonly Field[]
  /** what may not occur twice, in words */
  readonly unique: string
  /** checks across fields; null when all is well */
  faultOf?(values: Record<string, FieldValue>): PartFault | null
  insert(db: Db, values: Record<string, FieldValue>, now: Date): Promise<unknown>
  update(db: Db, id: number, values: Record<string, FieldValue>, now: Date): Promise<boolean>
}

/** The values have been checked against the fields, which name the columns and their types. */
function row<T>(values: Record<string, FieldValue>): T {
  return values as T
}

/** A kind of part: one table each, all written alike; a changed count is kept as a move. */
function partStore(kind: PartKind): RecordStore {
  return {
    fields: PARTS[kind].fields,
    unique: `${PARTS[kind].one} code`,
    faultOf: (values) => PARTS[kind].faultOf(values),
    insert: (db, values, now) => db.transaction((tx) => insertPart(tx, kind, values, now)),
    update: (db, id, values, now) => db.transaction((tx) => updatePart(tx, kind, id, values, now)),
  }
}

const PART_STORES = Object.fromEntries(PART_KINDS.map((kind) => [kind, partStore(kind)])) as Record<
  PartKind,
  RecordStore
>

const STORES: Readonly<Record<RecordKind, RecordStore>> = {
  ...PART_STORES,
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
  const fault = store.faultOf?.(checked.value)
  if (fault) return refuse(fault.message, fault.field)
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
