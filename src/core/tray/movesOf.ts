import type { Procedure } from '../procedure/procedure'
import type { TrailPartId } from '../trail/parts'
import type { PartMove } from '../trail/partMoves'
import { partMoves } from '../trail/partMoves'
import type { KeptTray } from './KeptTray'

/**
 * What moved on a tray, oldest first: by the trail, by steps that lay a part in or back whether or not it was seen to come
 * off, and under the press.
 */
export function movesOf(
  { trail, ticks, pressRuns }: Pick<KeptTray, 'trail' | 'ticks' | 'pressRuns'>,
  { steps }: Procedure,
): PartMove[] {
  const bySteps = steps.flatMap(({ id, putsBack, laysIn }) => {
    const at = ticks[`step:${id}`]
    return at === undefined ? [] : [...putsBack, ...laysIn].map((part) => ({ part, at }))
  })
  const pressed = pressRuns.map(({ ranAt }): PartMove => ({ part: 'crystal', at: ranAt.toISOString() }))
  return [...partMoves(trail), ...bySteps, ...pressed].toSorted((a, b) => a.at.localeCompare(b.at))
}

/** Parts that a step done laid where they belong, see Step. */
export function laidInBy({ ticks }: Pick<KeptTray, 'ticks'>, { steps }: Procedure): TrailPartId[] {
  return steps.filter(({ id }) => ticks[`step:${id}`] !== undefined).flatMap(({ laysIn }) => laysIn)
}
