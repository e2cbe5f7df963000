import { randomLcg, randomNormal } from 'd3-random'
import type { Scene, SceneCamera } from './Scene'
import { faceAt, groundAt, isNear, lightAt, wallOf } from './sceneLook'

// Taken out of the global once: looking Math up for every pixel costs more than the sum itself in a test's sandbox.
const { min, max, sqrt, ceil, floor, round, exp, cos, sin, tan } = Math

export interface Photograph {
  readonly widthPx: number
  readonly heightPx: number
  /** four bytes a pixel */
  readonly rgba: Uint8ClampedArray
}

/** What the camera looks at, sheet coordinates, mm. */
const AIM = { xMm: 57, yMm: 43 }
/** Levels of a wall looked for between face and paper. */
const WALL_LEVELS = 4
/** Light falls off to the corners of the picture by this part. */
const FALL_OFF = 0.18
/** Light is stronger on one side of the table by this part. */
const SIDE_LIGHT = 0.15
/** Warm lamp: what red, green and blue get of the brightness. */
const LAMP = [1, 0.97, 0.9] as const

/**
 * A photograph of the gauge sheet with pieces on it, with everything a hand-held camera adds: tilt, fall-off, shadow,
 * blur, noise. Rays are followed from the lens to face, wall or paper, so that height over the paper shows as it does.
 * @param samples - rays a pixel in each direction
 */
export function renderPhotograph(scene: Scene, samples = 2): Photograph {
  const { widthPx, heightPx, blurPx } = scene.camera
  const light = new Float32Array(widthPx * heightPx)
  const ray = rayOf(scene.camera)
  const share = 1 / (samples * samples)
  for (let y = 0; y < heightPx; y++) {
    for (let x = 0; x < widthPx; x++) {
      let sum = 0
      for (let j = 0; j < samples; j++) {
        for (let i = 0; i < samples; i++) {
          const offset = (k: number) => (k + 0.5) / samples - 0.5
          sum += brightness(scene, ray(x + offset(i), y + offset(j)))
        }
      }
      light[y * widthPx + x] = sum * share * lampAt(scene.camera, x, y)
    }
  }
  return developed(blurred(light, widthPx, heightPx, blurPx), scene)
}

/** A ray: where it meets the paper, and how that place moves toward the lens for every mm of height. */
interface Ray {
  readonly xMm: number
  readonly yMm: number
  readonly slopeX: number
  readonly slopeY: number
}

function rayOf(camera: SceneCamera): (x: number, y: number) => Ray {
  const radians = (deg: number) => (deg * Math.PI) / 180
  const [tilt, lean, roll] = [radians(camera.tiltDeg), radians(camera.leanDeg), radians(camera.rollDeg)]
  const h = camera.heightMm
  const [cosTilt, sinTilt] = [cos(tilt), sin(tilt)]
  const [cosLean, sinLean] = [cos(lean), sin(lean)]
  // The lens stands back from the aim, so that the aim stays in the middle of the picture.
  const footX = AIM.xMm - h * tan(tilt) * cosLean
  const footY = AIM.yMm - h * tan(tilt) * sinLean
  const focalPx = (camera.widthPx * (h / cosTilt)) / camera.fieldMm
  const [cosRoll, sinRoll] = [cos(roll) / focalPx, sin(roll) / focalPx]
  const [middleX, middleY] = [(camera.widthPx - 1) / 2, (camera.heightPx - 1) / 2]
  return (x, y) => {
    const px = x - middleX
    const py = y - middleY
    const u = px * cosRoll - py * sinRoll
    const v = px * sinRoll + py * cosRoll
    // Along the lean and across it; the camera is tipped about the across direction.
    const along = u * cosLean + v * sinLean
    const across = -u * sinLean + v * cosLean
    const down = cosTilt - along * sinTilt
    const forward = along * cosTilt + sinTilt
    const dx = (forward * cosLean - across * sinLean) / down
    const dy = (forward * sinLean + across * cosLean) / down
    return { xMm: footX + dx * h, yMm: footY + dy * h, slopeX: -dx, slopeY: -dy }
  }
}

