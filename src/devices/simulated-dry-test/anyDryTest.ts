import type { SeededRandom } from '../seededRandom'

/** A tester as it warms: a rate that stays, and one that dies away; each time a little otherwise. */
export interface DryTester {
  readonly umPerS: number
  readonly spreadUmPerS: number
  /** how far warming carries it in the end, µm */
  readonly warmUm: number
  readonly spreadWarmUm: number
  /** s in which that falls to 1/e */
  readonly warmS: number
}

/** A case under a tester, as it truly is. */
export interface DryScene {
  readonly volumeCm3: number
  readonly pressureBar: number
  readonly temperatureC: number
  /** how far this case goes in, µm; most earlier ones like it were off by `deformationSpreadUm` */
  readonly deformationUm: number
  readonly usualDeformationUm: number
  readonly deformationSpreadUm: number
  /** s in which the difference of pressure falls to 1/e */
  readonly tauS: number
  /** µg/min of air while the whole difference stands */
  readonly flowUgPerMin: number
  readonly tester: DryTester
  readonly noiseUm: number
  readonly lastsS: number
  readonly everyS: number
  /** blank runs that were made before, each as long as this record or longer */
  readonly blankRuns: number
}

const LEAST_FLOW = 2
const DECADES = 4
const SHARE_GROSS = 0.08
const GROSS_FLOW = 5e5
/** Leaks about the limit, of which most is asked: between a fifth of it and five times as much. */
const SHARE_NEAR = 0.3
const [NEAR_FROM, NEAR_TO] = [10, 250]
/** µg/min times s that a cm³ at a bar and 20 °C holds: 1.5 cm³ at 2 bar take 4278 s at 50. */
const HELD = (50 * 4278) / 3

/** Any case on any tester: leaks over four decades, many near the limit, some wide open, drifts that bend, long and short. */
export function anyDryTest(random: SeededRandom): DryScene {
  const flowUgPerMin = anyFlow(random)
  const [volumeCm3, pressureBar] = [random.uniform(0.8, 4), random.uniform(2, 10)]
  const usualDeformationUm = random.uniform(3, 15)
  const deformationSpreadUm = 0.1 * usualDeformationUm
  const unsteady = 10 ** random.uniform(-5.3, -3.7)
  return {
    ...{ volumeCm3, pressureBar, temperatureC: 20 },
    deformationUm: usualDeformationUm + random.normal(deformationSpreadUm),
    usualDeformationUm,
    deformationSpreadUm,
    tauS: (HELD * volumeCm3 * pressureBar) / flowUgPerMin,
    flowUgPerMin,
    tester: {
      umPerS: random.uniform(-0.0008, 0.0008),
      spreadUmPerS: unsteady,
      warmUm: random.uniform(-0.3, 0.3),
      spreadWarmUm: 200 * unsteady,
      warmS: random.uniform(60, 600),
    },
    noiseUm: random.uniform(0.01, 0.05),
    lastsS: random.uniform(40, 900),
    everyS: random.uniform(0.5, 2),
    blankRuns: 3 + random.index(6),
  }
}

function anyFlow(random: SeededRandom): number {
  const kind = random.uniform(0, 1)
  if (kind < SHARE_GROSS) return GROSS_FLOW
  if (kind < SHARE_GROSS + SHARE_NEAR) return NEAR_FROM * (NEAR_TO / NEAR_FROM) ** random.uniform(0, 1)
  return LEAST_FLOW * 10 ** random.uniform(0, DECADES)
}

/** What a tester shows, sample by sample. */
export interface ShownRun {
  readonly timesS: number[]
  readonly shownUm: number[]
}

/** What it shows of something that does not move, as long as a record lasts or longer. */
export function blankRunOf(scene: DryScene, random: SeededRandom): ShownRun {
  return shown({ ...scene, lastsS: scene.lastsS * random.uniform(1, 1.3) }, random, () => 0)
}

/** What it shows of the case. */
export function dryRecordOf(scene: DryScene, random: SeededRandom): ShownRun {
  const { deformationUm, tauS, everyS } = scene
  // The pressure has stood for a sample's time before the first is taken.
  return shown(scene, random, (t) => deformationUm * Math.exp(-(t + everyS) / tauS))
}

function shown(
  { tester, lastsS, everyS, noiseUm }: DryScene,
  random: SeededRandom,
  of: (t: number) => number,
): ShownRun {
  const umPerS = tester.umPerS + random.normal(tester.spreadUmPerS)
  const warmUm = tester.warmUm + random.normal(tester.spreadWarmUm)
  const timesS = Array.from({ length: Math.floor(lastsS / everyS) + 1 }, (_, i) => i * everyS)
  return {
    timesS,
    shownUm: timesS.map(
      (t) => of(t) + umPerS * t + warmUm * (1 - Math.exp(-t / tester.warmS)) + random.normal(noiseUm),
    ),
  }
}
