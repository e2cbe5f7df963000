import type { Retention } from '../construction/kinds'
import type { FigureOrigin } from '../fit/CrystalSeat'
import type { Estimate } from '../measure/Estimate'
import type { DimensionId } from '../readings/dimensions'
import { DIMENSION_IDS } from '../readings/dimensions'
import type { SizeVerdict } from '../verdict/sizeVerdict'

interface KeptFigure extends Estimate {
  readonly origin: FigureOrigin
}

interface PickEvidenceBase {
  readonly verdict: SizeVerdict | null
  readonly handClearanceMm: number | null
  readonly fitProbability: number
  readonly probability: number
  readonly reasons: readonly string[]
  readonly readingIds: readonly number[]
}

/** As kept while only rings in a case bore were matched. */
interface PickEvidence1 extends PickEvidenceBase {
  readonly formatVersion: 1
  readonly bore: KeptFigure
  readonly interferenceMm: number
  readonly squeeze: number
  readonly rimMm: number
}

/** As kept for every construction while these were told by what squeezes the crystal. */
interface PickEvidence2 extends PickEvidenceOfAny {
  readonly formatVersion: 2
  readonly held: 'ring' | 'neck' | 'acrylic' | 'cement'
}

/** As kept for every construction. */
export interface PickEvidence3 extends PickEvidenceOfAny {
  readonly formatVersion: 3
  readonly retention: Retention
}

interface PickEvidenceOfAny extends PickEvidenceBase {
  /** figures of the case it was judged by */
  readonly figures: Readonly<Partial<Record<DimensionId, KeptFigure>>>
  /** what holds it, in words: “Squeeze 6.0 %” */
  readonly hold: string
  readonly rimMm: number | null
}

/** What a pick rested on when it was made; kept with it and never recomputed. Lengths mm. */
export type PickEvidence = PickEvidence1 | PickEvidence2 | PickEvidence3

/** Figures of the case sheet a pick rested on, as they were then; nobody had read them on the piece. Mm. */
export function sheetFiguresOfPick(evidence: PickEvidence): readonly (readonly [DimensionId, number])[] {
  if (evidence.formatVersion === 1) return []
  return DIMENSION_IDS.flatMap((id) => {
    const figure = evidence.figures[id]
    return figure?.origin === 'sheet' ? [[id, figure.valueMm] as const] : []
  })
}

/** The case bore a pick rested on, mm; null where there was none. */
export function boreOfPick(evidence: PickEvidence): number | null {
  if (evidence.formatVersion === 1) return evidence.bore.valueMm
  return (evidence.figures.bore ?? evidence.figures['bezel-bore'])?.valueMm ?? null
}
