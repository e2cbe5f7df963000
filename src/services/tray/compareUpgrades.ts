import Joi from 'joi'
import type { Upgrade } from '@/core/fit/upgrades'
import { upgrades } from '@/core/fit/upgrades'
import { pressureOfClass } from '@/core/plate/crystalStrength'
import type { Db } from '@/data/client'
import { trayById } from '@/data/queries/trays'
import type { Refusal } from '../boundary'
import { idSchema, refuse, validate } from '../boundary'
import { drawersInMemory } from '../drawers/drawersInMemory'
import { shopPolicy } from '../shop/shopPolicy'
import { wishesOf } from './shortlistView'
import { TRAY_GONE } from './changeTray'
import { trayView } from './trayView'

export interface UpgradesFound {
  readonly ok: true
  readonly upgrades: readonly Upgrade[]
  /** null when no class is stated */
  readonly pressureBar: number | null
}

const schema = Joi.object<{ trayId: number }>({ trayId: idSchema.required() })

/** What else the drawers could give this case: one of every material, shape, magnifier and coat that fits. */
export async function compareUpgrades(db: Db, input: unknown): Promise<UpgradesFound | Refusal> {
  const checked = validate(schema, input)
  if (!checked.ok) return checked
  const row = await trayById(db, checked.value.trayId)
  if (!row) return refuse(TRAY_GONE)
  const { readout } = await trayView(db, row)
  const policy = await shopPolicy(db)
  if (!readout.facts.ok) return refuse('Nothing to compare by: take the readings the bar asks for first.')
  const { index } = await drawersInMemory(db)
  const pressureBar = pressureOfClass(row.tray.waterClass)
  const found = upgrades(
    [...index.crystals, ...index.otherBuilds],
    index.gaskets,
    readout.facts.facts,
    wishesOf(readout, policy.fit),
    pressureBar,
    policy,
  )
  return { ok: true, upgrades: found, pressureBar }
}
