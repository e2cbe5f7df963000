import type { GreyImage, Pixel } from './GreyImage'

// Taken out of the global once: looking Math up for every pixel costs more than the sum itself in a test's sandbox.
const { sqrt, abs, hypot, ceil, exp } = Math

/** Edge points in a row along one edge, each to a fraction of a pixel. */
export type EdgeChain = readonly Pixel[]

export interface EdgeOptions {
  /** steps of brightness a px at which a chain may start, and down to which it goes on */
  readonly startGradient: number
  readonly keepGradient: number
  /** shorter chains are dropped, points */
  readonly leastPoints: number
}

/** Blur before looking, px: quiets the picture's noise, rounds off nothing a fragment has. */
const BLUR_PX = 1.2

/**
 * Edges of a picture as chains of sub-pixel points: gradient maxima, each placed by a parabola across the edge.
 * @source Canny, IEEE PAMI 8 (1986); Devernay, INRIA RR-2724 (1995); after Grompone von Gioi & Randall, IPOL (2017)
 */
export function edgeChains(image: GreyImage, options: EdgeOptions): EdgeChain[] {
  const gradients = gradientsOf(blurred(image, BLUR_PX))
  return traced(edgePoints(gradients, options.keepGradient), gradients, options)
}

interface Gradients {
  readonly widthPx: number
  readonly heightPx: number
  readonly gx: Float32Array
  readonly gy: Float32Array
  readonly size: Float32Array
}

function blurred({ widthPx, heightPx, values }: GreyImage, sigma: number): GreyImage {
  const reach = ceil(3 * sigma)
  const kernel = Float32Array.from({ length: 2 * reach + 1 }, (_, i) =>
    exp(-((i - reach) ** 2) / (2 * sigma * sigma)),
  )
  const total = kernel.reduce((sum, k) => sum + k, 0)
  for (let i = 0; i < kernel.length; i++) kernel[i] = (kernel[i] ?? 0) / total
  const across = new Float32Array(values.length)
  for (let y = 0; y < heightPx; y++) {
    const row = y * widthPx
    for (let x = reach; x < widthPx - reach; x++) {
      let sum = 0
      for (let k = -reach; k <= reach; k++) sum += (kernel[k + reach] ?? 0) * (values[row + x + k] ?? 0)
      across[row + x] = sum
    }
  }
  const down = new Float32Array(values.length)
  for (let y = reach; y < heightPx - reach; y++) {
    const row = y * widthPx
    for (let k = -reach; k <= reach; k++) {
      const weight = kernel[k + reach] ?? 0
      const from = row + k * widthPx
      for (let x = reach; x < widthPx - reach; x++) {
        down[row + x] = (down[row + x] ?? 0) + weight * (across[from + x] ?? 0)
      }
    }
  }
  return { widthPx, heightPx, values: down }
}

function gradientsOf({ widthPx, heightPx, values }: GreyImage): Gradients {
  const gx = new Float32Array(values.length)
  const gy = new Float32Array(values.length)
  const size = new Float32Array(values.length)
  // The blur left a border of zeros: its step is no edge.
  const border = ceil(3 * BLUR_PX) + 1
  for (let y = border; y < heightPx - border; y++) {
    for (let x = border; x < widthPx - border; x++) {
      const i = y * widthPx + x
      const dx = ((values[i + 1] ?? 0) - (values[i - 1] ?? 0)) / 2
      const dy = ((values[i + widthPx] ?? 0) - (values[i - widthPx] ?? 0)) / 2
      gx[i] = dx
      gy[i] = dy
      size[i] = sqrt(dx * dx + dy * dy)
    }
  }
  return { widthPx, heightPx, gx, gy, size }
}

/** Sub-pixel places by the index of their pixel. */
function edgePoints({ widthPx, heightPx, gx, gy, size }: Gradients, least: number): Map<number, Pixel> {
  const points = new Map<number, Pixel>()
  for (let y = 1; y < heightPx - 1; y++) {
    for (let x = 1; x < widthPx - 1; x++) {
      const i = y * widthPx + x
      const here = size[i] ?? 0
      if (here < least) continue
      const level = abs(gx[i] ?? 0) >= abs(gy[i] ?? 0)
      const step = level ? 1 : widthPx
      const [before, after] = [size[i - step] ?? 0, size[i + step] ?? 0]
      if (!(here > before && here >= after)) continue
      const offset = (before - after) / (2 * (before - 2 * here + after))
      points.set(i, level ? { x: x + offset, y } : { x, y: y + offset })
    }
  }
  return points
}

function traced(points: Map<number, Pixel>, gradients: Gradients, options: EdgeOptions): EdgeChain[] {
  const { size } = gradients
  const free = new Set(points.keys())
  const starts = [...points.keys()].filter((i) => (size[i] ?? 0) >= options.startGradient)
  starts.sort((a, b) => (size[b] ?? 0) - (size[a] ?? 0))
  const chains: EdgeChain[] = []
  for (const start of starts) {
    if (!free.delete(start)) continue
    const forward = walk(start, 1, points, free, gradients)
    const backward = walk(start, -1, points, free, gradients)
    const chain = [...backward.reverse(), start, ...forward].flatMap((i) => points.get(i) ?? [])
    if (chain.length >= options.leastPoints) chains.push(chain)
  }
  return chains
}

/** Along the edge, bright side always on the same hand, as long as a neighbour carries it on. */
function walk(
  start: number,
  sense: 1 | -1,
  points: Map<number, Pixel>,
  free: Set<number>,
  { widthPx, gx, gy }: Gradients,
): number[] {
  const steps: number[] = []
  let at = start
  for (;;) {
    const here = points.get(at)
    if (!here) return steps
    const [ux, uy] = [gx[at] ?? 0, gy[at] ?? 0]
    let best: { index: number; score: number } | null = null
    for (let dy = -1; dy <= 1; dy++) {
      for (let dx = -1; dx <= 1; dx++) {
        const index = at + dy * widthPx + dx
        if (!free.has(index)) continue
        const next = points.get(index)
        const [vx, vy] = [gx[index] ?? 0, gy[index] ?? 0]
        const turn = (ux * vx + uy * vy) / (hypot(ux, uy) * hypot(vx, vy))
        if (!next || turn < LEAST_TURN) continue
        const [mx, my] = [next.x - here.x, next.y - here.y]
        const along = (sense * (mx * -uy + my * ux)) / (hypot(mx, my) * hypot(ux, uy) || 1)
        if (along <= 0) continue
        if (!best || along * turn > best.score) best = { index, score: along * turn }
      }
    }
    if (!best) return steps
    free.delete(best.index)
    steps.push(best.index)
    at = best.index
  }
}

/** Cosine between neighbours' gradients below which the edge has turned a corner. */
const LEAST_TURN = 0.6
