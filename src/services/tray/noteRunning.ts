import Joi from 'joi'
import { runningFields } from '@/core/records/runningFields'
import type { Position } from '@/core/running/RunningCheck'
import { missingBefore, missingText } from '@/core/trail/partsTrail'
import { insertRunningCheck } from '@/data/queries/runningChecks'
import { idSchema, refuse, validateRecord } from '../boundary'
import { trayChange } from './trayChange'

interface Noted {
  readonly trayId: number
  readonly fields: Readonly<Record<string, unknown>>
}

const schema = Joi.object<Noted>({
  trayId: idSchema.required(),
  fields: Joi.object().unknown().required(),
})

/** Writes down how a movement runs: ahead of a clock, the first time or the second, or what a timing machine shows. */
export const noteRunning = trayChange(schema, async (tx, { trayId, fields }, { kept, trail }, now) => {
  const off = missingBefore(trail, 'prove')
  if (off.length > 0) return refuse(`Still off by the parts trail: ${missingText(off)}. Close it first.`)
  const checked = validateRecord(runningFields(kept.sheet.movementKind), fields)
  if (!checked.ok) return checked
  const { by, aheadS, position, rateSPerDay, amplitudeDeg, beatErrorMs, currentUa } = checked.value
  const last = kept.runningChecks.findLast(({ kind }) => kind !== 'machine')
  const onMachine = by === 'machine'
  const figure = (value: unknown) => (onMachine && typeof value === 'number' ? value : null)
  await insertRunningCheck(tx, {
    trayId,
    kind: onMachine ? 'machine' : last?.kind === 'start' ? 'end' : 'start',
    aheadS: onMachine ? null : Number(aheadS),
    // The form's options are these very words, checked just before.
    position: onMachine ? (position as Position) : null,
    rateSPerDay: figure(rateSPerDay),
    amplitudeDeg: figure(amplitudeDeg),
    beatErrorMs: figure(beatErrorMs),
    currentUa: figure(currentUa),
    at: now,
  })
  return null
})
