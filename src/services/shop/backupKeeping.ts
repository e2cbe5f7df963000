import Joi from 'joi'
import type { Keeping } from '@/core/backups/keptBackups'
import { KEEPING_FIELDS, USUAL_KEEPING } from '@/core/backups/keptBackups'
import { mergeRecord } from '@/core/records/mergeRecord'
import type { Db } from '@/data/client'
import { changeShopSettings, shopSettingsRow } from '@/data/queries/shopSettings'
import { action } from '../action'
import { validateRecord } from '../boundary'

/** How long this shop keeps its backups. */
export async function backupKeeping(db: Db): Promise<Keeping> {
  return (await shopSettingsRow(db))?.keeping ?? USUAL_KEEPING
}

interface KeepingSent {
  /** of its form */
  readonly fields: Readonly<Record<string, unknown>>
  /** of its form as it was opened */
  readonly was: Readonly<Record<string, unknown>>
}

const schema = Joi.object<KeepingSent>({
  fields: Joi.object().unknown().required(),
  was: Joi.object().unknown().required(),
})

/** Sets how long backups are kept, from the next one on. What was set elsewhere meanwhile is asked about. */
export const saveBackupKeeping = action(schema, async (db, { fields, was }) => {
  const merged = mergeRecord(KEEPING_FIELDS, { was, typed: fields, now: { ...(await backupKeeping(db)) } })
  if (Object.keys(merged.conflicts).length > 0)
    return { ok: false as const, errors: merged.conflicts, now: merged.now }
  const checked = validateRecord(KEEPING_FIELDS, merged.fields)
  if (!checked.ok) return checked
  // The form's fields are its members.
  await changeShopSettings(db, { keeping: checked.value as unknown as Keeping })
  return { ok: true as const }
})
