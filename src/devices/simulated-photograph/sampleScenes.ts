import type { Scene, ScenePiece } from './Scene'
import { PLAIN_SCENE } from './Scene'

/** A simulated photograph shipped with the program, with what was true of it. */
export interface SampleScene {
  readonly id: string
  readonly title: string
  readonly scene: Scene
  /** what a technician would have measured beside it */
  readonly levelBarMm: number
  readonly uprightBarMm: number
  readonly edgeHeightMm: number
  readonly cameraHeightMm: number
  /** diameters on it, true, mm */
  readonly trueMm: readonly number[]
}

const CRYSTAL_RADIUS_MM = 15.01

const shard = (
  centreXMm: number,
  centreYMm: number,
  fromDeg: number,
  toDeg: number,
  chips: readonly { atDeg: number; depthMm: number }[] = [],
): ScenePiece => ({
  kind: 'shard',
  centreXMm,
  centreYMm,
  heightMm: 1,
  radiusMm: CRYSTAL_RADIUS_MM,
  bevelMm: 0.3,
  fromDeg,
  toDeg,
  chips,
})

const camera = { ...PLAIN_SCENE.camera, widthPx: 2400, heightPx: 1800 }

export const SAMPLE_SCENES: readonly SampleScene[] = [
  {
    id: 'crystal-in-four',
    title: 'a mineral crystal in four pieces',
    scene: {
      pieces: [
        shard(40, 36, -172, -78, [{ atDeg: -120, depthMm: 0.5 }]),
        shard(68, 34, -74, 12),
        shard(72, 46, 14, 96, [{ atDeg: 60, depthMm: 0.7 }]),
        shard(38, 46, 98, 184),
      ],
      camera: { ...camera, heightMm: 330, tiltDeg: 7, leanDeg: 35, rollDeg: 4, blurPx: 1.1, noise: 0.012 },
      print: { x: 0.994, y: 0.9955, uncertainty: 0 },
      shadow: { depth: 0.35, xPerMm: 0.6, yPerMm: 0.4 },
      seed: 11,
    },
    levelBarMm: 99.4,
    uprightBarMm: 69.69,
    edgeHeightMm: 1,
    cameraHeightMm: 330,
    trueMm: [2 * CRYSTAL_RADIUS_MM],
  },
  {
    id: 'aluminium-insert',
    title: 'an aluminium bezel insert',
    scene: {
      pieces: [
        {
          kind: 'ring',
          centreXMm: 54,
          centreYMm: 41,
          heightMm: 0.8,
          outerRadiusMm: 18.97,
          innerRadiusMm: 15.32,
          face: 0.09,
        },
      ],
      camera: {
        ...camera,
        heightMm: 300,
        tiltDeg: 5,
        leanDeg: 200,
        rollDeg: -93,
        fieldMm: 190,
        blurPx: 1,
        noise: 0.015,
      },
      print: { x: 1.002, y: 1.001, uncertainty: 0 },
      shadow: { depth: 0.3, xPerMm: -0.5, yPerMm: 0.5 },
      seed: 12,
    },
    levelBarMm: 100.2,
    uprightBarMm: 70.07,
    edgeHeightMm: 0.8,
    cameraHeightMm: 300,
    trueMm: [37.94, 30.64],
  },
  {
    id: 'glass-gasket',
    title: 'an amber nylon ring gasket',
    scene: {
      pieces: [
        {
          kind: 'ring',
          centreXMm: 58,
          centreYMm: 42,
          heightMm: 1.5,
          outerRadiusMm: 15.55,
          innerRadiusMm: 15.04,
          face: 0.3,
        },
      ],
      camera: {
        ...camera,
        heightMm: 360,
        tiltDeg: 4,
        leanDeg: 300,
        rollDeg: 2,
        fieldMm: 140,
        blurPx: 1,
        noise: 0.01,
      },
      print: { x: 1, y: 1, uncertainty: 0 },
      shadow: { depth: 0.25, xPerMm: 0.4, yPerMm: 0.5 },
      seed: 13,
    },
    levelBarMm: 100,
    uprightBarMm: 70,
    edgeHeightMm: 1.5,
    cameraHeightMm: 360,
    trueMm: [31.1, 30.08],
  },
]
