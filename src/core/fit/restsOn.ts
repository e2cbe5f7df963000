import type { DimensionId } from '../readings/dimensions'
import type { CrystalSeat, Figure, FigureOrigin } from './CrystalSeat'

/** From what is known best to what is known least. */
const WEAKER: readonly FigureOrigin[] = ['measured', 'derived', 'sheet', 'supplier', 'assumed']

type Known = Pick<Figure, 'origin'>

/** How well a figure is known that rests on others: as the least known of them. */
export function weakestOrigin(figures: readonly Known[]): FigureOrigin {
  const worst = Math.max(0, ...figures.map(({ origin }) => WEAKER.indexOf(origin)))
  return WEAKER[worst] ?? 'assumed'
}

/** How well what is told of a choice is known; null where nothing is told. */
export interface RestsOn {
  readonly hold: FigureOrigin
  readonly stand: FigureOrigin | null
  readonly hands: FigureOrigin | null
}

/** What the figures of every choice for a seat rest on: the parts' own figures are the drawers'. */
export function restsOn({ figures, level, handsBelowSeat, foundThickness }: CrystalSeat): RestsOn {
  const beside = [level, handsBelowSeat, foundThickness]
  const holding = Object.values(figures).filter((figure) => !beside.includes(figure))
  return {
    hold: weakestOrigin(holding),
    stand: level && level.origin,
    hands: handsBelowSeat && handsBelowSeat.origin,
  }
}

/** Of figures kept by name, those that nobody measured on this tray. */
export function unmeasured(
  figures: Readonly<Partial<Record<DimensionId, Known>>>,
): (readonly [DimensionId, FigureOrigin])[] {
  return (Object.entries(figures) as [DimensionId, Known][])
    .filter(([, { origin }]) => origin !== 'measured')
    .map(([dimension, { origin }]) => [dimension, origin] as const)
}
