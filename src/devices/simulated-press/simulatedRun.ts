import type { PressPoint } from '@/core/press-run/PressPoint'
import type { SeededRandom } from '../seededRandom'
import type { PressNuisances, PressScene } from './PressScene'
import { sceneForce } from './sceneForce'

/** A run as a press's cell sends it, with what is true of it. */
export interface SimulatedRun {
  readonly points: readonly PressPoint[]
  readonly scene: PressScene
}

/** The hand and the press are followed in steps of this, s. */
const STEP_S = 0.002
/** A run that goes on longer is no run, s. */
const LONGEST_S = 60
/** What is left of the way down before the crystal is met when a hand that let go comes back, mm. */
const ELASTIC_MM = 0.04
/** After a rest the force is back after so much way, mm. */
const BACK_AFTER_MM = 0.015
/** How far a hand that takes the pusher off goes back, mm. */
const GOES_BACK_MM = 0.3
/** A hand that is home stops after this, s. */
const STAYS_S = 0.25

/** Plays a run: the hand moves, the press answers, the cell reads. */
export function simulatedRun(
  scene: PressScene,
  nuisances: PressNuisances,
  random: SeededRandom,
): SimulatedRun {
  const { rateHz, jitter, speedMmPerS, wander, noiseN, zeroN, driftNPerS, backlashMm, stepMm } = nuisances
  const points: PressPoint[] = []
  const rests = [...nuisances.rests].sort((a, b) => a.atMm - b.atMm)
  let { letsGo } = nuisances
  let [atMm, deepestMm, shownMm, lost, speed, seconds, nextReading, resting, ending] = [
    0,
    0,
    0,
    0,
    speedMmPerS,
    0,
    0,
    0,
    null as number | null,
  ] as [number, number, number, number, number, number, number, number, number | null]
  let goingBackTo: number | null = null
  let broken = false
  while (seconds < LONGEST_S) {
    speed += (speedMmPerS - speed) * STEP_S * 3 + random.normal(wander * speedMmPerS * Math.sqrt(STEP_S * 6))
    speed = Math.max(0.15 * speedMmPerS, Math.min(2 * speedMmPerS, speed))
    const moving = (ending === null && resting <= 0) || (ending !== null && goingBackTo !== null)
    const move = moving ? (goingBackTo === null ? speed : -2 * speed) * STEP_S : 0
    atMm += move
    if (resting > 0) resting -= STEP_S
    if (goingBackTo !== null && atMm <= goingBackTo) goingBackTo = null
    const first = rests[0]
    if (first && atMm >= first.atMm && goingBackTo === null && atMm >= deepestMm) {
      resting = first.seconds
      rests.shift()
    }
    if (letsGo && atMm >= letsGo.atMm) {
      goingBackTo = atMm - letsGo.backMm
      letsGo = null
    }
    const wayOn = Math.max(0, atMm - deepestMm)
    deepestMm = Math.max(deepestMm, atMm)
    lost =
      moving && wayOn > 0
        ? lost * Math.exp(-wayOn / BACK_AFTER_MM)
        : resting > 0 || ending !== null
          ? lost + (nuisances.relaxes - lost) * (STEP_S / nuisances.relaxSeconds)
          : lost
    if (scene.crack && !broken && deepestMm >= scene.crack.atMm) broken = true
    const asked = sceneForce(scene, deepestMm) * (broken && scene.crack ? scene.crack.left : 1)
    const back = Math.min(1, (deepestMm - atMm) / ELASTIC_MM)
    const force = asked * (1 - lost) * (1 - back)
    // The scale follows only once its play is used up.
    shownMm = Math.max(atMm - backlashMm / 2, Math.min(atMm + backlashMm / 2, shownMm))
    if (ending === null && stops(scene, deepestMm, asked, broken)) ending = seconds
    if (seconds >= nextReading) {
      points.push({
        tMs: Math.round(seconds * 1000),
        travelMm: Math.round(Math.round(shownMm / stepMm) * stepMm * 1000) / 1000,
        forceN: Math.round((force + zeroN + driftNPerS * seconds + random.normal(noiseN)) * 10) / 10,
      })
      nextReading = seconds + (1 + random.uniform(-jitter, jitter)) / rateHz
    }
    if (ending !== null && seconds - ending > STAYS_S) {
      if (!nuisances.endsBack || atMm < deepestMm - GOES_BACK_MM) break
      goingBackTo = deepestMm - 2 * GOES_BACK_MM
    }
    seconds += STEP_S
  }
  return { points, scene }
}

function stops(scene: PressScene, deepestMm: number, askedN: number, broken: boolean): boolean {
  if (scene.crack && !broken) return false
  if (scene.crack) return deepestMm >= scene.crack.atMm + scene.crack.goesOnMm
  if (scene.givesUpAtMm !== null && deepestMm >= scene.givesUpAtMm) return true
  return deepestMm > scene.homeMm && askedN - scene.slideEndN >= scene.stopsAtN
}
