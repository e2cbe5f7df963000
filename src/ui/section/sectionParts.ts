import type { Candidate } from '@/core/fit/Candidate'
import type { FitPolicy } from '@/core/fit/fitPolicy'
import type { DimensionId } from '@/core/readings/dimensionKinds'
import { DIMENSIONS } from '@/core/readings/dimensions'
import { openingDimension } from '@/core/readings/openingDimension'
import type { SqueezeState } from '@/core/section/gasketTint'
import { squeezeState } from '@/core/section/gasketTint'
import type { DrawnParts, JointFigures } from '@/core/section/sectionOutlines'
import type { SectionCase } from '@/core/section/sectionGeometry'
import { figureOf } from '@/core/tray/caseFigures'
import { formatMm } from '@/core/units/formatMm'
import type { SectionSource } from './SectionSource'

/** Proportions for what neither readings nor case sheet know, mm. Assumed, and named on the drawing. */
const FALLBACK = {
  boreMm: 30,
  caseOverBoreMm: 7,
  heightMm: 10,
  openingUnderBoreMm: 2.6,
  handsMm: 0.5,
  thicknessMm: 1.2,
  bezelOverNeckMm: 1.2,
  neckOverBoreMm: 1,
}
export const FALLBACK_WALL_MM = 0.5
const USUAL_BEVEL_MM = 0.2

/** Best figure of a dimension for a drawing, mm; null when nobody knows it. */
export function knownMm({ readout, sheet }: SectionSource, id: DimensionId): number | null {
  return figureOf(id, readout.measured, sheet)?.valueMm ?? null
}

/** The case as far as it is known, and proportions for the rest. */
export function sectionCase(source: SectionSource): SectionCase {
  const { sheet, readout } = source
  const facts = readout.facts.ok ? readout.facts.facts : null
  const mm = (id: DimensionId) => knownMm(source, id)
  const opening = facts?.held === 'ring' ? facts.bore.valueMm : mm(openingDimension(sheet))
  const boreMm = opening ?? mm('crystal-diameter') ?? FALLBACK.boreMm
  const edgeMm = mm('crystal-edge') ?? FALLBACK.thicknessMm
  const depth = facts?.held === 'ring' ? facts.seatDepth : facts?.held === 'cement' ? facts.depth : null
  return {
    boreMm,
    seatDepthMm: depth?.valueMm ?? mm('seat-depth') ?? edgeMm,
    dialOpeningMm: sheet.dialOpeningMm ?? boreMm - FALLBACK.openingUnderBoreMm,
    caseDiameterMm: sheet.caseDiameterMm ?? boreMm + FALLBACK.caseOverBoreMm,
    caseHeightMm: sheet.caseHeightMm ?? FALLBACK.heightMm,
    handsBelowSeatMm: mm('hands-below-seat') ?? FALLBACK.handsMm,
  }
}

/** Neck, bezel and the ring between them. */
export function jointFigures(source: SectionSource, section: SectionCase): JointFigures {
  const removable = source.sheet.retention === 'press-in-bezel'
  const neck = removable
    ? section.boreMm + FALLBACK.neckOverBoreMm
    : section.boreMm - FALLBACK.bezelOverNeckMm
  const bezel = removable ? neck + FALLBACK.bezelOverNeckMm : section.boreMm
  return {
    neckOuterMm: knownMm(source, 'neck-outer') ?? neck,
    bezelInnerMm: knownMm(source, 'bezel-inner') ?? bezel,
    bezelRingWallMm: knownMm(source, 'bezel-gasket-wall') ?? FALLBACK_WALL_MM,
  }
}

