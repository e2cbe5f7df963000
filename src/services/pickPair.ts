import Joi from 'joi'
import { assessPair } from '@/core/fit/assessPair'
import { FIT_POLICY } from '@/core/fit/fitPolicy'
import { snapshotPick } from '@/core/tray/snapshotPick'
import { trayReadout } from '@/core/tray/trayReadout'
import type { Db } from '@/data/client'
import { pressRunsOfCaseSheet } from '@/data/queries/caseSheets'
import { insertPick } from '@/data/queries/picks'
import { standingReadings } from '@/data/queries/readings'
import { standingShapes } from '@/data/queries/shapes'
import { crystalById, gasketById } from '@/data/queries/stock'
import { setTrayStage, trayById } from '@/data/queries/trays'
import type { Refusal } from './boundary'
import { idSchema, refuse, validate } from './boundary'
import type { TrayView } from './trayView'
import { trayView } from './trayView'

const schema = Joi.object<{ trayId: number; crystalId: number; gasketId: number }>({
  trayId: idSchema.required(),
  crystalId: idSchema.required(),
  gasketId: idSchema.required(),
})

/**
 * Picks a crystal with a gasket for a tray, keeps what it rested on, and goes on to pressing in.
 * A pair that misses a constraint may be picked all the same: the technician decides, the record says what was known.
 * Empty drawers are refused, because nothing can be taken from them.
 */
export async function pickPair(
  db: Db,
  input: unknown,
  now: Date,
): Promise<{ ok: true; view: TrayView } | Refusal> {
  const checked = validate(schema, input)
  if (!checked.ok) return checked
  const { trayId, crystalId, gasketId } = checked.value
  const row = await trayById(db, trayId)
  if (!row || row.tray.finishedAt) return refuse('This tray is not in hand any more.')
  const [crystal, gasket] = await Promise.all([crystalById(db, crystalId), gasketById(db, gasketId)])
  if (!crystal || !gasket) return refuse('This pair is not in the drawers any more: choose another one.')
  if (crystal.quantity < 1)
    return refuse(`Drawer ${crystal.drawer} has no ${crystal.code} left: choose another crystal.`)
  if (gasket.quantity < 1)
    return refuse(`Drawer ${gasket.drawer} has no ${gasket.code} left: choose another gasket.`)

  const readings = await standingReadings(db, trayId)
  const pastRuns = (await pressRunsOfCaseSheet(db, row.sheet.id)).filter((run) => run.trayId !== trayId)
  const { facts, wishes, verdict } = trayReadout(
    readings,
    row.sheet,
    pastRuns,
    await standingShapes(db, trayId),
    row.tray.pastCounts ? 'past' : 'flat',
  )
  if (!facts.ok)
    return refuse(`Nothing to judge a pair by: measure the ${facts.missing.replace('-', ' ')} first.`)
  const pair = assessPair(crystal, gasket, facts.facts, FIT_POLICY)
  await db.transaction(async (tx) => {
    await insertPick(tx, {
      trayId,
      crystalId,
      gasketId,
      evidence: snapshotPick(pair, facts.facts, wishes, verdict, readings),
      pickedAt: now,
    })
    await setTrayStage(tx, trayId, 'press-in', null)
  })
  const picked = await trayById(db, trayId)
  return picked
    ? { ok: true, view: await trayView(db, picked) }
    : refuse('This tray is not in hand any more.')
}
