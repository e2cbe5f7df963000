import { randomLcg } from 'd3-random'
import type { ArcNeeded } from '../circle/chordAndSagitta'
import { arcNeeded, circleFromChord } from '../circle/chordAndSagitta'
import type { Point } from '../circle/Circle'
import type { CircleFit } from '../circle/fitCircle'
import { robustCircle } from '../circle/robustCircle'
import { combinedEstimate } from '../measure/combinedEstimate'
import type { Estimate, SharedErrors } from '../measure/Estimate'
import { expandedUncertaintyMm } from '../measure/Estimate'
import { estimateFromReadings } from '../measure/estimateFromReadings'
import type { InstrumentSpec } from '../measure/InstrumentSpec'
import type { PhotoInput } from '../photo-gauge/photoDiameter'
import { photoDiameter } from '../photo-gauge/photoDiameter'
import type { DimensionId } from '../readings/dimensions'
import { DIMENSIONS } from '../readings/dimensions'
import { formatMm } from '../units/formatMm'
import type { SizeEvidence } from '../verdict/SizeEvidence'

/** Ways to the old crystal's size when no jaws go across it. */
export const SHAPE_KINDS = ['chord', 'points', 'photo', 'visible-top', 'gasket-imprint'] as const
export type ShapeKind = (typeof SHAPE_KINDS)[number]

export const SHAPE_WORDS: Readonly<Record<ShapeKind, string>> = {
  chord: 'chord and sagitta',
  points: 'edge points',
  photo: 'photograph',
  'visible-top': 'visible top and bevels',
  'gasket-imprint': 'imprint in the old gasket',
}

/** What was read, lengths as displayed, mm. */
export type ShapeInput =
  | {
      readonly kind: 'chord'
      readonly chordMm: number
      readonly sagittaMm: number
      readonly instrument: InstrumentSpec
    }
  | { readonly kind: 'points'; readonly points: readonly Point[] }
  | { readonly kind: 'photo'; readonly picture: PhotoInput }
  | {
      readonly kind: 'visible-top'
      readonly topMm: number
      readonly bevelMm: number
      readonly instrument: InstrumentSpec
    }
  | { readonly kind: 'gasket-imprint'; readonly imprintMm: number; readonly instrument: InstrumentSpec }

export interface ShapeSize {
  readonly diameter: Estimate
  /** how it was found, in a few words */
  readonly words: string
  /** arc the points or the chord span, degrees; null where there is none */
  readonly arcDeg: number | null
  /** the arc that would give ±0.05; null when this one does, or when even half a circle would not */
  readonly arcForFine: ArcNeeded | null
  readonly fit: CircleFit | null
  /** for every point: on the circle or not */
  readonly inliers: readonly boolean[] | null
}

export type ShapeOutcome = ({ ok: true } & ShapeSize) | { ok: false; message: string }

/** ± wanted of a diameter to tell stock steps apart, mm, k = 2. */
const FINE_MM = 0.05
/** Typed edge points come from a squared paper or a stage: standard uncertainty, mm. From memory. */
const TYPED_POINT_MM = 0.03
/** A point further off the circle than this is a chip, mm. From memory. */
const CHIP_MM = 0.12
/** An old ring shrinks and springs back: standard uncertainty of its imprint, mm. From memory. */
const IMPRINT_MM = 0.06
/** Scatter of a hand's hold, standard uncertainty of one reading, mm. From memory. */
const HOLD_MM = 0.006
/** How well a bevel's width is seen, standard uncertainty, mm. From memory. */
const BEVEL_MM = 0.03
const SEED = 0.1908

/**
 * A diameter by a way round the jaws, with its uncertainty; or what is wrong and what to do.
 * @param dimension - whose diameter it is: only a picture shows others than the crystal's
 */
export function shapeSize(input: ShapeInput, dimension: DimensionId = 'crystal-diameter'): ShapeOutcome {
  switch (input.kind) {
    case 'chord':
      return fromChord(input)
    case 'points':
      return fromPoints(input.points)
    case 'photo':
      return fromPhoto(input.picture, dimension)
    case 'visible-top': {
      const top = single(input.topMm, input.instrument)
      const bevel = { valueMm: input.bevelMm, standardUncertaintyMm: BEVEL_MM }
      if (!(input.bevelMm >= 0) || input.bevelMm > 3) {
        return wrong(
          `Bevel: ${formatMm(input.bevelMm)} mm is outside 0.00–3.00 mm. Look at the rim from above and read its width.`,
        )
      }
      return sized(
        combinedEstimate([
          [1, top],
          [2, bevel],
        ]),
        `top ${formatMm(top.valueMm)} and two bevels of ${formatMm(bevel.valueMm)}`,
      )
    }
    case 'gasket-imprint': {
      const imprint = single(input.imprintMm, input.instrument)
      return sized(
        combinedEstimate([
          [1, imprint],
          [1, { valueMm: 0, standardUncertaintyMm: IMPRINT_MM }],
        ]),
        'imprint in the old gasket',
      )
    }
  }
}

/** One reading of a piece that is held by hand: nothing beside it tells how well it was held. */
function single(shownMm: number, instrument: InstrumentSpec): Estimate {
  return combinedEstimate([
    [1, estimateFromReadings([shownMm], instrument)],
    [1, { valueMm: 0, standardUncertaintyMm: HOLD_MM }],
  ])
}

