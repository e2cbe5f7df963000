import type { CrystalMaterial } from '@/core/fit/parts'
import type { AskedFor, Use } from '@/core/intake/jobWords'
import type { CrystalState } from '@/core/intake/crystalStates'
import type { FieldValue } from '@/core/records/checkRecord'
import { manyOf } from '@/core/records/Field'
import type { Db } from '@/data/client'
import { insertOwners, ownerByName } from '@/data/queries/trays'

function text(values: Record<string, FieldValue>, name: string): string {
  const value = values[name]
  return typeof value === 'string' ? value : ''
}

/** The intake columns of a tray from its checked form. The form's options are the words of each column. */
export function intakeRow(values: Record<string, FieldValue>) {
  return {
    ownerMark: text(values, 'ownerMark'),
    complaint: text(values, 'complaint'),
    promises: text(values, 'promises'),
    quoteCents: typeof values['quoteCents'] === 'number' ? values['quoteCents'] : null,
    quoteMinutes: typeof values['quoteMinutes'] === 'number' ? values['quoteMinutes'] : null,
    quoteSpecialist: text(values, 'quoteSpecialist'),
    asked: manyOf(text(values, 'asked')) as AskedFor[],
    crystalState: text(values, 'crystalState') as CrystalState,
    foundMaterial: (text(values, 'foundMaterial') || null) as CrystalMaterial | null,
    classBar: typeof values['classBar'] === 'number' ? values['classBar'] : null,
    diver: values['diver'] === true,
    use: text(values, 'use') as Use,
    wear: typeof values['wear'] === 'number' ? values['wear'] : null,
    gasketPresent: values['gasketPresent'] === true,
    gasketAgeYears: typeof values['gasketAgeYears'] === 'number' ? values['gasketAgeYears'] : null,
    looseMarkers: values['looseMarkers'] === true,
    oldLume: values['oldLume'] === true,
    steamedUp: values['steamedUp'] === true,
    dueAt: new Date(text(values, 'dueAt')),
  }
}

/** The owner named in a form; one not known yet is added. */
export async function ownerId(db: Db, values: Record<string, FieldValue>): Promise<number> {
  const name = text(values, 'owner')
  const owner = (await ownerByName(db, name)) ?? (await insertOwners(db, [{ name, kind: 'townsperson' }]))[0]
  if (!owner) throw new Error('the owner was not stored')
  return owner.id
}
