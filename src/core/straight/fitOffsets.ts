import { Matrix, SVD } from 'ml-matrix'
import { requireAtLeast, requireFinite, requirePositive } from '../guard/require'
import type { Displacement } from './Displacement'
import { offCentreMm, tickOffsetMm } from './Displacement'

/** One tick as it was read. */
export interface Offset {
  /** degrees clockwise from 12 */
  readonly directionDeg: number
  /** how far it stands clockwise of the tick it belongs to, mm; the other way is negative */
  readonly offsetMm: number
}

export interface Estimate {
  readonly value: number
  readonly standardUncertainty: number
}

/** A ring read at some places. What these places cannot tell is null. */
export interface OffsetsFit {
  /** degrees, clockwise positive */
  readonly turnedDeg: Estimate | null
  /** mm */
  readonly towards3Mm: Estimate | null
  readonly towards12Mm: Estimate | null
  /** standard uncertainty of how far it is off, mm; null where a half of it is not seen */
  readonly offCentreUncertaintyMm: number | null
  /** the turn that would be read if nothing were off-centre, degrees: what an eye takes it for at these places */
  readonly ifCentredDeg: Estimate
  /** least squares; what is not seen is zero in it */
  readonly displacement: Displacement
  /** in the order of the offsets, mm */
  readonly residualsMm: readonly number[]
  /** null where all places agree, within what readings scatter */
  readonly doubt: { readonly directionDeg: number | null } | null
}

const UNKNOWNS = 3
/** A combination the places say nothing of has no singular value: smaller than this is none. */
const NONE = 1e-9

/**
 * Tells turned from off-centre by least squares: t = R·φ + dx·cosθ − dy·sinθ.
 * @param offsets - at least one
 * @param radiusMm - where the ticks meet, > 0
 * @param noiseMm - standard uncertainty of one reading, > 0
 * @source least squares with known noise, by singular values (Golub & Van Loan, Matrix Computations, 5.5); what the
 *   places cannot tell is found by the null space
 * @example R 14; 12: 0, 6: +0.15 // turned 0.307°, 0.075 towards 9; towards 12 not seen
 */
export function fitOffsets(offsets: readonly Offset[], radiusMm: number, noiseMm: number): OffsetsFit {
  requireAtLeast('offsets', offsets, 1)
  requirePositive('radiusMm', radiusMm, 'mm')
  requirePositive('noiseMm', noiseMm, 'mm')
  for (const { directionDeg, offsetMm } of offsets) {
    requireFinite('directionDeg', directionDeg, 'degrees')
    requireFinite('offsetMm', offsetMm, 'mm')
  }
  const least = leastSquares(offsets, noiseMm)
  const inDegrees = 180 / (Math.PI * radiusMm)
  const estimate = (unknown: number, scale = 1): Estimate | null =>
    least.isSeen(unknown)
      ? { value: least.at(unknown) * scale, standardUncertainty: least.uncertainty(unknown) * scale }
      : null
  const mean = offsets.reduce((sum, { offsetMm }) => sum + offsetMm, 0) / offsets.length
  const seen = (unknown: number) => (least.isSeen(unknown) ? least.at(unknown) : 0)
  const displacement: Displacement = {
    turnedDeg: (least.isSeen(0) ? least.at(0) : mean) * inDegrees,
    towards3Mm: seen(1),
    towards12Mm: seen(2),
  }
  const [towards3Mm, towards12Mm] = [estimate(1), estimate(2)]
  return {
    turnedDeg: estimate(0, inDegrees),
    towards3Mm,
    towards12Mm,
    offCentreUncertaintyMm:
      towards3Mm && towards12Mm ? alongUncertainty(displacement, towards3Mm, towards12Mm) : null,
    ifCentredDeg: {
      value: mean * inDegrees,
      standardUncertainty: (noiseMm / Math.sqrt(offsets.length)) * inDegrees,
    },
    displacement,
    residualsMm: least.residualsMm,
    doubt: doubtOf(offsets, noiseMm),
  }
}

/** Of how far it is off: along the way it is off; of one that is not, of its larger half. */
function alongUncertainty(displacement: Displacement, x: Estimate, y: Estimate): number {
  const length = offCentreMm(displacement)
  if (length === 0) return Math.max(x.standardUncertainty, y.standardUncertainty)
  return Math.hypot(
    (displacement.towards3Mm / length) * x.standardUncertainty,
    (displacement.towards12Mm / length) * y.standardUncertainty,
  )
}

