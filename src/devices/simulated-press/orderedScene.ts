import type { PressKind } from '@/core/press/PressStep'
import type { SeededRandom } from '../seededRandom'
import { seededRandom } from '../seededRandom'
import type { PressNuisances, PressScene } from './PressScene'
import { randomNuisances, randomScene, SIMULATED_FAULTS } from './PressScene'

/** What can be ordered: what becomes of a run, and a speck on the seat, which a good run goes down on. */
export const ORDERED_FAULTS = [...SIMULATED_FAULTS, 'dirt'] as const
export type OrderedFault = (typeof ORDERED_FAULTS)[number]

/** How high a speck is that was ordered, mm. From memory. */
const SPECK_MM = [0.1, 0.16] as const

/** What a simulated press is to do. */
export interface OrderedRun {
  readonly fault: OrderedFault
  readonly press: PressKind
  /** force this ring is expected to ask, N */
  readonly slideN: number
  /** pieces of one case have the same seat, and nearly the same way down: a whole number for each case */
  readonly caseSeed: number
}

/** Hand speeds, mm/s: a lever goes as fast as the arm, a screw as its thread lets it. From memory. */
const SPEEDS: Readonly<Record<PressKind, readonly [number, number]>> = {
  lever: [0.45, 0.9],
  screw: [0.2, 0.4],
}
const RATE_HZ = 40
/** Runs of one case differ by this, standard deviations, shares: in force, in ramp, in way. From memory. */
const FORCE_SPREAD = 0.08
const RAMP_SPREAD = 0.05
const WAY_SPREAD = 0.03

/** A run on a given case: its seat is the case's, its force the one to expect, the rest is chance. */
export function orderedScene(
  { fault, press, slideN, caseSeed }: OrderedRun,
  random: SeededRandom,
): { scene: PressScene; nuisances: PressNuisances } {
  const ofCase = randomScene('none', seededRandom(caseSeed))
  const own = randomScene(fault === 'dirt' ? 'none' : fault, random)
  const speckMm = fault === 'dirt' ? random.uniform(...SPECK_MM) : 0
  const ramp = (ofCase.slideMm - ofCase.contactMm) * (1 + random.normal(RAMP_SPREAD))
  const way = (ofCase.homeMm - ofCase.slideMm) * (1 + random.normal(WAY_SPREAD))
  const slideMm = own.contactMm + ramp
  const ownWay = own.homeMm - own.slideMm
  // What happens along the way happens at the same part of it, and what happens on the seat at the same depth.
  const moved = (mm: number) =>
    mm <= own.homeMm ? slideMm + ((mm - own.slideMm) / ownWay) * way : slideMm + way + (mm - own.homeMm)
  const startN = fault === 'loose' ? own.slideStartN : slideN * (1 + random.normal(FORCE_SPREAD))
  const scene: PressScene = {
    ...own,
    slideMm,
    homeMm: slideMm + way - speckMm,
    slideStartN: startN,
    slideEndN: startN * (ofCase.slideEndN / ofCase.slideStartN),
    seatStiffness: ofCase.seatStiffness,
    hump: own.hump && { ...own.hump, lengthMm: (own.hump.lengthMm / ownWay) * way },
    crack: own.crack && { ...own.crack, atMm: moved(own.crack.atMm) },
    givesUpAtMm: own.givesUpAtMm === null ? null : moved(own.givesUpAtMm),
  }
  const [slow, quick] = SPEEDS[press]
  const speedMmPerS = random.uniform(slow, quick)
  return { scene, nuisances: { ...randomNuisances(scene, random), speedMmPerS, rateHz: RATE_HZ } }
}
