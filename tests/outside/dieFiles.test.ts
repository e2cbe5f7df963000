/**
 * Dies to be made, read back by other packages: `dxf-parser` for the drawing, `manifold-3d` for the solid, `saxes` for the
 * SVG; the solid's volume by the second theorem of Pappus: V = 2π · (distance of the section's centroid) · (its area).
 */
import DxfParser from 'dxf-parser'
import Module from 'manifold-3d'
import { SaxesParser } from 'saxes'
import type { DieToMake } from '@/core/dies/dieProfile'
import { dieProfile } from '@/core/dies/dieProfile'
import { dieDxf } from '@/io/dxf/dieDxf'
import { dieStl } from '@/io/stl/dieStl'
import { dieSvg } from '@/io/svg/dieSvg'

const DIES: readonly DieToMake[] = [
  { role: 'pusher', outerMm: 26, openingMm: 0, recessMm: 0 },
  { role: 'pusher', outerMm: 29, openingMm: 26, recessMm: 1.8 },
  { role: 'support', outerMm: 36.4, openingMm: 31.5, recessMm: 7 },
  { role: 'support', outerMm: 80, openingMm: 4, recessMm: 40 },
]

/** Area and first moment of a closed polygon round the axis, by the shoelace formula. */
function pappusVolume(outline: readonly (readonly [number, number])[]): number {
  let moment = 0
  outline.forEach(([r1, z1], i) => {
    const [r2, z2] = outline[(i + 1) % outline.length] ?? [0, 0]
    moment += ((r1 + r2) * (r1 * z2 - r2 * z1)) / 6
  })
  return 2 * Math.PI * moment
}

interface Solid {
  readonly corners: Float32Array
  readonly normals: Float32Array
}

/** Triangles of a binary STL. */
function solidOf(bytes: Uint8Array<ArrayBuffer>): Solid {
  const view = new DataView(bytes.buffer)
  const count = view.getUint32(80, true)
  expect(bytes.length).toBe(84 + 50 * count)
  const corners = new Float32Array(9 * count)
  const normals = new Float32Array(3 * count)
  for (let i = 0; i < count; i++)
    for (let k = 0; k < 12; k++) {
      const value = view.getFloat32(84 + 50 * i + 4 * k, true)
      if (k < 3) normals[3 * i + k] = value
      else corners[9 * i + k - 3] = value
    }
  return { corners, normals }
}

function volumeOf({ corners }: Solid): number {
  let volume = 0
  for (let i = 0; i < corners.length; i += 9) {
    const [ax = 0, ay = 0, az = 0, bx = 0, by = 0, bz = 0, cx = 0, cy = 0, cz = 0] = corners.slice(i, i + 9)
    volume += ax * (by * cz - bz * cy) - ay * (bx * cz - bz * cx) + az * (bx * cy - by * cx)
  }
  return volume / 6
}

it.each(DIES)('STL of %j is a closed solid of the right volume', async (die) => {
  const wasm = await Module()
  wasm.setup()
  const profile = dieProfile(die)
  const solid = solidOf(dieStl(profile))
  const wanted = pappusVolume(profile.outline)
  // Right-handed, it comes out positive.
  expect(Math.abs(volumeOf(solid) / wanted - 1)).toBeLessThan(0.001)
  const mesh = new wasm.Mesh({
    numProp: 3,
    vertProperties: solid.corners,
    triVerts: Uint32Array.from({ length: solid.corners.length / 3 }, (_, i) => i),
  })
  mesh.merge()
  // Throws where it is not closed.
  const manifold = new wasm.Manifold(mesh)
  expect(manifold.status()).toBe('NoError')
  expect(Math.abs(manifold.volume() / wanted - 1)).toBeLessThan(0.001)
  manifold.delete()
})

it.each(DIES)('DXF of %j holds one closed polyline in millimetres', (die) => {
  const profile = dieProfile(die)
  const dxf = new DxfParser().parseSync(dieDxf(profile))
  expect(dxf?.header['$INSUNITS']).toBe(4)
  // R2000 or newer.
  const version: unknown = dxf?.header['$ACADVER']
  expect(typeof version === 'string' && version >= 'AC1015').toBe(true)
  const lines = dxf?.entities.filter(({ type }) => type === 'LWPOLYLINE') ?? []
  expect(lines).toHaveLength(1)
  const [line] = lines as unknown as { shape: boolean; vertices: { x: number; y: number }[] }[]
  expect(line?.shape).toBe(true)
  const xs = line?.vertices.map(({ x }) => x) ?? []
  expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(die.outerMm, 9)
  const circles = dxf?.entities.filter(({ type }) => type === 'CIRCLE') as unknown as { radius: number }[]
  expect(circles.map(({ radius }) => 2 * radius)).toEqual(
    die.openingMm > 0 ? [die.outerMm, die.openingMm] : [die.outerMm],
  )
})

it.each(DIES)('SVG of %j is well-formed and as large as the die', (die) => {
  const svg = dieSvg(dieProfile(die))
  const parser = new SaxesParser({ xmlns: true })
  let size = ''
  parser.on('opentag', ({ name, attributes }) => {
    if (name === 'svg') size = attributes['width']?.value ?? ''
  })
  parser.on('error', (error) => {
    throw error
  })
  parser.write(svg).close()
  expect(Number.parseFloat(size)).toBeCloseTo(die.outerMm + 32, 6)
  expect(svg).toContain(`⌀ ${die.outerMm.toFixed(1)}`)
})
