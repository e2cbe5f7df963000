import Joi from 'joi'
import type { StageId } from '@/core/stages/stages'
import type { Db } from '@/data/client'
import { allTrays, trayByNumber } from '@/data/queries/trays'
import { action } from '../action'
import { refuse } from '../boundary'
import { TRAY_GONE } from './changeTray'
import { openTrayCase } from './openTrayCases'
import type { Changed } from './trayChange'
import type { TrayView } from './trayView'
import { trayView } from './trayView'

export interface TrayLine {
  readonly number: number
  readonly caseName: string
  readonly owner: string
  readonly stage: StageId
  readonly complaint: string
  readonly openedAt: string
  readonly dueAt: string
  readonly finishedAt: string | null
}

/** Every tray ever opened, the newest first. */
export async function trayLines(db: Db): Promise<TrayLine[]> {
  return (await allTrays(db)).map(({ tray, sheet, owner }) => ({
    number: tray.number,
    caseName: `${sheet.maker} ${sheet.reference}`,
    owner: [owner.name, tray.ownerMark].filter(Boolean).join(', '),
    stage: tray.stage,
    complaint: tray.complaint,
    openedAt: tray.openedAt.toISOString(),
    dueAt: tray.dueAt.toISOString(),
    finishedAt: tray.finishedAt?.toISOString() ?? null,
  }))
}

/** @returns null when no tray has this number */
export async function trayByItsNumber(db: Db, number: number): Promise<TrayView | null> {
  const row = await trayByNumber(db, number)
  return row ? trayView(db, await openTrayCase(db, row)) : null
}

const numberSchema = Joi.object<{ number: number }>({
  number: Joi.number().integer().positive().max(2_147_483_647).required(),
})

/** A tray's page as it is now. */
export const showTray = action(numberSchema, async (db, { number }) => {
  const view = await trayByItsNumber(db, number)
  return view ? ({ ok: true, view } satisfies Changed) : refuse(TRAY_GONE)
})
