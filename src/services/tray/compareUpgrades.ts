import Joi from 'joi'
import type { ConstructionWords } from '@/core/construction/Construction'
import { constructionOf } from '@/core/construction/constructions'
import type { Upgrade } from '@/core/fit/upgrades'
import { upgrades } from '@/core/fit/upgrades'
import type { TestPressure } from '@/core/intake/waterClass'
import { testPressure } from '@/core/intake/waterClass'
import { trayById } from '@/data/queries/trays'
import { action } from '../action'
import { idSchema, refuse } from '../boundary'
import { drawersInMemory } from '../drawers/drawersInMemory'
import { TRAY_GONE } from './changeTray'
import { openTrayCase } from './openTrayCases'
import { withPartsOut } from './withPartsOut'

export interface UpgradesFound {
  readonly ok: true
  readonly words: ConstructionWords
  readonly upgrades: readonly Upgrade[]
  /** what they are judged on; null when no class is stated */
  readonly pressure: TestPressure | null
}

const schema = Joi.object<{ trayId: number }>({ trayId: idSchema.required() })

/** What else the drawers could give this case: one of every material, shape, magnifier and coat that fits. */
export const compareUpgrades = action(schema, async (db, { trayId }) => {
  const row = await trayById(db, trayId)
  if (!row) return refuse(TRAY_GONE)
  const { now, kept, rules, original } = await openTrayCase(db, row)
  const { readout } = now
  if (!readout.seat.ok) return refuse('Nothing to compare by: take the readings the bar asks for first.')
  const { index } = withPartsOut(await drawersInMemory(db), kept.partsOut)
  const pressure = testPressure(row.tray)
  const found = upgrades(
    [...index.crystals, ...index.otherBuilds],
    index.gaskets,
    readout.seat.seat,
    readout.wishes,
    { pressure, original },
    rules.policy,
  )
  const { words } = constructionOf(now.sheet.retention)
  return { ok: true, words, upgrades: found, pressure } satisfies UpgradesFound
})