interface LeastSquares {
  readonly at: (unknown: number) => number
  readonly uncertainty: (unknown: number) => number
  readonly isSeen: (unknown: number) => boolean
  readonly residualsMm: readonly number[]
  /** squares of the residuals in units of the noise, and how many readings are to spare */
  readonly chiSquared: number
  readonly spare: number
}

/** Unknowns in mm: the arc, and the shift towards 3 and towards 12. */
function leastSquares(offsets: readonly Offset[], noiseMm: number): LeastSquares {
  // Rows of zeros add nothing, and let fewer places than unknowns be taken apart as well.
  const rows = offsets.map(({ directionDeg }) => tickRow(directionDeg))
  while (rows.length < UNKNOWNS) rows.push([0, 0, 0])
  const svd = new SVD(new Matrix(rows))
  const { rightSingularVectors: v, leftSingularVectors: u, diagonal } = svd
  const values = offsets.map(({ offsetMm }) => offsetMm)
  const kept = diagonal.map((value) => value > NONE * Math.max(...diagonal))
  const solution = Array.from({ length: UNKNOWNS }, (_, unknown) =>
    diagonal.reduce((sum, value, k) => {
      if (!kept[k]) return sum
      const along = values.reduce((dot, mm, i) => dot + u.get(i, k) * mm, 0)
      return sum + (v.get(unknown, k) * along) / value
    }, 0),
  )
  const ofKept = (unknown: number, of: (component: number, value: number) => number) =>
    diagonal.reduce((sum, value, k) => (kept[k] ? sum + of(v.get(unknown, k), value) : sum), 0)
  const residualsMm = offsets.map(
    ({ directionDeg, offsetMm }) =>
      offsetMm - tickRow(directionDeg).reduce((sum, part, k) => sum + part * (solution[k] ?? 0), 0),
  )
  return {
    at: (unknown) => solution[unknown] ?? 0,
    uncertainty: (unknown) => noiseMm * Math.sqrt(ofKept(unknown, (part, value) => (part / value) ** 2)),
    // Its own direction lies wholly in what the places tell.
    isSeen: (unknown) => Math.abs(ofKept(unknown, (part) => part ** 2) - 1) < Math.sqrt(NONE),
    residualsMm,
    chiSquared: residualsMm.reduce((sum, mm) => sum + (mm / noiseMm) ** 2, 0),
    spare: offsets.length - kept.filter(Boolean).length,
  }
}

/** What arc, shift towards 3 and shift towards 12 add to a tick. */
function tickRow(directionDeg: number): [number, number, number] {
  const shift = (towards3Mm: number, towards12Mm: number) =>
    tickOffsetMm({ turnedDeg: 0, towards3Mm, towards12Mm }, 1, directionDeg)
  return [1, shift(1, 0), shift(0, 1)]
}

/**
 * Whether a place does not go with the others. With one reading to spare any of them may be the wrong one: none is named.
 */
function doubtOf(offsets: readonly Offset[], noiseMm: number): OffsetsFit['doubt'] {
  const all = leastSquares(offsets, noiseMm)
  if (all.chiSquared <= mostChiSquared(all.spare)) return null
  if (all.spare < 2) return { directionDeg: null }
  const without = offsets.map((left) => {
    const rest = leastSquares(
      offsets.filter((one) => one !== left),
      noiseMm,
    )
    return { directionDeg: left.directionDeg, rest }
  })
  const sound = without.filter(({ rest }) => rest.chiSquared <= mostChiSquared(rest.spare))
  const [only] = sound
  return { directionDeg: sound.length === 1 && only ? only.directionDeg : null }
}

/** Upper critical values of chi squared at 0.01 for 1 to 9 to spare: twelve hours less three unknowns leave nine. */
const CRITICAL = [6.635, 9.21, 11.345, 13.277, 15.086, 16.812, 18.475, 20.09, 21.666]

/**
 * Only one in a hundred sets of sound readings disagrees more.
 * @source NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.6.7.4
 */
export function mostChiSquared(spare: number): number {
  return spare === 0 ? Infinity : (CRITICAL[Math.min(spare, CRITICAL.length) - 1] ?? Infinity)
}
