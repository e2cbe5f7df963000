import Joi from 'joi'
import type { FieldValue } from '@/core/records/checkRecord'
import { PRESS_RUN_FIELDS } from '@/core/records/jobFields'
import type { Retention } from '@/core/construction/kinds'
import type { DieRole } from '@/core/dies/Die'
import type { PressOutcome } from '@/core/press/pressPlan'
import { pressNeeds } from '@/core/press/pressPlan'
import type { Db } from '@/data/client'
import { insertPressRun, latestPick } from '@/data/queries/picks'
import { allDies } from '@/data/queries/otherParts'
import { allPresses } from '@/data/queries/tools'
import { setTrayStage } from '@/data/queries/trays'
import type { Refusal } from '../boundary'
import { idSchema, refuse, validate, validateBoth, validateRecord } from '../boundary'
import type { ViewOutcome } from './changeTray'
import { changeTray } from './changeTray'

interface PressRunTools {
  readonly trayId: number
  /** press and dies; null where the crystal goes in by hand */
  readonly pressId: number | null
  readonly pusherId: number | null
  readonly supportId: number | null
}

const toolSchema = () => idSchema.allow(null).default(null)
const toolsSchema = Joi.object<PressRunTools>({
  trayId: idSchema.required(),
  pressId: toolSchema(),
  pusherId: toolSchema(),
  supportId: toolSchema(),
})

/** Where a tray goes after a run with this outcome: on when home, back to matching when the crystal is lost. */
const NEXT_STAGE = {
  home: 'align',
  'high-on-one-side': 'press-in',
  loose: 'match',
  cracked: 'match',
} as const satisfies Record<PressOutcome, string>

/**
 * Logs what was really done to bring the picked crystal home.
 * @param tools - tray, press and dies
 * @param input - the fields of the log form
 */
export async function logPressRun(db: Db, tools: unknown, input: unknown, now: Date): Promise<ViewOutcome> {
  const checked = validateBoth(validate(toolsSchema, tools), validateRecord(PRESS_RUN_FIELDS, input))
  if (!checked.ok) return checked
  const [used, fields] = checked.value
  return changeTray(db, used.trayId, async ({ tray, sheet }) => {
    const pick = await latestPick(db, tray.id)
    if (!pick) return refuse('Nothing is picked on this tray: pick a crystal first.')
    const wrong = await wrongTool(db, sheet.retention, used)
    if (wrong) return wrong
    const values = pressRunValues(fields)
    await db.transaction(async (tx) => {
      await insertPressRun(tx, { ...used, pickId: pick.id, ranAt: now, ...values })
      await setTrayStage(tx, tray.id, NEXT_STAGE[values.outcome], null)
    })
    return null
  })
}

/** What a construction needs and is missing, or is not there any more. */
async function wrongTool(
  db: Db,
  retention: Retention,
  { pressId, pusherId, supportId }: PressRunTools,
): Promise<Refusal | null> {
  const needs = pressNeeds(retention)
  if (needs.pusher && pressId === null) return refuse('Press is missing: choose one.', 'pressId')
  if (pressId !== null && !(await allPresses(db)).some((p) => p.id === pressId))
    return refuse('Press: not in Settings any more.', 'pressId')
  const dies = await allDies(db)
  const isThere = (id: number, role: DieRole) => dies.some((d) => d.id === id && d.role === role)
  if (pusherId === null ? needs.pusher : !isThere(pusherId, 'pusher'))
    return refuse(
      pusherId === null ? 'Pusher is missing: choose one.' : 'Pusher: not in the drawers.',
      'pusherId',
    )
  if (supportId === null ? needs.support : !isThere(supportId, 'support'))
    return refuse(
      supportId === null ? 'Support is missing: choose one.' : 'Support: not in the drawers.',
      'supportId',
    )
  return null
}

function pressRunValues(values: Record<string, FieldValue>) {
  const number = (name: string) => (typeof values[name] === 'number' ? values[name] : null)
  const text = (name: string) => (typeof values[name] === 'string' ? values[name] : '')
  return {
    // The form's options are the outcomes, checked just before.
    outcome: text('outcome') as PressOutcome,
    quarterTurns: number('quarterTurns') ?? 0,
    peakForceN: number('peakForceN'),
    travelMm: number('travelMm'),
    cushion: text('cushion'),
    note: text('note'),
  }
}
