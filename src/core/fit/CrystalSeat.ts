import type { Retention } from '../construction/kinds'
import type { Estimate } from '../measure/Estimate'
import type { DimensionId } from '../readings/dimensions'

/**
 * Where a figure came from: measured on this tray, from the case sheet, as the supplier of a new part gives it, worked
 * out from other figures, or assumed.
 */
export type FigureOrigin = 'measured' | 'sheet' | 'supplier' | 'derived' | 'assumed'

export interface Figure extends Estimate {
  readonly origin: FigureOrigin
}

/** Where a hand ends. */
export interface HandTip {
  readonly hand: 'hour' | 'minute' | 'second'
  /** from the axis, mm */
  readonly reachMm: number
}

/** What of a case a crystal may not touch, and what it has to stand over. */
export interface SeenFromSeat {
  /** tips of the hands whose length is known */
  readonly handTips: readonly HandTip[]
  /** how far from the axis the hands reach, mm; null where the dial opening is not known. Assumed from it */
  readonly handReachMm: number | null
  /** from the axis to the middle of the date, mm: a magnifier belongs over it. Null when nobody said */
  readonly dateRadiusMm: number | null
  /** null when the hands were never measured: the constraint is then not judged, and said so */
  readonly handsBelowSeat: Figure | null
  /** edge thickness of the crystal that came out */
  readonly foundThickness: Figure | null
}

/** Sides of a seat that is not round. */
export interface SeatSides {
  readonly length: Figure
  readonly width: Figure
  /** of its corners; null when nobody measured them */
  readonly cornerRadius: Figure | null
}

/**
 * The place one case has for its crystal, as far as it is known: what every construction's has. What only one of them
 * needs stands in that construction's own folder.
 */
export interface CrystalSeat extends SeenFromSeat {
  readonly retention: Retention
  /** what the crystal sits in, across */
  readonly across: Figure
  /** what it, or its bezel, is pressed into or over, across: dies bear by it */
  readonly opening: Figure
  /** what a crystal's height is set against: the rim above its seat, or the old crystal; null where nothing tells */
  readonly level: Figure | null
  /** from the seat up to the rim; null where the construction has no rim to measure by */
  readonly rimAbove: Figure | null
  /** null where it is round */
  readonly sides: SeatSides | null
  /** everything it was judged by, by name: kept with a pick */
  readonly figures: Readonly<Partial<Record<DimensionId, Figure>>>
}

/** The seat, or the dimension without which nothing can be judged. */
export type SeatOutcome<S extends CrystalSeat = CrystalSeat> =
  { ok: true; seat: S } | { ok: false; missing: DimensionId }
