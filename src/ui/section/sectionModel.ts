import { COVERAGE_FACTOR } from '@/core/measure/Estimate'
import type { PairAssessment } from '@/core/fit/assessPair'
import { FIT_POLICY } from '@/core/fit/fitPolicy'
import { rimWord } from '@/core/fit/fitReasons'
import type { DimensionId } from '@/core/readings/dimensionKinds'
import { DIMENSIONS } from '@/core/readings/dimensions'
import type { Outline, SectionCase } from '@/core/section/sectionGeometry'
import { caseOutlines, crystalOutline, gasketOutline } from '@/core/section/sectionGeometry'
import type { SqueezeState } from '@/core/section/gasketTint'
import { squeezeState } from '@/core/section/gasketTint'
import { figureOf } from '@/core/tray/caseFigures'
import { formatMm, formatSignedMm } from '@/core/units/formatMm'
import type { TrayView } from '@/services/trayView'
import type { FigureState } from '../small/StateMark'

/** One half of the section: outlines for r ≥ 0 and how its ring is held. */
export interface SectionHalf {
  readonly outlines: readonly Outline[]
  readonly ring: SqueezeState
  /** what lies there, in words */
  readonly text: string
}

export interface SectionLabel {
  /** what a click measures next; null for figures that follow from others */
  readonly dimension: DimensionId | null
  readonly title: string
  readonly value: string
  readonly state: FigureState
  readonly tone: 'plain' | 'good' | 'attention' | 'stop'
  readonly place: 'left' | 'right' | 'top' | 'bottom'
  /** what it points at: signed r (found half negative) and z, mm */
  readonly anchor: readonly [rMm: number, zMm: number]
}

export interface SectionModel {
  readonly section: SectionCase
  /** proportions nobody measured, in words */
  readonly assumed: readonly string[]
  readonly found: SectionHalf
  readonly planned: SectionHalf
  readonly brokenCrystal: boolean
  readonly labels: readonly SectionLabel[]
}

/** Proportions for what neither readings nor case sheet know, mm. Assumed, and named on the drawing. */
const FALLBACK = {
  boreMm: 30,
  caseOverBoreMm: 7,
  heightMm: 10,
  openingUnderBoreMm: 2.6,
  handsMm: 0.5,
  thicknessMm: 1.2,
}
const FALLBACK_WALL_MM = 0.5

/** What the section is drawn from: a tray, or a case sheet alone. */
export interface SectionSource {
  readonly sheet: TrayView['sheet']
  readonly readout: TrayView['readout']
  readonly tray: Pick<TrayView['tray'], 'crystalState' | 'gasketPresent'>
}

/** Everything the section shows, in millimetres and words, from the tray's own figures. */
export function sectionModel(view: SectionSource, pair: PairAssessment | null): SectionModel {
  const { sheet, readout } = view
  const { measured } = readout
  const mm = (id: DimensionId) => figureOf(id, measured, sheet)?.valueMm ?? null
  const facts = readout.facts.ok ? readout.facts.facts : null
  const boreMm = facts?.bore.valueMm ?? mm('bore') ?? FALLBACK.boreMm
  const thicknessMm = mm('crystal-edge') ?? FALLBACK.thicknessMm
  const section: SectionCase = {
    boreMm,
    seatDepthMm: facts?.seatDepth.valueMm ?? mm('seat-depth') ?? thicknessMm,
    dialOpeningMm: sheet.dialOpeningMm ?? boreMm - FALLBACK.openingUnderBoreMm,
    caseDiameterMm: sheet.caseDiameterMm ?? boreMm + FALLBACK.caseOverBoreMm,
    caseHeightMm: sheet.caseHeightMm ?? FALLBACK.heightMm,
    handsBelowSeatMm: mm('hands-below-seat') ?? FALLBACK.handsMm,
  }
  const body = caseOutlines(section)
  const brokenCrystal = view.tray.crystalState === 'shattered' || view.tray.crystalState === 'cracked'
  return {
    section,
    assumed: assumedOf(view, boreMm),
    found: foundHalf(view, section, body),
    planned: plannedHalf(section, body, pair),
    brokenCrystal,
    labels: labelsOf(view, section, pair),
  }
}

function assumedOf({ sheet, readout }: SectionSource, boreMm: number): string[] {
  const missing: [boolean, string][] = [
    [!readout.facts.ok, `bore ${formatMm(boreMm)}`],
    [sheet.caseDiameterMm === null, 'case diameter'],
    [sheet.caseHeightMm === null, 'case height'],
    [sheet.dialOpeningMm === null, 'dial opening'],
    [sheet.handsBelowSeatMm === null && !readout.measured['hands-below-seat'], 'hand height'],
  ]
  return missing.filter(([is]) => is).map(([, words]) => words)
}

function foundHalf(view: SectionSource, section: SectionCase, body: readonly Outline[]): SectionHalf {
  const { sheet, readout, tray } = view
  const mm = (id: DimensionId) => figureOf(id, readout.measured, sheet)?.valueMm ?? null
  const diameterMm = mm('crystal-diameter') ?? readout.verdict?.pick.sizeMm ?? null
  const edgeMm = mm('crystal-edge') ?? section.seatDepthMm
  const wallMm = mm('gasket-wall') ?? FALLBACK_WALL_MM
  const gasket = { wallMm, heightMm: mm('gasket-height') ?? edgeMm * 0.9, footMm: 0 }
  const present = tray.crystalState !== 'missing' && diameterMm !== null
  const outlines: Outline[] = [...body]
  if (tray.gasketPresent) outlines.push(gasketOutline(gasket, section.boreMm, present ? diameterMm : null))
  if (present) {
    const crystal = {
      diameterMm,
      edgeThicknessMm: edgeMm,
      centreThicknessMm: mm('crystal-centre') ?? edgeMm,
      undersideRiseMm: sheet.undersideRiseMm ?? 0,
      bevelMm: 0.2,
    }
    outlines.push(crystalOutline(crystal, 0))
  }
  const interferenceMm = present ? diameterMm + 2 * wallMm - section.boreMm : 0
  const what = present ? `crystal ${formatMm(diameterMm)} ${tray.crystalState}` : 'no crystal'
  return {
    outlines,
    ring: squeezeState(interferenceMm, FIT_POLICY.interferenceBands[sheet.gasketMaterial ?? 'nylon']),
    text: `as found: ${what}${tray.gasketPresent ? `, ring wall ${formatMm(wallMm)}` : ', no ring'}`,
  }
}

