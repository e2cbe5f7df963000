import type { DieProfile } from '@/core/dies/dieProfile'
import type { MeshPoint, Triangle } from '@/core/dies/revolvedMesh'
import { revolvedMesh } from '@/core/dies/revolvedMesh'

const HEADER_BYTES = 80
const COUNT_BYTES = 4
/** Normal and three corners of three floats each, and two bytes that mean nothing. */
const TRIANGLE_BYTES = 50
const FLOAT_BYTES = 4

/** A die as a binary STL in millimetres, standing on its face. */
export function dieStl({ outline, name }: DieProfile): Uint8Array<ArrayBuffer> {
  const triangles = revolvedMesh(outline)
  const bytes = new Uint8Array(HEADER_BYTES + COUNT_BYTES + TRIANGLE_BYTES * triangles.length)
  bytes.set(new TextEncoder().encode(`Whyalon die ${name}, mm`.slice(0, HEADER_BYTES)))
  const view = new DataView(bytes.buffer)
  view.setUint32(HEADER_BYTES, triangles.length, true)
  triangles.forEach((triangle, i) => {
    const at = HEADER_BYTES + COUNT_BYTES + TRIANGLE_BYTES * i
    for (const [k, value] of [...normalOf(triangle), ...triangle.flat()].entries())
      view.setFloat32(at + FLOAT_BYTES * k, value, true)
  })
  return bytes
}

function normalOf([a, b, c]: Triangle): MeshPoint {
  const [ux, uy, uz] = [b[0] - a[0], b[1] - a[1], b[2] - a[2]]
  const [vx, vy, vz] = [c[0] - a[0], c[1] - a[1], c[2] - a[2]]
  const normal = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx] as const
  const length = Math.hypot(...normal)
  return [normal[0] / length, normal[1] / length, normal[2] / length]
}
