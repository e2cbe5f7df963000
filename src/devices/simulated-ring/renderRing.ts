import { randomLcg, randomNormal } from 'd3-random'
import type { GreyImage } from '@/core/photo-gauge/GreyImage'
import type { RingScene, SceneHand, TickPrint } from './RingScene'

const { hypot, sin, cos, atan2, abs, exp, round, PI, min, max } = Math

const RAD = PI / 180
const TICK_DEG = 6
/** From the ring to the camera, mm. */
const CAMERA_MM = 180
const SAMPLES = 3
const CASE = 0.12
const MIDDLE = 0.35
/** The ring's wall, and the case round it, beyond its ticks, mm. */
const RING_MARGIN_MM = 0.25
const CASE_WALL_MM = 3

/** Draws a scene, as a camera would: ticks are where geometry says, to a part of a pixel. */
export function renderRing(scene: RingScene): GreyImage {
  const { sidePx, seed, noise, uneven } = scene
  const sharp = new Float32Array(sidePx * sidePx)
  for (let y = 0; y < sidePx; y++) {
    for (let x = 0; x < sidePx; x++) {
      let sum = 0
      for (let i = 0; i < SAMPLES; i++) {
        for (let j = 0; j < SAMPLES; j++) {
          sum += lookAt(scene, x + (i + 0.5) / SAMPLES - 0.5, y + (j + 0.5) / SAMPLES - 0.5)
        }
      }
      const light = 1 + (uneven * (x - sidePx / 2)) / (sidePx / 2)
      sharp[y * sidePx + x] = (light * sum) / (SAMPLES * SAMPLES)
    }
  }
  const values = blurred(sharp, sidePx, scene.blurPx)
  const normal = randomNormal.source(randomLcg(seed))(0, noise)
  return {
    widthPx: sidePx,
    heightPx: sidePx,
    values: values.map((value) => max(0, min(1, value + normal()))),
  }
}

/** What a camera sees at a place of its picture: the ring where the ray meets it, else the dial below. */
function lookAt(scene: RingScene, px: number, py: number): number {
  const { sidePx, pxPerMm, depthMm, dial, ring, hands, glares } = scene
  // Of a camera straight above, mm to 3 and to 12.
  const [u, v] = [(px - (sidePx - 1) / 2) / pxPerMm, ((sidePx - 1) / 2 - py) / pxPerMm]
  const onRing = onPlane(scene, u, v, 0)
  const [rx, ry] = turned(onRing[0], onRing[1], -scene.caseTurnedDeg)
  let light: number
  const [fx, fy] = [rx - scene.towards3Mm, ry - scene.towards12Mm]
  const fromRing = hypot(fx, fy)
  if (fromRing > ring.innerMm - RING_MARGIN_MM) {
    if (fromRing > ring.outerMm + RING_MARGIN_MM + CASE_WALL_MM) light = CASE / 2
    else if (fromRing > ring.outerMm + RING_MARGIN_MM) light = CASE * 3
    else light = printAt(ring, fromRing, atan2(fx, fy) / RAD - scene.turnedDeg)
  } else {
    const onDial = onPlane(scene, u, v, -depthMm)
    const [dx, dy] = turned(onDial[0], onDial[1], -scene.caseTurnedDeg)
    const hand = hands.find((one) => isOnHand(one, dx, dy))
    const fromDial = hypot(dx, dy)
    light =
      hand?.face ?? (fromDial < dial.innerMm - 2 ? MIDDLE : printAt(dial, fromDial, atan2(dx, dy) / RAD))
  }
  for (const { directionDeg, fromMiddleMm, radiusMm, strength } of glares) {
    const off = hypot(u - fromMiddleMm * sin(directionDeg * RAD), v - fromMiddleMm * cos(directionDeg * RAD))
    light += strength * exp(-((off / radiusMm) ** 2))
  }
  return light
}

/** Where the ray through a place of the picture meets a plane at this height over the ring, mm. */
function onPlane(
  { tiltDeg, tiltToDeg }: RingScene,
  u: number,
  v: number,
  heightMm: number,
): readonly [number, number] {
  // Along the tilt and across it.
  const [s, c] = [sin(tiltToDeg * RAD), cos(tiltToDeg * RAD)]
  const [along, across] = [u * s + v * c, u * c - v * s]
  const [st, ct] = [sin(tiltDeg * RAD), cos(tiltDeg * RAD)]
  // The camera stands off by the tilt and looks at the ring's middle.
  const camera = { along: CAMERA_MM * st, up: CAMERA_MM * ct }
  const ray = { along: along * ct - CAMERA_MM * st, across, up: -along * st - CAMERA_MM * ct }
  const t = (heightMm - camera.up) / ray.up
  const [a, b] = [camera.along + t * ray.along, t * ray.across]
  return [a * s + b * c, a * c - b * s]
}

function turned(x: number, y: number, byDeg: number): readonly [number, number] {
  const [s, c] = [sin(byDeg * RAD), cos(byDeg * RAD)]
  return [x * c + y * s, y * c - x * s]
}

/** Ink on a tick, ground beside it. */
function printAt(print: TickPrint, radius: number, deg: number): number {
  if (radius < print.innerMm || radius > print.outerMm) return print.ground
  const tick = round(deg / TICK_DEG)
  const offMm = abs(deg - tick * TICK_DEG) * RAD * radius
  const index = ((tick % 60) + 60) % 60
  const width = index === 0 ? print.twelveWidthMm : index % 5 === 0 ? print.fifthWidthMm : print.widthMm
  return offMm < width / 2 ? print.ink : print.ground
}

function isOnHand({ directionDeg, lengthMm, widthMm }: SceneHand, x: number, y: number): boolean {
  const [s, c] = [sin(directionDeg * RAD), cos(directionDeg * RAD)]
  const [along, across] = [x * s + y * c, x * c - y * s]
  return along > -2 && along < lengthMm && abs(across) < widthMm / 2
}

/** A Gauss blur, row by row and column by column. */
function blurred(values: Float32Array, side: number, sigmaPx: number): Float32Array {
  const reach = Math.ceil(3 * sigmaPx)
  const kernel = Array.from({ length: 2 * reach + 1 }, (_, i) =>
    exp(-((i - reach) ** 2) / (2 * sigmaPx ** 2 + 1e-9)),
  )
  const total = kernel.reduce((sum, one) => sum + one, 0)
  const pass = (from: Float32Array, stepX: number, stepY: number) => {
    const to = new Float32Array(from.length)
    for (let y = 0; y < side; y++) {
      for (let x = 0; x < side; x++) {
        let sum = 0
        for (let k = -reach; k <= reach; k++) {
          const [sx, sy] = [min(side - 1, max(0, x + k * stepX)), min(side - 1, max(0, y + k * stepY))]
          sum += (kernel[k + reach] ?? 0) * (from[sy * side + sx] ?? 0)
        }
        to[y * side + x] = sum / total
      }
    }
    return to
  }
  return pass(pass(values, 1, 0), 0, 1)
}
