import type { DimensionId, FittingDimension } from './dimensions'
import { DIMENSION_IDS, DIMENSIONS } from './dimensions'

/** A dimension that a case sheet holds: all but what follows from others, and what is of one fitting alone. */
export type SheetDimension = Exclude<DimensionId, 'opening' | FittingDimension>

type Camel<S extends string> = S extends `${infer Head}-${infer Tail}`
  ? `${Head}${Capitalize<Camel<Tail>>}`
  : S

/** Where a case sheet keeps a dimension: `seat-depth` as `seatDepthMm`. */
export type SheetField<D extends SheetDimension = SheetDimension> = `${Camel<D>}Mm`

/** The dimensions as a case sheet holds them, mm; null means nobody has measured yet. */
export type SheetFigures = Readonly<Record<SheetField, number | null>>

export const SHEET_DIMENSIONS: readonly SheetDimension[] = DIMENSION_IDS.filter(isOnSheets)

export function isOnSheets(id: DimensionId): id is SheetDimension {
  return DIMENSIONS[id].sheetUncertaintyMm !== null
}

export function sheetField<D extends SheetDimension>(id: D): SheetField<D> {
  const camel = id.replace(/-([a-z])/g, (_, letter: string) => letter.toUpperCase())
  // What the type says in the same words.
  return `${camel}Mm` as SheetField<D>
}
