import type { FieldValue } from '@/core/records/checkRecord'
import type { Field } from '@/core/records/Field'
import { CASE_SHEET_FIELDS } from '@/core/records/caseSheetFields'
import { CRYSTAL_FIELDS, DIE_FIELDS, GASKET_FIELDS } from '@/core/records/stockFields'
import { INSTRUMENT_FIELDS, PRESS_FIELDS } from '@/core/records/toolFields'
import type { Db } from '@/data/client'
import { isUniqueViolation } from '@/data/errors'
import { insertCaseSheets, updateCaseSheet } from '@/data/queries/caseSheets'
import type { NewCrystal, NewGasket } from '@/data/queries/stock'
import { insertCrystals, insertGaskets, updateCrystal, updateGasket } from '@/data/queries/stock'
import type { NewDie, NewInstrument, NewPress } from '@/data/queries/tools'
import {
  insertDies,
  insertInstruments,
  insertPresses,
  updateDie,
  updateInstrument,
  updatePress,
} from '@/data/queries/tools'
import type { Refusal } from './boundary'
import { refuse, validateRecord } from './boundary'
import { sheetRow } from './sheetRow'

export const RECORD_KINDS = ['crystal', 'gasket', 'die', 'case-sheet', 'instrument', 'press'] as const
export type RecordKind = (typeof RECORD_KINDS)[number]

interface RecordStore {
  readonly fields: readonly Field[]
  /** what may not occur twice, in words */
  readonly unique: string
  /** checks across fields; null when all is well */
  crossCheck?(values: Record<string, FieldValue>): Refusal | null
  insert(db: Db, values: Record<string, FieldValue>): Promise<unknown>
  update(db: Db, id: number, values: Record<string, FieldValue>): Promise<boolean>
}

/** The values have been checked against the fields, which name the columns and their types. */
function row<T>(values: Record<string, FieldValue>): T {
  return values as T
}

const STORES: Readonly<Record<RecordKind, RecordStore>> = {
  crystal: {
    fields: CRYSTAL_FIELDS,
    unique: 'crystal code',
    crossCheck: crystalShape,
    insert: (db, v) => insertCrystals(db, [row<NewCrystal>(v)]),
    update: (db, id, v) => updateCrystal(db, id, row<NewCrystal>(v)),
  },
  gasket: {
    fields: GASKET_FIELDS,
    unique: 'gasket code',
    insert: (db, v) => insertGaskets(db, [row<NewGasket>(v)]),
    update: (db, id, v) => updateGasket(db, id, row<NewGasket>(v)),
  },
  die: {
    fields: DIE_FIELDS,
    unique: 'die code',
    crossCheck: dieShape,
    insert: (db, v) => insertDies(db, [row<NewDie>(v)]),
    update: (db, id, v) => updateDie(db, id, row<NewDie>(v)),
  },
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

/**
 * Stores a record from its form: a new one, or the changed one when an id is given.
 * @returns refusal with a sentence for every field that is wrong; nothing is stored then
 */
export async function saveRecord(
  db: Db,
  kind: RecordKind,
  id: number | null,
  input: unknown,
): Promise<{ ok: true } | Refusal> {
  const store = STORES[kind]
  const checked = validateRecord(store.fields, input)
  if (!checked.ok) return checked
  const across = store.crossCheck?.(checked.value)
  if (across) return across
  try {
    if (id === null) await store.insert(db, checked.value)
    else if (!(await store.update(db, id, checked.value)))
      return refuse('It is not there any more: go back to the list.')
    return { ok: true }
  } catch (error) {
    if (isUniqueViolation(error))
      return refuse(`There is one with this ${store.unique} already: change it, or edit that one.`)
    throw error
  }
}

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

function dieShape(values: Record<string, FieldValue>): Refusal | null {
  const { outerDiameterMm: outer, openingMm: opening } = values
  if (typeof outer === 'number' && typeof opening === 'number' && opening >= outer) {
    return refuse('Opening: must be smaller than the outer diameter.', 'openingMm')
  }
  return null
}
