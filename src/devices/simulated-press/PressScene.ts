import type { SeededRandom } from '../seededRandom'

/** What becomes of a simulated run. */
export const SIMULATED_FAULTS = ['none', 'cocked', 'loose', 'over-pressed', 'cracked', 'not-home'] as const
export type SimulatedFault = (typeof SIMULATED_FAULTS)[number]

/** What a press does to a crystal as its pusher comes down. Positions are of the pusher, mm from where it starts. */
export interface PressScene {
  readonly fault: SimulatedFault
  /** the pusher meets the crystal */
  readonly contactMm: number
  /** the ring is filled and the crystal begins to slide, and comes to lie on its seat */
  readonly slideMm: number
  readonly homeMm: number
  /** force at the start and at the end of the slide, N */
  readonly slideStartN: number
  readonly slideEndN: number
  /** stick and slip, share of the force, and its period, mm */
  readonly stickSlip: number
  readonly stickSlipMm: number
  /** what seat and case give under the pusher once home, N/mm */
  readonly seatStiffness: number
  /** force over that of the slide at which the hand stops, N */
  readonly stopsAtN: number
  /** of one that is cocked: how far over the slide's force it climbs before it falls in, share, and over how long, mm */
  readonly hump: { readonly share: number; readonly lengthMm: number } | null
  /** where it cracks, and what of the force is left; null where it does not */
  readonly crack: { readonly atMm: number; readonly left: number; readonly goesOnMm: number } | null
  /** where the hand stops though it is not home; null where it does not */
  readonly givesUpAtMm: number | null
}

/** What hand, cell and scale do to a run. */
export interface PressNuisances {
  /** readings a second, the mean */
  readonly rateHz: number
  /** how uneven they come, share */
  readonly jitter: number
  /** hand speed, mm/s, and how it wanders, share */
  readonly speedMmPerS: number
  readonly wander: number
  readonly noiseN: number
  readonly zeroN: number
  /** N/s */
  readonly driftNPerS: number
  readonly backlashMm: number
  readonly stepMm: number
  /** where the hand rests, and for how long, s */
  readonly rests: readonly { readonly atMm: number; readonly seconds: number }[]
  /** where it lets go, how far it goes back, mm; null where it does not */
  readonly letsGo: { readonly atMm: number; readonly backMm: number } | null
  /** whether the record goes on while the pusher is taken off */
  readonly endsBack: boolean
  /** share of the force that is lost while it rests, and how fast, s */
  readonly relaxes: number
  readonly relaxSeconds: number
}

/** Share of its force that a force which is no crack loses over a millimetre at most. */
const SLOWEST_CRACK_PER_MM = 3.6
/** Part of a hump along which the force falls. */
const FALLING = 0.45

/** A scene of one kind with everything else by chance. Ranges from memory. */
export function randomScene(fault: SimulatedFault, random: SeededRandom): PressScene {
  const contactMm = random.uniform(0.12, 0.5)
  const slideMm = contactMm + random.uniform(0.1, 0.4)
  const lengthMm = random.uniform(0.3, 1.3)
  const homeMm = slideMm + lengthMm
  const slideStartN = fault === 'loose' ? random.uniform(0, 14) : random.uniform(60, 600)
  const scene: PressScene = {
    fault,
    contactMm,
    slideMm,
    homeMm,
    slideStartN,
    slideEndN: slideStartN * (1 + random.uniform(-0.12, 0.25)),
    stickSlip: random.uniform(0, 0.12),
    stickSlipMm: random.uniform(0.03, 0.12),
    seatStiffness: random.uniform(1500, 6000),
    stopsAtN: fault === 'over-pressed' ? random.uniform(260, 800) : random.uniform(50, 140),
    hump: null,
    crack: null,
    givesUpAtMm: null,
  }
  switch (fault) {
    case 'cocked': {
      const hump = Math.min(0.85 * lengthMm, random.uniform(0.3, 0.8))
      // It tips in over some way: a force that falls by a fifth within .05 mm is what a crack does.
      const most = SLOWEST_CRACK_PER_MM * FALLING * hump
      const share = Math.min(random.uniform(0.5, 1.4), most < 1 ? most / (1 - most) : Infinity)
      return { ...scene, hump: { share, lengthMm: hump } }
    }
    case 'cracked': {
      const atHome = random.uniform(0, 1) < 0.4
      const atMm = atHome ? homeMm + random.uniform(0.005, 0.03) : random.uniform(slideMm, homeMm)
      return {
        ...scene,
        stopsAtN: random.uniform(120, 300),
        crack: { atMm, left: random.uniform(0.1, 0.65), goesOnMm: random.uniform(0, 0.15) },
      }
    }
    case 'not-home':
      return { ...scene, givesUpAtMm: slideMm + lengthMm * random.uniform(0.3, 0.88) }
    default:
      return scene
  }
}

/** Nuisances by chance: rests in a third of the runs, letting go in one of six. Ranges from memory. */
export function randomNuisances(scene: PressScene, random: SeededRandom): PressNuisances {
  const somewhere = () => random.uniform(scene.contactMm + 0.05, scene.homeMm - 0.05)
  return {
    rateHz: random.uniform(20, 60),
    jitter: random.uniform(0, 0.3),
    speedMmPerS: random.uniform(0.25, 0.9),
    wander: random.uniform(0.1, 0.5),
    noiseN: random.uniform(1, 4),
    zeroN: random.uniform(-5, 5),
    driftNPerS: random.uniform(-0.6, 0.6),
    backlashMm: random.uniform(0, 0.05),
    stepMm: 0.01,
    rests:
      random.uniform(0, 1) < 1 / 3
        ? Array.from({ length: 1 + random.index(2) }, () => ({
            atMm: somewhere(),
            seconds: random.uniform(0.4, 2),
          }))
        : [],
    letsGo: random.uniform(0, 1) < 1 / 6 ? { atMm: somewhere(), backMm: random.uniform(0.1, 0.4) } : null,
    endsBack: random.uniform(0, 1) < 0.5,
    relaxes: random.uniform(0.03, 0.18),
    relaxSeconds: random.uniform(0.3, 1.2),
  }
}