/** Proportions the drawing had to assume, in words. */
export function assumedOf(source: SectionSource, boreMm: number): string[] {
  const { sheet, readout } = source
  const missing: [boolean, string][] = [
    [!readout.facts.ok, `${openingWord(sheet)} ${formatMm(boreMm)}`],
    [sheet.caseDiameterMm === null, 'case diameter'],
    [sheet.caseHeightMm === null, 'case height'],
    [sheet.dialOpeningMm === null, 'dial opening'],
    [knownMm(source, 'hands-below-seat') === null, 'hand height'],
    [
      sheet.retention === 'press-in-bezel' &&
        (knownMm(source, 'neck-outer') === null || knownMm(source, 'bezel-inner') === null),
      'bezel over neck',
    ],
  ]
  return missing.filter(([is]) => is).map(([, words]) => words)
}

function openingWord(sheet: SectionSource['sheet']): string {
  const opening = openingDimension(sheet)
  return opening === 'bore' ? 'bore' : DIMENSIONS[opening].label.toLowerCase()
}

/** What lay in the case when it came in; null figures draw nothing. */
export function foundParts(source: SectionSource, section: SectionCase): DrawnParts {
  const { sheet, readout, tray } = source
  const mm = (id: DimensionId) => knownMm(source, id)
  const shaped = sheet.retention === 'cemented' ? mm('crystal-length') : null
  const diameterMm = shaped ?? mm('crystal-diameter') ?? readout.verdict?.pick.sizeMm ?? mm('skirt-outer')
  const edgeMm = mm('crystal-edge') ?? section.seatDepthMm
  const present = tray.crystalState !== 'missing' && diameterMm !== null
  const skirted = sheet.retention === 'neck-and-bezel' && sheet.crystalMaterial === 'acrylic'
  const ringed = ['tension-gasket', 'press-in-bezel', 'neck-and-bezel'].includes(sheet.retention) && !skirted
  return {
    ring:
      ringed && tray.gasketPresent
        ? {
            wallMm: mm('gasket-wall') ?? FALLBACK_WALL_MM,
            heightMm: mm('gasket-height') ?? edgeMm * 0.9,
            footMm: 0,
          }
        : null,
    crystal: present
      ? {
          diameterMm,
          edgeThicknessMm: edgeMm,
          centreThicknessMm: mm('crystal-centre') ?? edgeMm,
          undersideRiseMm: riseMm(source, edgeMm),
          bevelMm: USUAL_BEVEL_MM,
          skirtInnerMm: skirted ? (mm('skirt-inner') ?? diameterMm - 2) : null,
          ringHeightMm: mm('ring-height'),
          undersideMm: 0,
        }
      : null,
  }
}

/** Rise of the old underside: from its whole height where that was read, else as the sheet has it, mm. */
function riseMm(source: SectionSource, edgeMm: number): number {
  const whole = knownMm(source, 'dome-height')
  const centre = knownMm(source, 'crystal-centre') ?? edgeMm
  return whole === null ? (source.sheet.undersideRiseMm ?? 0) : Math.max(0, whole - centre)
}

/** How the old ring was held, as far as its figures tell. */
export function foundHold(
  source: SectionSource,
  section: SectionCase,
  parts: DrawnParts,
  policy: FitPolicy,
): SqueezeState {
  const { crystal, ring } = parts
  if (!ring) return 'good'
  const material = source.sheet.gasketMaterial ?? 'nylon'
  if (!crystal) return 'loose'
  if (source.sheet.retention === 'neck-and-bezel') {
    const squeeze = 1 - (section.boreMm - crystal.diameterMm) / (2 * ring.wallMm)
    const { low, high } = policy.neckSqueezeBands[material]
    return squeezeState(squeeze, { lowMm: low, highMm: high })
  }
  const interferenceMm = crystal.diameterMm + 2 * ring.wallMm - section.boreMm
  return squeezeState(interferenceMm, policy.interferenceBands[material])
}

export function plannedParts({ crystal, gasket, standing }: Candidate): DrawnParts {
  return {
    ring: gasket,
    crystal: { ...crystal, undersideMm: standing.undersideMm },
  }
}
