import type { Point } from '../circle/Circle'
import { plainEstimate } from '../measure/combinedEstimate'
import type { Estimate } from '../measure/Estimate'
import type { InstrumentSpec } from '../measure/InstrumentSpec'
import { TYPICAL_INSTRUMENTS } from '../measure/InstrumentSpec'
import type { ShapeInput } from '../shapes/shapeSize'
import { shapeSize } from '../shapes/shapeSize'
import type { FragmentMethod } from '../verdict/SizeEvidence'
import type { World } from './World'

/** A diameter of the old crystal that a piece shows, by a caliper whose zero is off by z: valueMm + slope·z. */
export interface PieceShown {
  readonly method: FragmentMethod
  readonly valueMm: number
  /** what the caliper's zero does to it; 0 where no caliper was used */
  readonly zeroSlope: number
  /** of the piece by itself, mm: what a world that knew everything would know of it */
  readonly ownMm: number
}

/** Largest piece of a broken rim, degrees of arc; a chord spans at most so much. From memory. */
const ARC_FROM_DEG = 60
const ARC_TO_DEG = 200
const CHORD_TO_DEG = 170
/** Edge points read along it. */
const RIM_POINTS = 25
/** How a broken crystal is measured, in equal parts, and how many pieces of it at most. */
const BROKEN_WAYS = ['points', 'chord', 'photo'] as const
const MOST_PIECES = 3

/** Of the bench's instruments; every case meets its own zero and scale error of each. */
export const CALIPER: InstrumentSpec = { ...TYPICAL_INSTRUMENTS.caliper, instrumentId: 1 }

/** A shape's size where it always has one. */
export function sizeOf(input: ShapeInput): Estimate {
  const shape = shapeSize(input)
  if (!shape.ok) throw new Error(`a simulated ${input.kind} always has a size: ${shape.message}`)
  return shape.diameter
}

/** A crystal in pieces, and what reads them. */
export interface Broken {
  readonly trueCrystalMm: number
  readonly caliper: (trueMm: number, count: number) => readonly [number, ...number[]]
  readonly uniform: (from: number, to: number) => number
  readonly normal: (u: number) => number
  readonly random: () => number
  readonly world: World
}

export interface Piece {
  readonly shown: PieceShown
  readonly diameter: Estimate
}

/** One to three pieces of a broken crystal, all read the same way. */
export function piecesOf(broken: Broken): Piece[] {
  const { random, normal, world, trueCrystalMm } = broken
  const way = BROKEN_WAYS[Math.floor(random() * BROKEN_WAYS.length)] ?? 'points'
  const count = 1 + Math.floor(random() * MOST_PIECES)
  const sheetMm = normal(world.photoShared * world.photoScatterMm)
  const ownPhotoMm = Math.sqrt(1 - world.photoShared ** 2) * world.photoScatterMm
  return Array.from({ length: count }, () => {
    switch (way) {
      case 'photo':
        return photographed(trueCrystalMm + sheetMm + normal(ownPhotoMm), ownPhotoMm)
      case 'points':
        return pointed(broken)
      case 'chord':
        return chorded(broken)
    }
  })
}

/** As the photo gauge states it: half of what it says is shared by every picture of the sheet. */
const PHOTO_STATED_MM = 0.035
const PHOTO_STATED_SHARED = 0.7

function photographed(valueMm: number, ownMm: number): Piece {
  return {
    shown: { method: 'photo', valueMm, zeroSlope: 0, ownMm },
    diameter: {
      valueMm,
      standardUncertaintyMm: PHOTO_STATED_MM,
      shared: { 'gauge sheet': PHOTO_STATED_SHARED * PHOTO_STATED_MM },
    },
  }
}

/** Edge points along a piece of the rim. */
function pointed({ trueCrystalMm, uniform, normal, world }: Broken): Piece {
  const arcDeg = uniform(ARC_FROM_DEG, ARC_TO_DEG)
  const points = Array.from({ length: RIM_POINTS }, (_, i): Point => {
    const angle = ((arcDeg * i) / (RIM_POINTS - 1)) * (Math.PI / 180)
    const radius = trueCrystalMm / 2 + normal(world.rimPointScatterMm)
    return { xMm: radius * Math.cos(angle), yMm: radius * Math.sin(angle) }
  })
  const shape = shapeSize({ kind: 'points', points })
  if (!shape.ok || !shape.fit) throw new Error('simulated points always lie on a circle')
  const { diameter, fit } = shape
  // A judge who knows the scatter need not tell it from the points.
  const ownMm = (diameter.standardUncertaintyMm * world.rimPointScatterMm) / fit.pointScatterMm
  return { shown: { method: 'points', valueMm: diameter.valueMm, zeroSlope: 0, ownMm }, diameter }
}

function chorded({ trueCrystalMm, caliper, uniform, world }: Broken): Piece {
  const half = (uniform(ARC_FROM_DEG, CHORD_TO_DEG) / 2) * (Math.PI / 180)
  const [chordMm] = caliper(trueCrystalMm * Math.sin(half), 1)
  const [sagittaMm] = caliper((trueCrystalMm / 2) * (1 - Math.cos(half)), 1)
  const diameter = sizeOf({ kind: 'chord', chordMm, sagittaMm, instrument: CALIPER })
  const slope = chordMm / (2 * sagittaMm)
  const readingMm = Math.hypot(world.holdScatterMm, CALIPER.resolutionMm / Math.sqrt(12))
  return {
    shown: {
      method: 'chord',
      valueMm: diameter.valueMm,
      zeroSlope: slope + 1 - slope ** 2,
      ownMm: Math.hypot(slope, 1 - slope ** 2) * readingMm,
    },
    diameter: plainEstimate(diameter),
  }
}