function brightness(scene: Scene, ray: Ray): number {
  for (const piece of scene.pieces) {
    if (!isNear(piece, ray.xMm, ray.yMm)) continue
    const face = faceAt(piece, ray.xMm + ray.slopeX * piece.heightMm, ray.yMm + ray.slopeY * piece.heightMm)
    if (face !== null) return face
    for (let level = WALL_LEVELS - 1; level >= 0; level--) {
      const z = (piece.heightMm * level) / WALL_LEVELS
      if (faceAt(piece, ray.xMm + ray.slopeX * z, ray.yMm + ray.slopeY * z) !== null) return wallOf(piece)
    }
  }
  return groundAt(scene, ray.xMm, ray.yMm) * lightAt(scene, ray.xMm, ray.yMm)
}

function lampAt({ widthPx, heightPx }: SceneCamera, x: number, y: number): number {
  const [u, v] = [(2 * x) / widthPx - 1, (2 * y) / heightPx - 1]
  return (1 - (FALL_OFF * (u * u + v * v)) / 2) * (1 - (SIDE_LIGHT * (u + 1)) / 2)
}

function blurred(light: Float32Array, widthPx: number, heightPx: number, sigma: number): Float32Array {
  if (sigma === 0) return light
  const reach = ceil(3.5 * sigma)
  const weights = Array.from({ length: 2 * reach + 1 }, (_, i) => exp(-((i - reach) ** 2) / (2 * sigma ** 2)))
  const total = weights.reduce((sum, w) => sum + w, 0)
  const along = (from: Float32Array, step: number, length: number, lines: number, lineStep: number) => {
    const to = new Float32Array(from.length)
    for (let line = 0; line < lines; line++) {
      for (let i = 0; i < length; i++) {
        let sum = 0
        for (let k = -reach; k <= reach; k++) {
          const at = min(length - 1, max(0, i + k))
          sum += (weights[k + reach] ?? 0) * (from[line * lineStep + at * step] ?? 0)
        }
        to[line * lineStep + i * step] = sum / total
      }
    }
    return to
  }
  return along(along(light, 1, widthPx, heightPx, widthPx), widthPx, heightPx, widthPx, 1)
}

function developed(light: Float32Array, { camera, seed }: Scene): Photograph {
  const { widthPx, heightPx, noise } = camera
  const chance = randomLcg(seed / 1000)
  const draw = randomNormal.source(chance)(0, 1)
  const draws = Float32Array.from({ length: DRAWS }, draw)
  const [red, green, blue] = LAMP
  const rgba = new Uint8ClampedArray(light.length * 4)
  for (let y = 0; y < heightPx; y++) {
    const from = floor(DRAWS * chance())
    for (let x = 0; x < widthPx; x++) {
      const i = y * widthPx + x
      const value = light[i] ?? 0
      // Shot noise grows with the root of the light; a little is there in the dark.
      const noisy = value + noise * (draws[(from + x) % DRAWS] ?? 0) * sqrt(0.05 + value)
      rgba[4 * i] = coded(noisy * red)
      rgba[4 * i + 1] = coded(noisy * green)
      rgba[4 * i + 2] = coded(noisy * blue)
      rgba[4 * i + 3] = 255
    }
  }
  return { widthPx, heightPx, rgba }
}

/** Deviates drawn a picture: each row begins at another of them, so that no two neighbours are alike. */
const DRAWS = 65_521

/** Steps the curve is laid out in: finer than a byte everywhere. */
const CODE_STEPS = 65_535
const CODES = Float32Array.from({ length: CODE_STEPS + 1 }, (_, i) => {
  const value = i / CODE_STEPS
  return 255 * (value <= 0.0031308 ? 12.92 * value : 1.055 * value ** (1 / 2.4) - 0.055)
})

/** Linear light to sRGB's byte. @source IEC 61966-2-1 */
function coded(linear: number): number {
  return CODES[round(CODE_STEPS * min(1, max(0, linear)))] ?? 0
}
