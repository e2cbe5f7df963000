import Joi from 'joi'
import type { FieldValue } from '@/core/records/checkRecord'
import { PRESS_RUN_FIELDS } from '@/core/records/jobFields'
import type { PressOutcome } from '@/core/press/pressPlan'
import type { Db } from '@/data/client'
import { insertPressRun, latestPick, pressRunsOfTray } from '@/data/queries/picks'
import { takeCrystal, takeGasket } from '@/data/queries/stock'
import { allDies, allPresses } from '@/data/queries/tools'
import { setTrayStage, trayById } from '@/data/queries/trays'
import type { Refusal } from './boundary'
import { idSchema, refuse, validate, validateBoth, validateRecord } from './boundary'
import type { TrayView } from './trayView'
import { trayView } from './trayView'

interface PressRunTools {
  readonly trayId: number
  readonly pressId: number
  readonly pusherId: number
  readonly supportId: number
}

const toolsSchema = Joi.object<PressRunTools>({
  trayId: idSchema.required(),
  pressId: idSchema.required().messages({ 'any.required': 'Press is missing: choose one.' }),
  pusherId: idSchema.required().messages({ 'any.required': 'Pusher is missing: choose one.' }),
  supportId: idSchema.required().messages({ 'any.required': 'Support is missing: choose one.' }),
})

/** Where a tray goes after a run with this outcome: on when home, back to matching when the crystal is lost. */
const NEXT_STAGE = {
  home: 'align',
  'high-on-one-side': 'press-in',
  loose: 'match',
  cracked: 'match',
} as const satisfies Record<PressOutcome, string>

/**
 * Logs what was really done at the press. The first run of a pick takes its crystal and gasket out of the drawers.
 * @param tools - tray, press and dies
 * @param input - the fields of the log form
 */
export async function logPressRun(
  db: Db,
  tools: unknown,
  input: unknown,
  now: Date,
): Promise<{ ok: true; view: TrayView } | Refusal> {
  const checked = validateBoth(validate(toolsSchema, tools), validateRecord(PRESS_RUN_FIELDS, input))
  if (!checked.ok) return checked
  const [{ trayId, pressId, pusherId, supportId }, fields] = checked.value
  const row = await trayById(db, trayId)
  const pick = await latestPick(db, trayId)
  if (!row || row.tray.finishedAt || !pick)
    return refuse('Nothing is picked on this tray: pick a crystal with gasket first.')
  if (!(await allPresses(db)).some((p) => p.id === pressId))
    return refuse('Press: not in Settings any more.', 'pressId')
  const dies = await allDies(db)
  if (!dies.some((d) => d.id === pusherId && d.role === 'pusher'))
    return refuse('Pusher: not in the drawers.', 'pusherId')
  if (!dies.some((d) => d.id === supportId && d.role === 'support'))
    return refuse('Support: not in the drawers.', 'supportId')

  const values = pressRunValues(fields)
  try {
    await db.transaction(async (tx) => {
      const first = !(await pressRunsOfTray(tx, trayId)).some((r) => r.pickId === pick.id)
      if (first && !((await takeCrystal(tx, pick.crystalId)) && (await takeGasket(tx, pick.gasketId)))) {
        throw new EmptyDrawer()
      }
      await insertPressRun(tx, {
        trayId,
        pickId: pick.id,
        pressId,
        pusherId,
        supportId,
        ranAt: now,
        ...values,
      })
      await setTrayStage(tx, trayId, NEXT_STAGE[values.outcome], null)
    })
  } catch (error) {
    if (!(error instanceof EmptyDrawer)) throw error
    return refuse(
      'The picked crystal or gasket is not in its drawer any more: count the drawer and correct it there.',
    )
  }
  const pressed = await trayById(db, trayId)
  return pressed
    ? { ok: true, view: await trayView(db, pressed) }
    : refuse('This tray is not in hand any more.')
}

/** Ends the transaction when what was picked is gone. */
class EmptyDrawer extends Error {}

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