function fromChord({ chordMm, sagittaMm, instrument }: Extract<ShapeInput, { kind: 'chord' }>): ShapeOutcome {
  const [chord, sagitta] = [single(chordMm, instrument), single(sagittaMm, instrument)]
  if (!(chord.valueMm > 0))
    return wrong(`Chord: ${formatMm(chordMm)} mm must be more than 0. Measure between the ends of the arc.`)
  if (!(sagitta.valueMm > 0))
    return wrong(
      `Sagitta: ${formatMm(sagittaMm)} mm must be more than 0. Measure from the middle of the chord to the rim.`,
    )
  if (sagitta.valueMm > chord.valueMm / 2) {
    return wrong(
      `Sagitta: ${formatMm(sagittaMm)} mm is more than half the ${formatMm(chordMm)} mm chord, so the piece is more than half a circle. Measure across it instead.`,
    )
  }
  const diameter = circleFromChord(chord, sagitta)
  const u = chord.standardUncertaintyMm
  const halfAngle = 2 * Math.atan((2 * sagitta.valueMm) / chord.valueMm)
  return sized(diameter, `chord ${formatMm(chord.valueMm)}, sagitta ${formatMm(sagitta.valueMm)}`, {
    arcDeg: (2 * halfAngle * 180) / Math.PI,
    arcForFine:
      expandedUncertaintyMm(diameter) <= FINE_MM
        ? null
        : arcNeeded(diameter.valueMm, FINE_MM / 2, { chordMm: u, sagittaMm: u }),
  })
}

const FIT_FAILURES = {
  'too-few-points': 'Points: at least three are needed. Add some along the whole rim that is left.',
  collinear:
    'Points: they lie on one straight line, so no circle goes through them. Take them along the rim, not along a break.',
  'not-converged': 'Points: no circle settles through them. Take them along one edge only.',
  'no-circle': 'Points: fewer than a third lie on any one circle. Take them along one edge only.',
} as const

function fromPoints(points: readonly Point[]): ShapeOutcome {
  const outcome = robustCircle(points, {
    toleranceMm: Math.max(CHIP_MM, 4 * TYPED_POINT_MM),
    pointUncertaintyMm: TYPED_POINT_MM,
    random: randomLcg(SEED),
  })
  if (!outcome.ok) return wrong(FIT_FAILURES[outcome.reason])
  const { fit, inliers } = outcome
  const used = inliers.filter(Boolean).length
  return sized(
    { valueMm: 2 * fit.radiusMm, standardUncertaintyMm: fit.diameterUncertaintyMm },
    `${used} of ${points.length} points over ${Math.round(fit.arcDeg)}°`,
    { arcDeg: fit.arcDeg, fit, inliers },
  )
}

function fromPhoto(picture: PhotoInput, dimension: DimensionId): ShapeOutcome {
  const outcome = photoDiameter(picture)
  if (!outcome.ok) return wrong(outcome.message)
  const { diameter, arcs, arcDeg, disagreement } = outcome
  if (disagreement !== null) {
    return wrong(
      `Edges: they are not of one circle (the worst is ${disagreement.toFixed(1)} standard deviations off). Keep pieces of the same rim only.`,
    )
  }
  const pieces = arcs.length === 1 ? 'one edge' : `${arcs.length} edges`
  return sized(diameter, `${pieces} over ${Math.round(arcDeg)}°`, { arcDeg }, dimension)
}

function sized(
  diameter: Estimate,
  words: string,
  more: Partial<ShapeSize> = {},
  dimension: DimensionId = 'crystal-diameter',
): ShapeOutcome {
  const { leastMm, mostMm } = DIMENSIONS[dimension]
  if (!(diameter.valueMm >= leastMm && diameter.valueMm <= mostMm)) {
    return wrong(
      `Diameter: ${formatMm(diameter.valueMm)} mm is outside ${formatMm(leastMm)}–${formatMm(mostMm)} mm. Check the figures and their unit.`,
    )
  }
  return { ok: true, diameter, words, arcDeg: null, arcForFine: null, fit: null, inliers: null, ...more }
}

function wrong(message: string): ShapeOutcome {
  return { ok: false, message }
}

/** A stored diameter by a way round the jaws. */
export interface StoredShape {
  readonly dimension: DimensionId
  readonly kind: ShapeKind
  readonly diameterMm: number
  readonly standardUncertaintyMm: number
  /** what of it others share: the instrument's error, the gauge sheet's */
  readonly shared: SharedErrors
}

/** A stored shape as the estimate it was. */
export function shapeEstimate({ diameterMm, standardUncertaintyMm, shared }: StoredShape): Estimate {
  return { valueMm: diameterMm, standardUncertaintyMm, shared }
}

/** What a stored shape of the crystal says to the verdict. */
export function shapeEvidence(shape: StoredShape): SizeEvidence {
  const { kind } = shape
  const diameter = shapeEstimate(shape)
  switch (kind) {
    case 'chord':
    case 'points':
    case 'photo':
      return { kind: 'fragment', method: kind, diameter }
    case 'visible-top':
      // The bevels were added when it was read; what is left is the size itself.
      return { kind: 'visible-top', top: diameter, bevel: { valueMm: 0, standardUncertaintyMm: 0 } }
    case 'gasket-imprint':
      return { kind, diameter }
  }
}
