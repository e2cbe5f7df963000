import { COVERAGE_FACTOR } from '@/core/measure/coverageFactor'
import { constructionOf } from '@/core/construction/constructions'
import { hasHands } from '@/core/construction/kinds'
import type { Candidate } from '@/core/fit/Candidate'
import type { FitPolicy } from '@/core/fit/fitPolicy'
import type { Fractions } from '@/core/fit/Window'
import { plannedUncertainty } from '@/core/fit/plannedUncertainty'
import { standFigure } from '@/core/fit/standFigure'
import type { DimensionId } from '@/core/readings/dimensions'
import { DIMENSIONS } from '@/core/readings/dimensions'
import type { JointFigures } from '@/core/section/drawnParts'
import type { SectionCase } from '@/core/section/sectionGeometry'
import { figureOf } from '@/core/tray/caseFigures'
import { formatMm } from '@/core/units/formatMm'
import type { SectionLabel, SectionSource } from './SectionSource'
import { FALLBACK_WALL_MM, knownMm } from './sectionParts'

const SHORT_TITLES: Readonly<Partial<Record<DimensionId, string>>> = {
  'crystal-edge': 'Edge',
  'gasket-wall': 'Ring wall',
  'bezel-gasket-wall': '2nd ring',
  'hands-below-seat': 'Hands below',
  'neck-outer': 'Neck',
  'skirt-inner': 'Skirt inside',
  'dome-height': 'Whole height',
  'ring-height': 'Metal ring',
  'rebate-depth': 'Depth',
  'bezel-bore': 'Bezel bore',
}

/** Everything the drawing names: what was measured, and what the chosen parts make of it. */
export function sectionLabels(
  source: SectionSource,
  section: SectionCase,
  joint: JointFigures,
  candidate: Candidate | null,
  policy: FitPolicy,
): SectionLabel[] {
  const { sheet, tray } = source
  const hasCrystal = tray.crystalState !== 'missing'
  const construction = constructionOf(sheet.retention)
  const wallMm = knownMm(source, 'gasket-wall') ?? FALLBACK_WALL_MM
  const left = construction
    .spots({ section, joint, wallMm, crystalMaterial: sheet.crystalMaterial })
    .filter(([dimension]) => hasCrystal || dimension !== 'crystal-edge')
    .filter(([dimension]) => hasHands(sheet.movementKind) || dimension !== 'hands-below-seat')
    .map(([dimension, anchor]) => dimensionLabel(source, dimension, 'left', anchor))
  const across = construction.across(sheet, (id) => knownMm(source, id) !== null)
  return [
    ...left,
    dimensionLabel(source, across, 'top', [0, section.seatDepthMm]),
    dimensionLabel(source, construction.opening(sheet), 'bottom', [0, 0]),
    ...(candidate ? plannedLabels(candidate, source, section, policy) : []),
  ]
}

function dimensionLabel(
  { readout, sheet }: SectionSource,
  dimension: DimensionId,
  place: SectionLabel['place'],
  anchor: SectionLabel['anchor'],
): SectionLabel {
  const figure = figureOf(dimension, readout.measured, sheet)
  const { conflict } = readout.verdict ?? { conflict: null }
  const inConflict = conflict !== null && (dimension === 'crystal-diameter' || dimension === 'bore')
  const spread = readout.measured[dimension]?.spread.verdict === 'too-wide'
  return {
    dimension,
    title: SHORT_TITLES[dimension] ?? DIMENSIONS[dimension].label,
    value: figure ? formatMm(figure.valueMm) + plusMinus(figure.standardUncertaintyMm) : 'measure',
    state: inConflict ? 'conflict' : (figure?.origin ?? 'none'),
    tone: inConflict || spread ? 'attention' : 'plain',
    place,
    anchor,
  }
}

/** “ ±0.04”; nothing where the doubt is not known. */
function plusMinus(standardUncertaintyMm: number | null | undefined): string {
  return typeof standardUncertaintyMm === 'number'
    ? ` ±${formatMm(COVERAGE_FACTOR * standardUncertaintyMm)}`
    : ''
}

/** “ ±3.2”, in the percent of the figure before it. */
function plusMinusShare(share: number | null | undefined): string {
  return typeof share === 'number' ? ` ±${(100 * COVERAGE_FACTOR * share).toFixed(1)}` : ''
}

/** “wanted 1–6 %”; nothing where no part of a ring is squeezed. */
function wantedOf(band: Fractions | null): { note: string } | null {
  if (!band) return null
  const [low, high] = [band.low, band.high].map((share) => Number((100 * share).toPrecision(2)))
  return { note: `wanted ${low}–${high} %` }
}

function plannedLabels(
  candidate: Candidate,
  { readout, sheet }: SectionSource,
  section: SectionCase,
  policy: FitPolicy,
): SectionLabel[] {
  const { seat } = readout
  const doubt = seat.ok ? plannedUncertainty(candidate, seat.seat, policy) : null
  const { crystal, gasket, standing, hold } = candidate
  const edgeMm = crystal.diameterMm / 2
  const labels: SectionLabel[] = []
  const stand = standFigure(candidate, constructionOf(sheet.retention).words, policy)
  if (stand) {
    labels.push({
      dimension: null,
      title: `${stand.title} ${stand.word}`,
      value: stand.value + plusMinus(doubt?.standMm),
      state: 'derived',
      tone: stand.good ? 'good' : 'attention',
      place: 'right',
      anchor: [edgeMm - 0.6, standing.undersideMm + crystal.edgeThicknessMm],
    })
  }
  labels.push({
    dimension: null,
    title: `${hold.title} ${hold.state}`,
    value: hold.value + (hold.unit === 'share' ? plusMinusShare : plusMinus)(doubt?.hold),
    state: 'derived',
    tone:
      hold.state === 'good'
        ? 'good'
        : hold.state === 'slack' || hold.state === 'tight'
          ? 'attention'
          : 'stop',
    ...(gasket && wantedOf(constructionOf(sheet.retention).squeezeBand(gasket, policy))),
    place: 'right',
    anchor: gasket
      ? [section.boreMm / 2 - gasket.wallMm / 2, gasket.heightMm / 2]
      : [edgeMm, crystal.edgeThicknessMm / 2],
  })
  const clear = standing.handClearanceMm
  if (clear !== null) {
    labels.push({
      dimension: null,
      title: 'To the hands',
      value: formatMm(clear) + plusMinus(doubt?.handsMm),
      state: 'derived',
      tone: clear >= policy.minimumHandClearanceMm ? 'good' : 'stop',
      place: 'right',
      anchor: [section.dialOpeningMm / 2 - 0.3, -section.handsBelowSeatMm / 2],
    })
  }
  return labels
}
