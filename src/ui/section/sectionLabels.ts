import { COVERAGE_FACTOR } from '@/core/measure/Estimate'
import type { Candidate } from '@/core/fit/Candidate'
import type { FitPolicy } from '@/core/fit/fitPolicy'
import { holdFigure } from '@/core/fit/holdFigure'
import { plannedUncertainty } from '@/core/fit/plannedUncertainty'
import { standFigure } from '@/core/fit/standFigure'
import type { DimensionId } from '@/core/readings/dimensionKinds'
import { DIMENSIONS } from '@/core/readings/dimensions'
import { openingDimension } from '@/core/readings/openingDimension'
import type { JointFigures } from '@/core/section/sectionOutlines'
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

type Spot = readonly [dimension: DimensionId, anchor: SectionLabel['anchor']]

/** Dimensions named in the left column, with the place each points at, from the crystal's edge downward. */
function leftSpots(source: SectionSource, section: SectionCase, joint: JointFigures): readonly Spot[] {
  const bore = section.boreMm / 2
  const rim = section.seatDepthMm
  const wallMm = knownMm(source, 'gasket-wall') ?? FALLBACK_WALL_MM
  const edge: Spot = ['crystal-edge', [-(bore - wallMm - 1.2), rim * 0.75]]
  const ringWall: Spot = ['gasket-wall', [-(bore - wallMm / 2), rim * 0.45]]
  const hands: Spot = ['hands-below-seat', [-section.dialOpeningMm / 2, -section.handsBelowSeatMm]]
  const { sheet } = source
  switch (sheet.retention) {
    case 'tension-gasket':
      return [edge, ringWall, ['seat-depth', [-bore, 0]], hands]
    case 'press-in-bezel':
      return [
        edge,
        ringWall,
        ['seat-depth', [-bore, 0]],
        ['bezel-gasket-wall', [-(joint.neckOuterMm / 2 + 0.2), -1.3]],
      ]
    case 'neck-and-bezel':
      return [
        edge,
        sheet.crystalMaterial === 'acrylic' ? ['skirt-inner', [-joint.neckOuterMm / 2, -0.5]] : ringWall,
        ['neck-outer', [-joint.neckOuterMm / 2, -1.2]],
        hands,
      ]
    case 'snap-acrylic':
      return [edge, ['dome-height', [-1.2, rim]], hands]
    case 'tension-ring-acrylic':
      return [['dome-height', [-1.2, rim]], edge, ['ring-height', [-(bore - 1), 0.6]], hands]
    case 'cemented':
      return [edge, ['rebate-depth', [-bore, 0]], hands]
  }
}

const ACROSS = {
  cemented: 'crystal-length',
} as const satisfies Readonly<Partial<Record<SectionSource['sheet']['retention'], DimensionId>>>

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
  const left = leftSpots(source, section, joint)
    .filter(([dimension]) => hasCrystal || dimension !== 'crystal-edge')
    .map(([dimension, anchor]) => dimensionLabel(source, dimension, 'left', anchor))
  const shaped = sheet.retention === 'cemented' && knownMm(source, ACROSS.cemented) !== null
  return [
    ...left,
    dimensionLabel(source, shaped ? ACROSS.cemented : 'crystal-diameter', 'top', [0, section.seatDepthMm]),
    dimensionLabel(source, openingDimension(sheet), 'bottom', [0, 0]),
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

function plannedLabels(
  candidate: Candidate,
  { readout }: SectionSource,
  section: SectionCase,
  policy: FitPolicy,
): SectionLabel[] {
  const { facts } = readout
  const doubt = facts.ok ? plannedUncertainty(candidate, facts.facts, policy) : null
  const { crystal, gasket, standing } = candidate
  const hold = holdFigure(candidate, policy)
  const edgeMm = crystal.diameterMm / 2
  const labels: SectionLabel[] = []
  const stand = standFigure(candidate, policy)
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
    value: hold.value + (hold.title === 'Squeeze' ? plusMinusShare : plusMinus)(doubt?.hold),
    state: 'derived',
    tone:
      hold.state === 'good'
        ? 'good'
        : hold.state === 'slack' || hold.state === 'tight'
          ? 'attention'
          : 'stop',
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
      anchor: [section.dialOpeningMm / 2 - 1.5, -section.handsBelowSeatMm / 2],
    })
  }
  return labels
}
