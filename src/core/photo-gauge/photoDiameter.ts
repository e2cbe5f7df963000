import { randomLcg } from 'd3-random'
import type { Point } from '../circle/Circle'
import type { CircleFit } from '../circle/fitCircle'
import { fitCircle } from '../circle/fitCircle'
import { robustCircle } from '../circle/robustCircle'
import type { Estimate } from '../measure/Estimate'
import { estimateOfParts } from '../measure/combinedEstimate'
import { fuseEstimates } from '../measure/fuseEstimates'
import { formatMm } from '../units/formatMm'
import { printScale } from './gaugeSheet'
import type { Pixel } from './GreyImage'
import { sheetOf } from './homography'
import type { FoundMark, SheetView } from './sheetView'
import { SHEET_VIEW_WORDS, sheetView } from './sheetView'

/** What a picture showed and how it was taken: everything the size is worked out from. */
export interface PhotoInput {
  /** pieces of one and the same edge, as edge points in the picture, px */
  readonly arcs: readonly (readonly Pixel[])[]
  readonly marks: readonly FoundMark[]
  /** measured length of the print's bars, mm; the upright one may be left out */
  readonly levelBarMm: number
  readonly uprightBarMm: number | null
  /** how high above the paper the edge stands that was chosen, mm */
  readonly edgeHeightMm: number
  /** how high above the paper the lens was, mm */
  readonly cameraHeightMm: number
}

export interface UncertaintyPart {
  readonly words: string
  /** standard uncertainty of the diameter from this source, mm */
  readonly uMm: number
}

export interface ArcFit {
  readonly fit: CircleFit
  /** for every point of the arc: on its circle or not */
  readonly inliers: readonly boolean[]
  /** this arc's own diameter on the paper's plane, with the part of its uncertainty that is its own, mm */
  readonly own: Estimate
}

export interface PhotoDiameter {
  readonly diameter: Estimate
  readonly arcs: readonly ArcFit[]
  /** all arcs together, degrees */
  readonly arcDeg: number
  /** where the uncertainty comes from, largest first */
  readonly parts: readonly UncertaintyPart[]
  /** set when the arcs are not of one circle: how many standard deviations the worst is off */
  readonly disagreement: number | null
}

export type PhotoDiameterOutcome = ({ ok: true } & PhotoDiameter) | { ok: false; message: string }

/** Ranges of what is typed beside a picture, mm. */
export const EDGE_HEIGHT_RANGE_MM = [0, 10] as const
export const CAMERA_HEIGHT_RANGE_MM = [80, 1500] as const
/** How well those are known: standard uncertainties. From memory. */
const EDGE_HEIGHT_U_MM = 0.1
const CAMERA_HEIGHT_U_SHARE = 0.04
/** Tone curves and sharpening move an edge by about this, px. From memory. */
const EDGE_SHIFT_PX = 0.25
/** Neighbouring edge points nearer than this share their error: lens and blur, px. From memory. */
const CORRELATED_PX = 5
/** A ground rim is round to this: what bends a short arc along its whole length, standard uncertainty, mm. From memory. */
const FORM_MM = 0.004
/** A point further off than this is a chip or dust, mm. */
const CHIP_MM = 0.08
/** Shift of a mark by which its influence is found, px. */
const NUDGE_PX = 0.25
/** What every picture of the shop's gauge sheet is off alike: its print, marks, lens height and where edges show. */
const SHEET_ERROR = 'gauge sheet'
/** Arcs further apart than this many standard deviations are not one circle. */
const NOT_ONE_CIRCLE = 3.5
const FEWEST_POINTS = 12
const SEED = 0.4142

/**
 * Diameter of a circle seen in a picture of the gauge sheet, with where its uncertainty comes from.
 * An edge above the paper looks larger by H/(H − h), however the camera is tilted: seen from the lens, the plane
 * of the edge and the paper are scaled copies of each other.
 */
export function photoDiameter(input: PhotoInput): PhotoDiameterOutcome {
  const trouble = outOfRange(input)
  if (trouble) return { ok: false, message: trouble }
  const print = printScale(input.levelBarMm, input.uprightBarMm)
  if (!print.ok) return print
  const seen = sheetView(input.marks, print.scale)
  if (!seen.ok) return { ok: false, message: SHEET_VIEW_WORDS[seen.reason] }
  const { view } = seen
  const arcs: ArcFit[] = []
  for (const pixels of input.arcs) {
    const arc = arcFit(pixels, view)
    if (typeof arc === 'string') return { ok: false, message: arc }
    arcs.push(arc)
  }
  const onPaper = fuseEstimates(arcs.map((arc) => arc.own))
  const lift = 1 - input.edgeHeightMm / input.cameraHeightMm
  const seenMm = onPaper.valueMm
  const own: UncertaintyPart = {
    words: 'the edge itself, over the arc there is',
    uMm: onPaper.standardUncertaintyMm * lift,
  }
  const sheet: UncertaintyPart[] = [
    { words: 'where the picture shows an edge', uMm: (2 * EDGE_SHIFT_PX) / view.pixelsPerMm },
    { words: 'the sheet’s marks', uMm: marksPart(input, arcs, print.scale, view) },
    { words: 'the print’s scale', uMm: seenMm * print.scale.uncertainty },
    {
      words: 'the edge’s height over the paper',
      uMm:
        seenMm *
        Math.hypot(
          EDGE_HEIGHT_U_MM / input.cameraHeightMm,
          (input.edgeHeightMm / input.cameraHeightMm) * CAMERA_HEIGHT_U_SHARE,
        ),
    },
  ]
  return {
    ok: true,
    diameter: estimateOfParts(seenMm * lift, own.uMm ** 2, {
      [SHEET_ERROR]: Math.hypot(...sheet.map(({ uMm }) => uMm)),
    }),
    arcs,
    arcDeg: Math.min(
      360,
      arcs.reduce((sum, arc) => sum + arc.fit.arcDeg, 0),
    ),
    parts: [own, ...sheet].sort((a, b) => b.uMm - a.uMm),
    disagreement: disagreementOf(arcs, onPaper),
  }
}

