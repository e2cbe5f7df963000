import type { Estimate } from '../measure/Estimate'
import type { CrystalMaterial, CrystalProfile } from './parts'

/** Where a figure came from: measured on this tray, from the case sheet, worked out from other figures, or assumed. */
export type FigureOrigin = 'measured' | 'sheet' | 'derived' | 'assumed'

export interface Figure extends Estimate {
  readonly origin: FigureOrigin
}

/** What the fit needs to know of one case with a tension gasket. */
export interface CaseFacts {
  readonly bore: Figure
  /** largest less smallest bore, mm; 0 when it was not measured in three directions */
  readonly boreOvalityMm: number
  readonly seatDepth: Figure
  /** null when the hands were never measured: the constraint is then not judged, and said so */
  readonly handsBelowSeat: Figure | null
  /** edge thickness of the crystal that came out */
  readonly foundThickness: Figure | null
}

/** What the owner and the shop would rather have, all else being equal. */
export interface FitWishes {
  /** size of the verdict: among equals the pair nearest to it comes first, mm */
  readonly sizeMm: number | null
  readonly material: CrystalMaterial | null
  readonly profile: CrystalProfile | null
  readonly gasketColour: string | null
  /** the pair that went home in this case last time */
  readonly lastTime: {
    readonly crystalId: number
    readonly gasketId: number
    readonly successes: number
  } | null
}
