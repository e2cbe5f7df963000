import type { Figure, SeenFromSeat } from '../fit/CrystalSeat'
import type { DimensionId } from '../readings/dimensions'

/** What a seat was judged by, by name: its own figures, and what every construction looks at. */
export function keptFigures(
  { handsBelowSeat, foundThickness }: SeenFromSeat,
  own: Readonly<Partial<Record<DimensionId, Figure | null>>>,
): Readonly<Partial<Record<DimensionId, Figure>>> {
  const all = { ...own, 'hands-below-seat': handsBelowSeat, 'crystal-edge': foundThickness }
  return Object.fromEntries(Object.entries(all).filter(([, figure]) => figure !== null))
}
