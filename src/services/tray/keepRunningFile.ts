import Joi from 'joi'
import { runningFields } from '@/core/records/runningFields'
import { missingBefore, missingText } from '@/core/trail/partsTrail'
import { insertRunningCheck } from '@/data/queries/runningChecks'
import { MOST_RUNNING_CSV, readRunningCsv } from '@/io/csv/runningCsv'
import { idSchema, refuse, validateRecord } from '../boundary'
import { trayChange } from './trayChange'

const schema = Joi.object<{ trayId: number; text: string }>({
  trayId: idSchema.required(),
  text: Joi.string()
    .allow('')
    .max(MOST_RUNNING_CSV + 1)
    .required()
    .messages({
      'string.max': `The file has more than ${MOST_RUNNING_CSV} characters: it is no timing machine’s summary.`,
    }),
})

/** Writes down what a timing machine's file says, every position of it or none. */
export const keepRunningFile = trayChange(schema, async (tx, { trayId, text }, { kept, trail }, now) => {
  const off = missingBefore(trail, 'prove')
  if (off.length > 0) return refuse(`Still off by the parts trail: ${missingText(off)}. Close it first.`)
  const file = readRunningCsv(text)
  if (!file.ok) return refuse(file.against, 'file')
  const fields = runningFields(kept.sheet.movementKind)
  const known = new Set(fields.map(({ name }) => name))
  for (const { line, position, ...shown } of file.lines) {
    const figures = Object.entries(shown).flatMap(([name, value]) =>
      value === null || !known.has(name) ? [] : [[name, String(value)] as const],
    )
    const checked = validateRecord(fields, { by: 'machine', position, ...Object.fromEntries(figures) })
    if (!checked.ok) return refuse(`Line ${line}, ${Object.values(checked.errors).join(' ')}`, 'file')
    const figure = (name: keyof typeof shown) => {
      const value = checked.value[name]
      return typeof value === 'number' ? value : null
    }
    await insertRunningCheck(tx, {
      ...{ trayId, kind: 'machine', aheadS: null, position, at: now },
      ...{ rateSPerDay: figure('rateSPerDay'), amplitudeDeg: figure('amplitudeDeg') },
      ...{ beatErrorMs: figure('beatErrorMs'), currentUa: figure('currentUa') },
    })
  }
  return null
})
