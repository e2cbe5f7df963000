import { constructionOf } from '../construction/constructions'
import type { Estimate } from '../measure/Estimate'
import type { CrystalSeat } from '../fit/CrystalSeat'
import type { CrystalBuild, StockCrystal } from '../fit/parts'
import type { JobFacts } from '../procedure/JobFacts'
import type { DimensionId } from '../readings/dimensions'
import { figureOf } from '../tray/caseFigures'
import type { CaseSheet } from '../tray/CaseSheet'
import type { MeasuredFigures } from '../tray/measuredFigures'
import { NO_LINE } from './OwnPart'

/** A part of the piece as if it lay in a drawer, or the dimension that is missing for that. */
export type OwnOrMissing<P> = P | { readonly missing: DimensionId }

/**
 * The crystal that came out, by its own readings; thickness and dome by the case sheet where nobody read them.
 * @param seat - what it goes back into
 */
export function ownCrystal(
  measured: MeasuredFigures,
  sheet: CaseSheet,
  { crystalMaterial, magnifier, asked }: Pick<JobFacts, 'crystalMaterial' | 'magnifier' | 'asked'>,
  seat: CrystalSeat,
): OwnOrMissing<{ readonly part: StockCrystal; readonly diameter: Estimate }> {
  const construction = constructionOf(seat.retention)
  const mm = (id: DimensionId) => figureOf(id, measured, sheet)?.valueMm ?? null
  const across = construction.across(sheet, (id) => measured[id] !== undefined)
  const diameter = measured[across]
  if (!diameter) return { missing: across }
  const height = mm('dome-height')
  const edgeThicknessMm = mm('crystal-edge') ?? height
  if (edgeThicknessMm === null) return { missing: 'crystal-edge' }
  const { build } = construction.wants(seat)
  const also = ALSO_READ[build]
  if (also && mm(also) === null) return { missing: also }
  const centreThicknessMm = mm('crystal-centre') ?? edgeThicknessMm
  const isMagnifierOff = asked.includes('magnifier-off')
  return {
    diameter,
    part: {
      ...NO_LINE,
      build,
      diameterMm: diameter.valueMm,
      widthMm: mm('crystal-width'),
      cornerRadiusMm: null,
      skirtInnerMm: mm('skirt-inner'),
      ringHeightMm: mm('ring-height'),
      edgeThicknessMm,
      centreThicknessMm,
      undersideRiseMm:
        height === null ? (sheet.undersideRiseMm ?? 0) : Math.max(0, height - centreThicknessMm),
      bevelMm: USUAL_BEVEL_MM,
      material: crystalMaterial ?? 'mineral',
      profile: sheet.crystalProfile ?? 'flat',
      magnifier: isMagnifierOff ? 'none' : magnifier,
      insideMagnifierMm: null,
      arCoating: sheet.arCoating,
    },
  }
}

/** What a crystal of a build is not judged without, beside its size and thickness. */
const ALSO_READ: Readonly<Partial<Record<CrystalBuild, DimensionId>>> = {
  cup: 'skirt-inner',
  'tension-ring': 'ring-height',
  shaped: 'crystal-width',
}

/** Of a crystal whose bevel nobody reads. From memory. */
const USUAL_BEVEL_MM = 0.2