function outOfRange({ arcs, edgeHeightMm, cameraHeightMm }: PhotoInput): string | null {
  const [leastEdge, mostEdge] = EDGE_HEIGHT_RANGE_MM
  const [leastCamera, mostCamera] = CAMERA_HEIGHT_RANGE_MM
  if (!(edgeHeightMm >= leastEdge && edgeHeightMm <= mostEdge))
    return `Edge height: ${formatMm(edgeHeightMm)} mm is outside ${leastEdge}–${mostEdge} mm. Measure the piece’s thickness.`
  if (!(cameraHeightMm >= leastCamera && cameraHeightMm <= mostCamera))
    return `Camera height: ${formatMm(cameraHeightMm, 1)} mm is outside ${leastCamera}–${mostCamera} mm. Measure from the paper to the lens.`
  return arcs.length === 0 ? 'Edge: none chosen. Click on the rim in the picture.' : null
}

function arcFit(pixels: readonly Pixel[], view: SheetView): ArcFit | string {
  if (pixels.length < FEWEST_POINTS)
    return `Edge: ${pixels.length} points are too few for a circle. Choose a longer piece of the rim.`
  const points = pixels.map((pixel) => sheetOf(pixel, view.toSheet))
  const outcome = robustCircle(points, {
    toleranceMm: CHIP_MM,
    pointUncertaintyMm: 0,
    random: randomLcg(SEED),
  })
  if (!outcome.ok) return 'Edge: it follows no circle. Choose a smooth piece of the rim, not a break.'
  const { fit, inliers } = outcome
  return { fit, inliers, own: ownEstimate(fit, meanSpacingPx(pixels)) }
}

/** Scatter of the points, fewer of them counted where they share errors, and the rim's own form. */
function ownEstimate(fit: CircleFit, spacingPx: number): Estimate {
  const shared = Math.sqrt(Math.max(1, CORRELATED_PX / spacingPx))
  const half = Math.min(Math.PI, (fit.arcDeg * Math.PI) / 360)
  // From sagitta and chord of an arc of half-angle a: |dr/dh| = cos a/(1 − cos a), and never less than a full circle's.
  const levering = 2 * Math.max(1, Math.cos(half) / (1 - Math.cos(half)))
  return {
    valueMm: 2 * fit.radiusMm,
    standardUncertaintyMm: Math.hypot(fit.diameterUncertaintyMm * shared, levering * FORM_MM),
  }
}

function meanSpacingPx(pixels: readonly Pixel[]): number {
  let run = 0
  for (let i = 1; i < pixels.length; i++) {
    const [a, b] = [pixels[i - 1], pixels[i]]
    // A gap between two arcs of one circle is no spacing.
    const step = a && b ? Math.hypot(a.x - b.x, a.y - b.y) : 0
    run += Math.min(step, 4 * CORRELATED_PX)
  }
  return Math.max(0.1, run / Math.max(1, pixels.length - 1))
}

/** Every mark in turn is nudged both ways on, and what the diameter does is added up. */
function marksPart(
  input: PhotoInput,
  arcs: readonly ArcFit[],
  scale: Parameters<typeof sheetView>[1],
  view: SheetView,
): number {
  const inliers = input.arcs.map((pixels, i) => thinned(pixels.filter((_, at) => arcs[i]?.inliers[at])))
  const weights = arcs.map((arc) => arc.own.standardUncertaintyMm ** -2)
  const diameterWith = (marks: readonly FoundMark[]): number | null => {
    const moved = sheetView(marks, scale)
    if (!moved.ok) return null
    let [sum, total] = [0, 0]
    for (const [i, pixels] of inliers.entries()) {
      const fit = fitCircle(pixels.map((pixel): Point => sheetOf(pixel, moved.view.toSheet)))
      if (!fit.ok) return null
      sum += (weights[i] ?? 0) * 2 * fit.fit.radiusMm
      total += weights[i] ?? 0
    }
    return sum / total
  }
  const plain = diameterWith(input.marks)
  if (plain === null) return Infinity
  const uPx = view.markUncertaintyMm * view.pixelsPerMm
  let variance = 0
  for (const index of input.marks.keys()) {
    for (const axis of ['x', 'y'] as const) {
      const nudged = input.marks.map((found, i) =>
        i === index
          ? { ...found, picture: { ...found.picture, [axis]: found.picture[axis] + NUDGE_PX } }
          : found,
      )
      const moved = diameterWith(nudged)
      if (moved !== null) variance += (((moved - plain) / NUDGE_PX) * uPx) ** 2
    }
  }
  return Math.sqrt(variance)
}

/** Enough points to see how the circle moves. */
const MOST_NUDGED_POINTS = 60

function thinned(pixels: readonly Pixel[]): Pixel[] {
  const stride = Math.max(1, Math.floor(pixels.length / MOST_NUDGED_POINTS))
  return pixels.filter((_, i) => i % stride === 0)
}

function disagreementOf(arcs: readonly ArcFit[], together: Estimate): number | null {
  const worst = Math.max(
    ...arcs.map(({ own }) => Math.abs(own.valueMm - together.valueMm) / own.standardUncertaintyMm),
  )
  return arcs.length > 1 && worst > NOT_ONE_CIRCLE ? worst : null
}
