import Joi from 'joi'
import type { ConstructionWords } from '@/core/construction/Construction'
import { constructionOf } from '@/core/construction/constructions'
import type { Upgrade } from '@/core/fit/upgrades'
import { upgrades } from '@/core/fit/upgrades'
import { betweenStepsOf } from '@/core/fit/shortlist'
import { choiceOf } from '@/core/tray/choiceOf'
import type { JudgedPair } from '@/core/tray/judgePair'
import type { TestPressure } from '@/core/intake/waterClass'
import { testPressure } from '@/core/intake/waterClass'
import { action } from '../action'
import { idSchema, refuse } from '../boundary'
import { drawersInMemory } from '../drawers/drawersInMemory'
import { TRAY_GONE } from './changeTray'
import { openTrayCase } from './openTrayCases'
import { withPartsOut } from './withPartsOut'

export interface UpgradeView extends Upgrade, JudgedPair {
  readonly candidate: JudgedPair['candidate']
}

export interface UpgradesFound {
  readonly ok: true
  readonly words: ConstructionWords
  readonly upgrades: readonly UpgradeView[]
  /** what they are judged on; null when no class is stated */
  readonly pressure: TestPressure | null
}

const schema = Joi.object<{ trayId: number }>({ trayId: idSchema.required() })

/** What else the drawers could give this case: one of every material, shape, magnifier and coat that fits. */
export const compareUpgrades = action(schema, async (db, { trayId }) => {
  const opened = await openTrayCase(db, { id: trayId })
  if (!opened) return refuse(TRAY_GONE)
  const { now, kept, rules, original } = opened
  const { readout } = now
  if (!readout.seat.ok) return refuse('Nothing to compare by: take the readings the bar asks for first.')
  const { index } = withPartsOut(await drawersInMemory(db), kept.partsOut)
  const pressure = testPressure(kept.tray)
  const { seat } = readout.seat
  const between = betweenStepsOf(index, seat, rules.policy.fit)
  const found = upgrades(index, seat, readout.wishes, { pressure, original, between }, rules.policy)
  const { words } = constructionOf(now.sheet.retention)
  return {
    ok: true,
    words,
    upgrades: found.map((upgrade) => ({
      ...upgrade,
      candidate: { ...upgrade.candidate, ...choiceOf(upgrade.candidate, seat, between, opened) },
      failures: [],
    })),
    pressure,
  } satisfies UpgradesFound
})
