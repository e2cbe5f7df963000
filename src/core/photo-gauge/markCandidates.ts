import type { GreyImage, Pixel } from './GreyImage'

// Taken out of the global once: looking Math up for every pixel costs more than the sum itself in a test's sandbox.
const { abs, min } = Math

export interface MarkCandidate extends Pixel {
  /** how clearly four quarters alternate around it; the largest is the surest */
  readonly strength: number
}

/** Radii of the ring looked at, px. A mark must alternate on all of them. */
const RING_RADII_PX = [4, 6, 8] as const
const RING_SAMPLES = 16
const QUARTER = RING_SAMPLES / 4
const HALF = RING_SAMPLES / 2
/** Two candidates nearer than this are one mark, px. */
const APART_PX = 8
/** No ring differs more than white from black, linear light. */
const STRONGEST = 1
/** Weakest contrast of a quartered ring, linear light. */
const LEAST_CONTRAST = 0.06

/** Where a ring's samples lie from its middle, as steps in the row of values. */
function ringOffsets(radiusPx: number, widthPx: number): Int32Array {
  return Int32Array.from({ length: RING_SAMPLES }, (_, i) => {
    const angle = (2 * Math.PI * i) / RING_SAMPLES
    return Math.round(radiusPx * Math.sin(angle)) * widthPx + Math.round(radiusPx * Math.cos(angle))
  })
}

/**
 * Places where four quarters meet, strongest first.
 * Opposite samples of a ring round such a place agree and samples a quarter apart differ; round an edge or a dot they
 * do not. A line does the same, but its middle is as dark as itself, and a mark's is between its black and its white.
 * @param image - small enough that a corner mark's radius is 10 to 40 px
 * @source after Bennett & Lasenby, ChESS, Comput. Vis. Image Underst. 118 (2014)
 */
export function markCandidates(image: GreyImage, most: number): MarkCandidate[] {
  const { widthPx, heightPx } = image
  const margin = Math.max(...RING_RADII_PX) + 1
  const strengths = new Float32Array(widthPx * heightPx)
  const rings = RING_RADII_PX.map((radiusPx) => ringOffsets(radiusPx, widthPx))
  const middle = Int32Array.from([-1, 0, 1].flatMap((dy) => [-1, 0, 1].map((dx) => dy * widthPx + dx)))
  for (let y = margin; y < heightPx - margin; y++) {
    for (let x = margin; x < widthPx - margin; x++)
      strengths[y * widthPx + x] = quartered(image.values, y * widthPx + x, rings, middle)
  }
  const found: MarkCandidate[] = []
  for (let y = margin; y < heightPx - margin; y++) {
    for (let x = margin; x < widthPx - margin; x++) {
      const strength = strengths[y * widthPx + x] ?? 0
      if (strength > LEAST_CONTRAST && isPeak(strengths, widthPx, x, y)) found.push({ x, y, strength })
    }
  }
  found.sort((a, b) => b.strength - a.strength)
  const kept: MarkCandidate[] = []
  for (const candidate of found) {
    if (kept.every((k) => Math.hypot(k.x - candidate.x, k.y - candidate.y) > APART_PX)) kept.push(candidate)
    if (kept.length === most) break
  }
  return kept
}

/** The weakest ring decides: clutter may alternate on one ring, a mark does on all. Nothing at all, or less, is no mark. */
function quartered(
  values: Float32Array,
  at: number,
  rings: readonly Int32Array[],
  middle: Int32Array,
): number {
  let weakest = STRONGEST
  for (const ring of rings) {
    let [alternate, lopsided] = [0, 0]
    for (let i = 0; i < QUARTER; i++) {
      const a = values[at + (ring[i] ?? 0)] ?? 0
      const b = values[at + (ring[i + QUARTER] ?? 0)] ?? 0
      const c = values[at + (ring[i + HALF] ?? 0)] ?? 0
      const d = values[at + (ring[i + HALF + QUARTER] ?? 0)] ?? 0
      alternate += abs(a + c - b - d)
      lopsided += abs(a - c) + abs(b - d)
    }
    weakest = min(weakest, (alternate - lopsided) / RING_SAMPLES)
    // Most of a picture is no mark: the first ring already says so.
    if (weakest <= 0) return 0
  }
  return weakest - abs(mean(values, at, middle) - mean(values, at, rings[0] ?? middle))
}

function mean(values: Float32Array, at: number, offsets: Int32Array): number {
  let sum = 0
  for (let i = 0; i < offsets.length; i++) sum += values[at + (offsets[i] ?? 0)] ?? 0
  return sum / offsets.length
}

function isPeak(strengths: Float32Array, widthPx: number, x: number, y: number): boolean {
  const own = strengths[y * widthPx + x] ?? 0
  for (let dy = -2; dy <= 2; dy++) {
    for (let dx = -2; dx <= 2; dx++) {
      if ((strengths[(y + dy) * widthPx + x + dx] ?? 0) > own) return false
    }
  }
  return true
}
