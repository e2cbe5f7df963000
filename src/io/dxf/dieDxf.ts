import { DxfWriter, LWPolylineFlags, point3d, Units } from '@tarikjabiri/dxf'
import type { DieProfile } from '@/core/dies/dieProfile'
import { dieSection } from '@/core/dies/dieSection'

/** Between the section and the view from below, mm. */
const APART_MM = 10

/**
 * A die as DXF, in millimetres: its section as one closed polyline, face down with the axis at x = 0, and beside it the
 * circles of its face.
 */
export function dieDxf(profile: DieProfile): string {
  const dxf = new DxfWriter()
  dxf.setUnits(Units.Millimeters)
  const points = dieSection(profile).map(([x, y]) => ({ point: { x, y } }))
  dxf.addLWPolyline(points, { flags: LWPolylineFlags.Closed })
  const { outerMm, openingMm } = profile
  const centre = point3d(outerMm + APART_MM, outerMm / 2)
  dxf.addCircle(centre, outerMm / 2)
  if (openingMm > 0) dxf.addCircle(centre, openingMm / 2)
  return dxf.stringify()
}
