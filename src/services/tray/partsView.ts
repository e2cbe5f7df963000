import type { InsertStands } from '@/core/bezel/insertStand'
import type { SetPart } from '@/core/bezel/bezelSet'
import type { SealItem } from '@/core/seals/SealItem'
import { reachedSeals } from '@/core/seals/reachedSeals'
import { resealSet } from '@/core/seals/resealSet'
import type { StockBezel } from '@/core/stock/otherParts'
import type { PartOut } from '@/data/queries/stockMoves'
import type { DrawersInMemory } from '../drawers/drawersInMemory'
import type { BezelWork } from './bezelWork'
import { bezelWork, insertStands, setParts } from './bezelWork'
import type { OpenedCase } from './openTrayCases'

/** A part taken out of its drawer for a tray. */
export interface PartOutView extends Omit<PartOut, 'since' | 'trayId' | 'priceCents'> {
  /** when the last of them was taken, ISO text */
  readonly since: string
}

/** Parts of a tray beside crystal and ring. */
export interface PartsView {
  /** taken out of the drawers for this tray and not put back */
  readonly partsOut: readonly PartOutView[]
  /** seals of the case beside its crystal's that this job gets at, each with what serves it */
  readonly seals: readonly SealItem[]
  /** inserts and bezels, where they were asked for */
  readonly bezelWork: BezelWork | null
  /** what goes on with crystal and rings of a removable bezel; empty for other constructions */
  readonly setParts: readonly SetPart[]
  /** how its insert stood, and how the one out for it will; null where the case has none */
  readonly insertStands: InsertStands | null
  /** a bezel out for this tray: everything is judged with it on */
  readonly newBezel: StockBezel | null
}

export function partsView(opened: OpenedCase, drawers: DrawersInMemory): PartsView {
  const { kept, rules, newBezel, found, now } = opened
  const { policy } = rules
  const fixing = kept.tray.schools['insert-fixing'] ?? rules.schools['insert-fixing'] ?? ''
  const byFigures = {
    found: { sheet: found.sheet, measured: found.readout.measured },
    now: { sheet: now.sheet, measured: now.readout.measured },
  }
  return {
    partsOut: kept.partsOut.map(partOutView),
    seals: sealsOf(opened, drawers),
    setParts: setParts(drawers, kept.partsOut, byFigures, policy.bezel),
    newBezel: newBezel?.bezel ?? null,
    insertStands: insertStands(drawers, kept.partsOut, { ...byFigures, fixing, policy }),
    bezelWork: bezelWork(drawers, {
      asked: kept.tray.asked,
      ...byFigures,
      newBezelId: newBezel?.bezel.id ?? null,
      wishes: now.readout.wishes,
      policy,
      fixing,
    }),
  }
}

function sealsOf({ now, procedure, rules }: OpenedCase, drawers: DrawersInMemory): SealItem[] {
  const reached = reachedSeals(procedure)
  const stock = { oRings: drawers.oRings, gaskets: drawers.index.otherGaskets }
  return resealSet(now.readout.measured, now.sheet, stock, rules.policy).filter(({ id }) =>
    reached.includes(id),
  )
}

function partOutView({ kind, partId, code, drawer, count, since }: PartOut): PartOutView {
  return { kind, partId, code, drawer, count, since: since.toISOString() }
}
