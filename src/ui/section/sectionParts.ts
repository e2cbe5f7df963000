import type { InsertStands } from '@/core/bezel/insertStand'
import { constructionOf } from '@/core/construction/constructions'
import type { Candidate } from '@/core/fit/Candidate'
import type { FitPolicy } from '@/core/fit/fitPolicy'
import type { DimensionId } from '@/core/readings/dimensions'
import { DIMENSIONS } from '@/core/readings/dimensions'
import type { SqueezeState } from '@/core/section/gasketTint'
import type { DrawnParts, JointFigures } from '@/core/section/drawnParts'
import { hasHands } from '@/core/construction/kinds'
import { hasOwnBack } from '@/core/opening/backKinds'
import type { BuiltParts, SectionCase } from '@/core/section/sectionGeometry'
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
  insertMm: 0.7,
}
export const FALLBACK_WALL_MM = 0.5
const USUAL_BEVEL_MM = 0.2

/** Best figure of a dimension for a drawing, mm; null when nobody knows it. */
export function knownMm({ readout, sheet }: SectionSource, id: DimensionId): number | null {
  return figureOf(id, readout.measured, sheet)?.valueMm ?? null
}

/** The case as far as it is known, and proportions for the rest. */
export function sectionCase(source: SectionSource, as: keyof InsertStands = 'planned'): SectionCase {
  const { sheet, readout } = source
  const seat = readout.seat.ok ? readout.seat.seat : null
  const mm = (id: DimensionId) => knownMm(source, id)
  const construction = constructionOf(sheet.retention)
  const opening = seat?.across.valueMm ?? mm(construction.opening(sheet))
  const crystal = mm(construction.across(sheet, (id) => mm(id) !== null))
  const boreMm = opening ?? crystal ?? FALLBACK.boreMm
  const edgeMm = mm('crystal-edge') ?? FALLBACK.thicknessMm
  return {
    boreMm,
    seatDepthMm: seat?.rimAbove?.valueMm ?? mm('seat-depth') ?? edgeMm,
    dialOpeningMm: sheet.dialOpeningMm ?? boreMm - FALLBACK.openingUnderBoreMm,
    caseDiameterMm: sheet.caseDiameterMm ?? boreMm + FALLBACK.caseOverBoreMm,
    caseHeightMm: sheet.caseHeightMm ?? FALLBACK.heightMm,
    handsBelowSeatMm: mm('hands-below-seat') ?? FALLBACK.handsMm,
    has: builtParts(source, as),
  }
}

/** What this very case is built with: nothing else of it is drawn. */
function builtParts(source: SectionSource, as: keyof InsertStands): BuiltParts {
  const { insertStands } = source
  // An insert not chosen yet is drawn as the old one lay.
  const stand = insertStands?.[as] ?? insertStands?.found ?? null
  const { bezelKind, chapterRing, backKind, backSeal, insertMaterial, movementKind } = source.sheet
  return {
    bezel: bezelKind !== 'none',
    insertMm:
      insertMaterial === 'none'
        ? null
        : (stand?.thicknessMm ?? knownMm(source, 'insert-thickness') ?? FALLBACK.insertMm),
    insertFlushMm: stand?.flushMm ?? 0,
    chapterRing: chapterRing !== 'none',
    back: hasOwnBack(backKind),
    backSeal,
    hands: hasHands(movementKind),
  }
}

/** Neck, bezel and the ring between them. */
export function jointFigures(source: SectionSource, section: SectionCase): JointFigures {
  const assumed = constructionOf(source.sheet.retention).assumedJoint(section.boreMm)
  return {
    neckOuterMm: knownMm(source, 'neck-outer') ?? assumed.neckOuterMm,
    bezelInnerMm: knownMm(source, 'bezel-inner') ?? assumed.bezelInnerMm,
    bezelRingWallMm: knownMm(source, 'bezel-gasket-wall') ?? FALLBACK_WALL_MM,
  }
}

/** Proportions the drawing had to assume, in words. */
export function assumedOf(source: SectionSource, boreMm: number): string[] {
  const { sheet, readout } = source
  const missing: [boolean, string][] = [
    [!readout.seat.ok, `${openingWord(sheet)} ${formatMm(boreMm)}`],
    [sheet.caseDiameterMm === null, 'case diameter'],
    [sheet.caseHeightMm === null, 'case height'],
    [sheet.dialOpeningMm === null, 'dial opening'],
    [hasHands(sheet.movementKind) && knownMm(source, 'hands-below-seat') === null, 'hand height'],
    [sheet.insertMaterial !== 'none' && knownMm(source, 'insert-thickness') === null, 'insert thickness'],
    [
      constructionOf(sheet.retention).bezel?.role === 'carries' &&
        (knownMm(source, 'neck-outer') === null || knownMm(source, 'bezel-inner') === null),
      'bezel over neck',
    ],
  ]
  return missing.filter(([is]) => is).map(([, words]) => words)
}

function openingWord(sheet: SectionSource['sheet']): string {
  const opening = constructionOf(sheet.retention).opening(sheet)
  return opening === 'bore' ? 'bore' : DIMENSIONS[opening].label.toLowerCase()
}

/** What lay in the case when it came in; null figures draw nothing. */
export function foundParts(source: SectionSource, section: SectionCase): DrawnParts {
  const { sheet, readout, tray } = source
  const mm = (id: DimensionId) => knownMm(source, id)
  const construction = constructionOf(sheet.retention)
  const { ring } = construction
  const diameterMm =
    mm(construction.across(sheet, (id) => mm(id) !== null)) ??
    readout.verdict?.pick.sizeMm ??
    mm('skirt-outer')
  const edgeMm = mm('crystal-edge') ?? section.seatDepthMm
  const present = tray.crystalState !== 'missing' && diameterMm !== null
  const ringed = ring.sealsWith(sheet.crystalMaterial)
  const skirted = ring.takes && !ringed
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
  { crystal, ring }: DrawnParts,
  policy: FitPolicy,
): SqueezeState {
  if (!ring) return 'good'
  if (!crystal) return 'loose'
  const found = {
    crystalMm: crystal.diameterMm,
    wallMm: ring.wallMm,
    openingMm: section.boreMm,
    mm: (id: DimensionId) => knownMm(source, id),
  }
  return constructionOf(source.sheet.retention).foundHold(found, source.sheet, policy) ?? 'good'
}

export function plannedParts({ crystal, gasket, standing }: Candidate): DrawnParts {
  return {
    ring: gasket,
    crystal: { ...crystal, undersideMm: standing.undersideMm },
  }
}