function plannedHalf(
  section: SectionCase,
  body: readonly Outline[],
  pair: PairAssessment | null,
): SectionHalf {
  if (!pair) return { outlines: body, ring: 'loose', text: 'as planned: nothing chosen yet' }
  const { crystal, gasket, interferenceMm, standing } = pair
  return {
    outlines: [
      ...body,
      gasketOutline(gasket, section.boreMm, crystal.diameterMm),
      crystalOutline(crystal, standing.undersideMm),
    ],
    ring: squeezeState(interferenceMm, FIT_POLICY.interferenceBands[gasket.material]),
    text: `as planned: ${formatMm(crystal.diameterMm, 0.1)} × ${formatMm(crystal.edgeThicknessMm, 0.1)} in ring ${formatMm(gasket.wallMm)}`,
  }
}

function labelsOf(view: SectionSource, section: SectionCase, pair: PairAssessment | null): SectionLabel[] {
  const bore = section.boreMm / 2
  const rim = section.seatDepthMm
  const wallMm = figureOf('gasket-wall', view.readout.measured, view.sheet)?.valueMm ?? FALLBACK_WALL_MM
  const hasCrystal = view.tray.crystalState !== 'missing'
  const measuredLabels = [
    hasCrystal && dimensionLabel(view, 'crystal-edge', 'left', [-(bore - wallMm - 1.2), rim * 0.75]),
    dimensionLabel(view, 'gasket-wall', 'left', [-(bore - wallMm / 2), rim * 0.45]),
    dimensionLabel(view, 'seat-depth', 'left', [-bore, 0]),
    dimensionLabel(view, 'hands-below-seat', 'left', [-section.dialOpeningMm / 2, -section.handsBelowSeatMm]),
    dimensionLabel(view, 'crystal-diameter', 'top', [0, rim]),
    dimensionLabel(view, 'bore', 'bottom', [0, 0]),
  ].filter((label) => label !== false)
  return [...measuredLabels, ...(pair ? plannedLabels(pair, section) : [])]
}

function dimensionLabel(
  view: SectionSource,
  dimension: DimensionId,
  place: SectionLabel['place'],
  anchor: SectionLabel['anchor'],
): SectionLabel {
  const figure = figureOf(dimension, view.readout.measured, view.sheet)
  const { conflict } = view.readout.verdict ?? { conflict: null }
  const inConflict = conflict !== null && (dimension === 'crystal-diameter' || dimension === 'bore')
  const spread = view.readout.measured[dimension]?.spread.verdict === 'too-wide'
  return {
    dimension,
    title: SHORT_TITLES[dimension] ?? DIMENSIONS[dimension].label,
    value: figure
      ? `${formatMm(figure.valueMm)} ±${formatMm(COVERAGE_FACTOR * figure.standardUncertaintyMm)}`
      : 'measure',
    state: inConflict ? 'conflict' : (figure?.origin ?? 'none'),
    tone: inConflict || spread ? 'attention' : 'plain',
    place,
    anchor,
  }
}

const SHORT_TITLES: Readonly<Partial<Record<DimensionId, string>>> = {
  'crystal-edge': 'Edge',
  'gasket-wall': 'Ring wall',
  'hands-below-seat': 'Hands below',
}

function plannedLabels(pair: PairAssessment, section: SectionCase): SectionLabel[] {
  const { crystal, gasket, standing, interferenceMm } = pair
  const bore = section.boreMm / 2
  const word = rimWord(standing.rimMm)
  const band = FIT_POLICY.interferenceBands[gasket.material]
  const state = squeezeState(interferenceMm, band)
  const clear = standing.handClearanceMm
  const labels: SectionLabel[] = [
    {
      dimension: null,
      title: `Rim ${word}`,
      value: formatSignedMm(standing.rimMm),
      state: 'derived',
      tone: word === 'flush' ? 'good' : 'attention',
      place: 'right',
      anchor: [crystal.diameterMm / 2 - 0.6, gasket.footMm + crystal.edgeThicknessMm],
    },
    {
      dimension: null,
      title: `Squeeze ${state}`,
      value: `${(100 * pair.squeeze).toFixed(1)} %`,
      state: 'derived',
      tone: state === 'good' ? 'good' : state === 'slack' || state === 'tight' ? 'attention' : 'stop',
      place: 'right',
      anchor: [bore - gasket.wallMm / 2, gasket.heightMm / 2],
    },
  ]
  if (clear !== null) {
    labels.push({
      dimension: null,
      title: 'To the hands',
      value: formatMm(clear),
      state: 'derived',
      tone: clear >= FIT_POLICY.minimumHandClearanceMm ? 'good' : 'stop',
      place: 'right',
      anchor: [section.dialOpeningMm / 2 - 1.5, -section.handsBelowSeatMm / 2],
    })
  }
  return labels
}
