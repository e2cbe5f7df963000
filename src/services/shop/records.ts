import Joi from 'joi'
import type { FieldValue } from '@/core/records/checkRecord'
import type { Field } from '@/core/records/Field'
import { mergeRecord } from '@/core/records/mergeRecord'
import { CASE_SHEET_FIELDS } from '@/core/records/caseSheetFields'
import type { PartFault } from '@/core/parts/Part'
import type { PartKind } from '@/core/parts/parts'
import { PART_KINDS, PARTS } from '@/core/parts/parts'
import { INSTRUMENT_FIELDS, PRESS_FIELDS, TESTER_FIELDS } from '@/core/records/toolFields'
import type { Db } from '@/data/client'
import { isUniqueViolation } from '@/data/errors'
import { transact } from '@/data/transact'
import { caseSheetById, insertCaseSheets, updateCaseSheet } from '@/data/queries/caseSheets'
import { insertPart, partRecordById, updatePart } from '@/data/queries/partRecords'
import type { NewTester } from '@/data/queries/dryRecords'
import { allTesters, insertTesters, updateTester } from '@/data/queries/dryRecords'
import type { NewInstrument, NewPress } from '@/data/queries/tools'
import {
  allInstruments,
  allPresses,
  insertInstruments,
  insertPresses,
  updateInstrument,
  updatePress,
} from '@/data/queries/tools'
import { action } from '../action'
import type { Refusal } from '../boundary'
import { idSchema, refuse, validateRecord } from '../boundary'
import { sheetRow } from '../sheets/sheetRow'

const RECORD_KINDS = [...PART_KINDS, 'case-sheet', 'instrument', 'press', 'tester'] as const
export type RecordKind = (typeof RECORD_KINDS)[number]

interface RecordStore {
  readonly fields: readonly Field[]
  /** what may not occur twice, in words */
  readonly unique: string
  /** checks across fields; null when all is well */
  faultOf?(values: Record<string, FieldValue>): PartFault | null
  insert(db: Db, values: Record<string, FieldValue>, now: Date): Promise<unknown>
  /** the record as it is kept; undefined where it is gone */
  read(db: Db, id: number): Promise<object | undefined>
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
    insert: (db, values, now) => insertPart(db, kind, values, now),
    read: (db, id) => partRecordById(db, kind, id),
    update: (db, id, values, now) => updatePart(db, kind, id, values, now),
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
    read: caseSheetById,
    update: (db, id, v) => updateCaseSheet(db, id, sheetRow(v)),
  },
  instrument: {
    fields: INSTRUMENT_FIELDS,
    unique: 'instrument name',
    insert: (db, v) => insertInstruments(db, [row<NewInstrument>(v)]),
    read: async (db, id) => (await allInstruments(db)).find((one) => one.id === id),
    update: (db, id, v) => updateInstrument(db, id, row<NewInstrument>(v)),
  },
  press: {
    fields: PRESS_FIELDS,
    unique: 'press name',
    insert: (db, v) => insertPresses(db, [row<NewPress>(v)]),
    read: async (db, id) => (await allPresses(db)).find((one) => one.id === id),
    update: (db, id, v) => updatePress(db, id, row<NewPress>(v)),
  },
  tester: {
    fields: TESTER_FIELDS,
    unique: 'tester name',
    insert: (db, v) => insertTesters(db, [row<NewTester>(v)]),
    read: async (db, id) => (await allTesters(db)).find((one) => one.id === id),
    update: (db, id, v) => updateTester(db, id, row<NewTester>(v)),
  },
}

interface RecordSent {
  readonly kind: RecordKind
  /** null stores a new one */
  readonly id: number | null
  /** of its form */
  readonly fields: Readonly<Record<string, unknown>>
  /** of its form as it was opened; left out where nothing was */
  readonly was?: Readonly<Record<string, unknown>>
}

const recordSchema = Joi.object<RecordSent>({
  kind: Joi.string()
    .valid(...RECORD_KINDS)
    .required(),
  id: idSchema.allow(null).required(),
  fields: Joi.object().unknown().required(),
  was: Joi.object().unknown(),
})

/** A record that was changed elsewhere while its form was open. */
interface ChangedElsewhere extends Refusal {
  /** what those fields hold by now, as a form shows it */
  readonly now: Readonly<Record<string, string | boolean>>
}

const GONE = 'It is not there any more: go back to the list.'

/**
 * Stores a record from its form; every field that is wrong has its sentence, and nothing is stored then. What was changed
 * elsewhere while the form was open is kept where nobody touched it here, and asked about where both did.
 */
export const saveRecord = action(
  recordSchema,
  async (db, { kind, id, fields: typed, was }, now): Promise<{ ok: true } | Refusal | ChangedElsewhere> => {
    const store = STORES[kind]
    const kept = id !== null && was ? await store.read(db, id) : null
    if (kept === undefined) return refuse(GONE)
    const merged = kept && was ? mergeRecord(store.fields, { was, typed, now: { ...kept } }) : null
    if (merged && Object.keys(merged.conflicts).length > 0)
      return { ok: false, errors: merged.conflicts, now: merged.now }
    const checked = validateRecord(store.fields, merged?.fields ?? typed)
    if (!checked.ok) return checked
    const fault = store.faultOf?.(checked.value)
    if (fault) return refuse(fault.message, fault.field)
    try {
      const stored = await transact(db, async (tx) =>
        id === null
          ? (await store.insert(tx, checked.value, now), true)
          : store.update(tx, id, checked.value, now),
      )
      return stored ? { ok: true as const } : refuse(GONE)
    } catch (error) {
      if (isUniqueViolation(error))
        return refuse(`There is one with this ${store.unique} already: change it, or edit that one.`)
      throw error
    }
  },
)
