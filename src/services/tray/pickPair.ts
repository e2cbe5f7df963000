import Joi from 'joi'
import { assessCandidate } from '@/core/fit/assessCandidate'
import { DIMENSIONS } from '@/core/readings/dimensions'
import { snapshotPick } from '@/core/tray/snapshotPick'
import type { Db } from '@/data/client'
import { pressRunsOfCaseSheet } from '@/data/queries/caseSheets'
import { insertPick, latestPick, pressRunsOfTray } from '@/data/queries/picks'
import { standingReadings } from '@/data/queries/readings'
import { standingShapes } from '@/data/queries/shapes'
import { crystalById, gasketById } from '@/data/queries/stock'
import { moveStock, partsOutFor } from '@/data/queries/stockMoves'
import type { TrayRow } from '@/data/queries/trays'
import { setTrayStage } from '@/data/queries/trays'
import type { PartKind } from '@/core/stock/partKinds'
import { idSchema, refuse, validate } from '../boundary'
import { drawersInMemory } from '../drawers/drawersInMemory'
import { shopPolicy } from '../shop/shopPolicy'
import { partsOut } from './partsOut'
import { newBezelOf, trayCase } from './trayCase'
import type { ViewOutcome } from './changeTray'
import { changeTray } from './changeTray'

interface Pick {
  readonly trayId: number
  readonly crystalId: number
  readonly gasketId: number | null
  readonly bezelGasketId: number | null
}

const schema = Joi.object<Pick>({
  trayId: idSchema.required(),
  crystalId: idSchema.required(),
  gasketId: idSchema.allow(null).required(),
  bezelGasketId: idSchema.allow(null).default(null),
})

/**
 * Picks a crystal with what goes with it, takes them out of their drawers, keeps what the pick rested on, and goes on to
 * pressing in. What an earlier pick took out and nobody has pressed goes back.
 * A choice that misses a constraint may be picked all the same: the technician decides, the record says what was known.
 * Empty drawers are refused, because nothing can be taken from them.
 */
export async function pickPair(db: Db, input: unknown, now: Date): Promise<ViewOutcome> {
  const checked = validate(schema, input)
  if (!checked.ok) return checked
  const pick = checked.value
  return changeTray(db, pick.trayId, async (row) => {
    const evidence = await judged(db, row, pick)
    if ('ok' in evidence) return evidence
    try {
      await db.transaction(async (tx) => {
        await putBackUnpressed(tx, pick.trayId, now)
        await takeOut(tx, 'crystal', pick.crystalId, pick.trayId, now)
        for (const ring of [pick.gasketId, pick.bezelGasketId])
          if (ring !== null) await takeOut(tx, 'gasket', ring, pick.trayId, now)
        await insertPick(tx, { ...pick, evidence, pickedAt: now })
        await setTrayStage(tx, pick.trayId, 'press-in', null)
      })
    } catch (error) {
      if (!(error instanceof EmptyDrawer)) throw error
      return refuse(error.message)
    }
    return null
  })
}

/** What the pick rests on, or why there can be none. */
async function judged(db: Db, { tray, sheet }: TrayRow, { crystalId, gasketId }: Pick) {
  const [crystal, gasket] = await Promise.all([
    crystalById(db, crystalId),
    gasketId === null ? null : gasketById(db, gasketId),
  ])
  if (!crystal || gasket === undefined)
    return refuse('This choice is not in the drawers any more: choose another one.')
  const policy = await shopPolicy(db)
  const { bezels } = await drawersInMemory(db)
  const { now, counted } = trayCase(
    {
      sheet,
      readings: await standingReadings(db, tray.id),
      shapes: await standingShapes(db, tray.id),
      pastRuns: (await pressRunsOfCaseSheet(db, sheet.id)).filter((run) => run.trayId !== tray.id),
      pastCounts: tray.pastCounts,
      policy,
    },
    newBezelOf(await partsOut(db, tray.id), bezels),
  )
  const { facts, wishes, verdict } = now.readout
  if (!facts.ok) {
    const { label } = DIMENSIONS[facts.missing]
    return refuse(`Nothing to judge a choice by: measure the ${label.toLowerCase()} first.`)
  }
  const candidate = assessCandidate(crystal, gasket, facts.facts, policy.fit)
  if (!candidate) return refuse('This case does not take such parts: choose from its own shortlist.')
  return snapshotPick(candidate, {
    facts: facts.facts,
    wishes,
    verdict,
    readings: counted,
    policy: policy.fit,
  })
}

/** Ends the transaction when what was picked is gone. */
class EmptyDrawer extends Error {}

async function takeOut(db: Db, kind: PartKind, partId: number, trayId: number, now: Date): Promise<void> {
  const left = await moveStock(db, { kind, partId, change: -1, reason: 'picked', trayId, movedAt: now })
  if (left !== null) return
  const line = await (kind === 'crystal' ? crystalById(db, partId) : gasketById(db, partId))
  throw new EmptyDrawer(
    line
      ? `Drawer ${line.drawer} has no ${line.code} left: choose another ${kind}, or count the drawer.`
      : `This ${kind} is not in the drawers any more: choose another one.`,
  )
}

async function putBackUnpressed(db: Db, trayId: number, now: Date): Promise<void> {
  const before = await latestPick(db, trayId)
  if (!before || (await pressRunsOfTray(db, trayId)).some((run) => run.pickId === before.id)) return
  const ids = [before.gasketId, before.bezelGasketId]
  for (const { kind, partId } of await partsOutFor(db, trayId)) {
    const ofPick =
      kind === 'crystal' ? partId === before.crystalId : kind === 'gasket' && ids.includes(partId)
    if (ofPick) await moveStock(db, { kind, partId, change: 1, reason: 'put-back', trayId, movedAt: now })
  }
}
