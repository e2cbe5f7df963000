import type { Figure, FigureOrigin } from './CrystalSeat'

/** Where a figure came from, in words that go on a sentence. */
export const ORIGIN_WORDS: Readonly<Record<FigureOrigin, string>> = {
  measured: 'measured',
  sheet: 'from the case sheet, not measured on this tray',
  supplier: 'as its supplier gives it: measure it before anything is pressed',
  derived: 'worked out from other readings',
  assumed: 'assumed',
}

/** “; the bore is assumed”, for a figure nobody measured; nothing for one that was. */
export function originClause(name: string, { origin }: Pick<Figure, 'origin'>): string {
  return origin === 'measured' ? '' : `; the ${name} is ${ORIGIN_WORDS[origin]}`
}
