import type { ProfilePoint } from './dieProfile'

export type MeshPoint = readonly [x: number, y: number, z: number]
/** Corners against the clock as seen from outside. */
export type Triangle = readonly [MeshPoint, MeshPoint, MeshPoint]

/** Sides of what is round: 128 keep a volume within 0.05 %. */
const SIDES = 128

/**
 * The closed surface of a turned part.
 * @param outline - closed, against the clock with the radius to the right and the height up, radii >= 0, mm
 * @returns triangles, right-handed, that share their corners exactly
 */
export function revolvedMesh(outline: readonly ProfilePoint[], sides = SIDES): Triangle[] {
  // Worked out once, so that the last side meets the first one in the same bits.
  const turns = Array.from({ length: sides }, (_, i) => {
    const angle = (2 * Math.PI * i) / sides
    return [Math.cos(angle), Math.sin(angle)] as const
  })
  const at = ([radius, height]: ProfilePoint, side: number): MeshPoint => {
    const [cos, sin] = turns[side % sides] ?? [1, 0]
    return radius === 0 ? [0, 0, height] : [radius * cos, radius * sin, height]
  }
  const triangles: Triangle[] = []
  outline.forEach((from, i) => {
    const to = outline[(i + 1) % outline.length] ?? from
    // An edge on the axis turns into nothing.
    if (from[0] === 0 && to[0] === 0) return
    for (let side = 0; side < sides; side++) {
      const [a, b, c, d] = [at(from, side), at(from, side + 1), at(to, side + 1), at(to, side)]
      if (from[0] > 0) triangles.push([a, b, c])
      if (to[0] > 0) triangles.push([a, c, d])
    }
  })
  return triangles
}
