import { printScale } from '@/core/photo-gauge/gaugeSheet'
import { greyFromRgba } from '@/core/photo-gauge/GreyImage'
import type { PhotoInput } from '@/core/photo-gauge/photoDiameter'
import { photoDiameter } from '@/core/photo-gauge/photoDiameter'
import type { SeenArc } from '@/core/photo-gauge/readPicture'
import { readPicture } from '@/core/photo-gauge/readPicture'
import type { FoundMark } from '@/core/photo-gauge/sheetView'
import { renderPhotograph } from '@/devices/simulated-photograph/renderPhotograph'
import type { Scene } from '@/devices/simulated-photograph/Scene'
import { PLAIN_SCENE } from '@/devices/simulated-photograph/Scene'

export interface Read {
  readonly marks: readonly FoundMark[]
  readonly arcs: readonly SeenArc[]
}

/** Marks and round edges a picture of the scene shows. */
export function readScene(scene: Scene): Read {
  const photo = renderPhotograph(scene, 1)
  const image = greyFromRgba(photo.rgba, photo, 1)
  const scale = printScale(100 * scene.print.x, 70 * scene.print.y)
  if (!scale.ok) throw new Error(scale.message)
  const seen = readPicture(image, scale.scale)
  if (!seen.ok) throw new Error(seen.reason)
  return seen
}

/** The size those edges come to. */
export function sizeOf(scene: Scene, { marks }: Read, arcs: readonly SeenArc[], edgeHeightMm: number) {
  const input: PhotoInput = {
    arcs: arcs.map((seen) => seen.pixels),
    marks,
    levelBarMm: 100 * scene.print.x,
    uprightBarMm: 70 * scene.print.y,
    edgeHeightMm,
    cameraHeightMm: scene.camera.heightMm,
  }
  const outcome = photoDiameter(input)
  if (!outcome.ok) throw new Error(outcome.message)
  return outcome.diameter
}

/** A ring lying on the sheet; override what the test is about. */
export const RING = {
  kind: 'ring',
  centreXMm: 56,
  centreYMm: 39,
  outerRadiusMm: 18,
  innerRadiusMm: 13,
  face: 0.1,
} as const
export const scene = (
  over: Partial<Omit<Scene, 'camera'>> & { camera?: Partial<Scene['camera']> },
): Scene => ({
  ...PLAIN_SCENE,
  ...over,
  camera: { ...PLAIN_SCENE.camera, widthPx: 960, heightPx: 720, ...over.camera },
})
