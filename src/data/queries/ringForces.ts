import { and, desc, eq, isNotNull, or, sql } from 'drizzle-orm'
import { countsAsPressed } from '@/core/press-run/countsAsPressed'
import { forceByFigures } from '@/core/press/plan/ringForce'
import type { GasketMaterial } from '@/core/fit/parts'
import type { Db } from '../client'
import { crystals, gaskets, picks, pressRuns, trays } from '../schema'
import { isInvented } from './shopSettings'

/** What a kind of ring asks is told by its newest runs: suppliers and greases change. */
const NEWEST = 400

/** What a run that went home asked, over what its ring's figures said. */
export interface RingForce {
  readonly caseSheetId: number
  readonly material: GasketMaterial
  readonly overFigures: number
}

/** Forces of runs that went home anywhere in the shop: what counts as pressed alone. */
export async function ringForces(db: Db): Promise<RingForce[]> {
  const { slideForceN, peakForceN } = pressRuns
  const [rows, invented] = await Promise.all([
    db
      .select({
        caseSheetId: trays.caseSheetId,
        cell: pressRuns.cell,
        force: sql<number>`coalesce(${slideForceN}, ${peakForceN})`,
        hold: sql<string | null>`${picks.evidence} ->> 'hold'`,
        diameterMm: crystals.diameterMm,
        material: gaskets.material,
        heightMm: gaskets.heightMm,
      })
      .from(pressRuns)
      .innerJoin(picks, eq(picks.id, pressRuns.pickId))
      .innerJoin(trays, eq(trays.id, pressRuns.trayId))
      .innerJoin(crystals, eq(crystals.id, picks.crystalId))
      .innerJoin(gaskets, eq(gaskets.id, picks.gasketId))
      .where(and(eq(pressRuns.outcome, 'home'), or(isNotNull(slideForceN), isNotNull(peakForceN))))
      .orderBy(desc(pressRuns.id))
      .limit(NEWEST),
    isInvented(db),
  ])
  return rows.flatMap(({ caseSheetId, cell, force, hold, material, ...sizes }) => {
    const byFigures = forceByFigures(sizes, { material, ...sizes }, hold)
    if (byFigures === null || !countsAsPressed(cell, invented)) return []
    return [{ caseSheetId, material, overFigures: force / byFigures }]
  })
}
