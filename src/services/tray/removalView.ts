import { removalFields } from '@/core/records/removalFields'
import type { Field } from '@/core/records/Field'
import type { HeatState } from '@/core/removal/heatBursts'
import { heatState } from '@/core/removal/heatBursts'
import type { RemovalPlan } from '@/core/removal/planRemoval'
import { planRemovals, removalStep } from '@/core/removal/planRemoval'
import type { Removal } from '@/core/removal/Removal'
import type { PastRemoval } from '@/core/removal/wayRecord'
import { againstStep } from '@/core/stages/inOrder'
import type { Db } from '@/data/client'
import { allRemovals } from '@/data/queries/removals'
import type { OpenedCase } from './openTrayCases'
import { standingOrder } from './recordTrail'

/** A try at a part of this tray, as it went. */
export interface RemovalTold extends Omit<Removal, 'at'> {
  /** ISO time */
  readonly at: string
}

/** How one part comes off, the ways side by side, and how it went. */
export interface PartRemovalView extends RemovalPlan {
  readonly fields: readonly Field[]
  /** on this tray, oldest first */
  readonly tries: readonly RemovalTold[]
  /** why it cannot come off yet; null where it can */
  readonly notYet: string | null
}

export interface RemovalView {
  readonly parts: readonly PartRemovalView[]
  /** what the magnifier's bond has had of heat; null where none comes off */
  readonly heat: HeatState | null
}

/** @returns null where this job takes nothing off that can be harmed by it */
export async function removalView(db: Db, opened: OpenedCase): Promise<RemovalView | null> {
  const { kept, facts, piece, procedure } = opened
  const situation = { facts, piece, bench: kept.inUse }
  // Most trays take off nothing of the kind: they ask the shop nothing.
  if (planRemovals(situation, kept.tray.schools, []).length === 0) return null
  const plans = planRemovals(situation, kept.tray.schools, await pastRemovals(db, opened))
  const order = standingOrder(opened)
  return {
    parts: plans.map((plan) => {
      const step = removalStep(plan.part, procedure.steps)
      return {
        ...plan,
        fields: removalFields(plan.part),
        tries: kept.removals
          .filter(({ part }) => part === plan.part)
          .map(({ part, way, outcome, minutes, note, at }) => ({
            ...{ part, way, outcome, minutes, note },
            at: at.toISOString(),
          })),
        notYet: step && againstStep(step, order),
      }
    }),
    heat: plans.some(({ part }) => part === 'magnifier') ? heatState(kept.heatBursts) : null,
  }
}

async function pastRemovals(db: Db, { kept: { sheet } }: OpenedCase): Promise<PastRemoval[]> {
  const rows = await allRemovals(db)
  return rows.map(({ part, way, outcome, minutes, ...of }) => ({
    ...{ part, way, outcome, minutes },
    sameCase: of.sheetId === sheet.id,
    alike:
      part === 'bezel'
        ? of.bezelKind === sheet.bezelKind
        : part === 'insert'
          ? of.insertMaterial === sheet.insertMaterial
          : of.magnifier === sheet.magnifier,
  }))
}
