import type { RingScene, TickPrint } from './RingScene'

export interface SampleRing {
  readonly id: string
  readonly title: string
  readonly scene: RingScene
}

const SIDE_PX = 900
const WIDE = { widthMm: 0.2, fifthWidthMm: 0.45, twelveWidthMm: 1.1 }
const DIAL: TickPrint = { innerMm: 13, outerMm: 14.2, ...WIDE, ink: 0.75, ground: 0.05 }
const RING: TickPrint = { innerMm: 14.6, outerMm: 15.9, ...WIDE, ink: 0.7, ground: 0.08 }
const NO_MARK = { twelveWidthMm: WIDE.fifthWidthMm }

const PLAIN: RingScene = {
  sidePx: SIDE_PX,
  pxPerMm: SIDE_PX / 42,
  dial: DIAL,
  ring: RING,
  caseTurnedDeg: 0.6,
  turnedDeg: 0,
  towards3Mm: 0,
  towards12Mm: 0,
  depthMm: 1.2,
  tiltDeg: 0.5,
  tiltToDeg: 200,
  hands: [
    { directionDeg: 305, lengthMm: 8.5, widthMm: 1.4, face: 0.6 },
    { directionDeg: 54, lengthMm: 13.6, widthMm: 1, face: 0.6 },
    { directionDeg: 170, lengthMm: 14, widthMm: 0.25, face: 0.6 },
  ],
  glares: [],
  blurPx: 1.1,
  uneven: 0.15,
  noise: 0.008,
  seed: 0.25,
}
const GLARE_AT_12 = { directionDeg: 0, fromMiddleMm: 14.4, radiusMm: 3.4, strength: 2 }
const TILTED = { turnedDeg: 0.4, tiltDeg: 4, tiltToDeg: 40, depthMm: 2 }

const scene = (over: Partial<RingScene>): RingScene => ({ ...PLAIN, ...over })

/** Heads from above to try the reading with, each with what is true of it. */
export const SAMPLE_RINGS: readonly SampleRing[] = [
  { id: 'straight', title: 'straight', scene: scene({}) },
  { id: 'turned', title: 'turned', scene: scene({ turnedDeg: 0.92 }) },
  { id: 'off-centre', title: 'off-centre', scene: scene({ towards3Mm: 0.14, towards12Mm: -0.05 }) },
  {
    id: 'both',
    title: 'turned and off-centre',
    scene: scene({ turnedDeg: -0.74, towards3Mm: -0.1, towards12Mm: 0.08 }),
  },
  {
    id: 'dark-on-pale',
    title: 'dark ticks on a pale dial',
    scene: scene({ turnedDeg: 1.3, dial: { ...DIAL, ink: 0.05, ground: 0.75 } }),
  },
  { id: 'tick-further', title: 'more than half a tick', scene: scene({ turnedDeg: 4.1 }) },
  {
    id: 'no-twelve',
    title: '60 equal ticks, no 12',
    scene: scene({
      turnedDeg: 0.5,
      dial: { ...DIAL, ...NO_MARK },
      ring: { ...RING, ...NO_MARK, fifthWidthMm: RING.widthMm },
    }),
  },
  { id: 'glare-at-12', title: 'glare on the 12', scene: scene({ turnedDeg: 0.8, glares: [GLARE_AT_12] }) },
  {
    id: 'hand-over-12',
    title: 'hands over the 12',
    scene: scene({
      turnedDeg: -0.3,
      hands: [0, 0, 1].map((directionDeg, i) => ({
        directionDeg,
        lengthMm: 14.2,
        widthMm: 2 - i / 2,
        face: 0.6,
      })),
    }),
  },
  { id: 'tilted', title: 'camera tilted', scene: scene(TILTED) },
  {
    id: 'tilted-half-turn',
    title: 'tilted, head turned by half',
    scene: scene({ ...TILTED, caseTurnedDeg: 180.6 }),
  },
  { id: 'blurred', title: 'out of focus', scene: scene({ turnedDeg: -1.6, blurPx: 1.8, uneven: 0.4 }) },
]
