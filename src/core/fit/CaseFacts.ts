import type { ArCoating, Magnifier } from '../construction/kinds'
import type { Estimate } from '../measure/Estimate'
import type { CrystalMaterial, CrystalProfile } from './parts'

/**
 * Where a figure came from: measured on this tray, from the case sheet, as the supplier of a new part gives it, worked
 * out from other figures, or assumed.
 */
export type FigureOrigin = 'measured' | 'sheet' | 'supplier' | 'derived' | 'assumed'

export interface Figure extends Estimate {
  readonly origin: FigureOrigin
}

interface SeenFigures {
  /** how far from the axis the hands reach, mm; null where the dial opening is not known. Assumed from it */
  readonly handReachMm: number | null
  /** from the axis to the middle of the date, mm: a magnifier belongs over it. Null when nobody said */
  readonly dateRadiusMm: number | null
  /** null when the hands were never measured: the constraint is then not judged, and said so */
  readonly handsBelowSeat: Figure | null
  /** edge thickness of the crystal that came out */
  readonly foundThickness: Figure | null
}

/** A crystal squeezed by a ring gasket into a bore: the case's own, or a removable bezel's. */
export interface RingFacts extends SeenFigures {
  readonly held: 'ring'
  readonly in: 'case' | 'bezel'
  readonly bore: Figure
  /** largest less smallest bore, mm; 0 when it was not measured in three directions */
  readonly boreOvalityMm: number
  /** of the oval, degrees clockwise from 12; 0 when it was not measured */
  readonly boreLongAxisDeg: number
  readonly seatDepth: Figure
}

/** A crystal over a raised neck, squeezed from outside by a bezel. */
export interface NeckFacts extends SeenFigures {
  readonly held: 'neck'
  /** acrylic with a skirt that is squeezed itself, or glass with a ring round its edge */
  readonly crystal: 'cup' | 'glass'
  readonly neckOuter: Figure
  readonly bezelInner: Figure
}

/** Acrylic a little larger than what it sits in: sprung into a groove, or spread against a bore by its metal ring. */
export interface AcrylicFacts extends SeenFigures {
  readonly held: 'acrylic'
  readonly seat: 'groove' | 'bore'
  readonly opening: Figure
  /** whole height of the old crystal */
  readonly domeHeight: Figure | null
  /** of the old metal ring */
  readonly ringHeight: Figure | null
}

/** A crystal cemented into a rebate, round or shaped. */
export interface CementFacts extends SeenFigures {
  readonly held: 'cement'
  readonly outline: 'round' | 'shaped'
  /** how the length was read: across a round rebate, or along a shaped one */
  readonly readAs: 'bore' | 'rebate-length'
  readonly length: Figure
  /** the same as the length when round */
  readonly width: Figure
  readonly depth: Figure
  /** of the rebate's corners; null when nobody measured them */
  readonly cornerRadius: Figure | null
}

/** What the fit needs to know of one case, by how its crystal is held. */
export type CaseFacts = RingFacts | NeckFacts | AcrylicFacts | CementFacts

/** What the owner and the shop would rather have, all else being equal. */
export interface FitWishes {
  /** size of the verdict: among equals the pair nearest to it comes first, mm */
  readonly sizeMm: number | null
  readonly material: CrystalMaterial | null
  readonly profile: CrystalProfile | null
  /** as the old crystal had them; null when nobody looked */
  readonly magnifier: Magnifier | null
  readonly arCoating: ArCoating | null
  readonly gasketColour: string | null
  /** what went home in this case last time */
  readonly lastTime: {
    readonly crystalId: number
    readonly gasketId: number | null
    readonly successes: number
  } | null
}
