import { randomLcg, randomUniform } from 'd3-random'
import type { RingScene, TickPrint } from './RingScene'

const PALE = 0.75
const DARK = 0.06
/** Blur is of a picture this large, px. */
const USUAL_SIDE_PX = 900
/** Of a turned ring: up to a whole tick either way. */
const MOST_TURN_DEG = 6
const MOST_TILT_DEG = 4

/** A scene as a bench has them, by chance: the same for the same seed. */
export function anyScene(seed: number, sidePx: number): RingScene {
  const random = randomLcg(seed)
  const between = (low: number, high: number) => randomUniform.source(random)(low, high)()
  const oneIn = (n: number) => random() < 1 / n
  const print = (innerMm: number, outerMm: number): TickPrint => {
    const widthMm = between(0.14, 0.28)
    const fifthWidthMm = widthMm * between(1.6, 3)
    const isPale = oneIn(2)
    return {
      innerMm,
      outerMm,
      widthMm,
      fifthWidthMm,
      twelveWidthMm: fifthWidthMm * between(1.7, 2.6),
      ink: isPale ? PALE : DARK,
      ground: isPale ? DARK : PALE,
    }
  }
  const dialOuterMm = between(12.4, 13.6)
  const ringInnerMm = dialOuterMm + between(0.35, 0.7)
  return {
    sidePx,
    pxPerMm: sidePx / between(38, 44),
    dial: print(dialOuterMm - between(0.8, 1.6), dialOuterMm),
    ring: print(ringInnerMm, ringInnerMm + between(0.8, 1.6)),
    caseTurnedDeg: between(-4, 4),
    turnedDeg: between(-MOST_TURN_DEG, MOST_TURN_DEG),
    towards3Mm: between(-0.2, 0.2),
    towards12Mm: between(-0.2, 0.2),
    depthMm: between(0.4, 2),
    tiltDeg: between(0, MOST_TILT_DEG),
    tiltToDeg: between(0, 360),
    hands: [
      { directionDeg: between(0, 360), lengthMm: 8.5, widthMm: 1.4, face: between(0, 1) },
      {
        directionDeg: between(0, 360),
        lengthMm: dialOuterMm - between(0, 1),
        widthMm: 1,
        face: between(0, 1),
      },
      { directionDeg: between(0, 360), lengthMm: dialOuterMm, widthMm: 0.25, face: between(0, 1) },
    ],
    glares: oneIn(2)
      ? [
          {
            directionDeg: between(0, 360),
            fromMiddleMm: between(4, 15),
            radiusMm: between(1.5, 3.5),
            strength: between(0.5, 2),
          },
        ]
      : [],
    blurPx: (between(0.6, 2.2) * sidePx) / USUAL_SIDE_PX,
    uneven: between(0, 0.4),
    noise: between(0.004, 0.02),
    seed: seed / 2 + 0.1,
  }
}
