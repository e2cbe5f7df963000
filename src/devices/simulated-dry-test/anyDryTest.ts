import type { SeededRandom } from '../seededRandom'

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
  readonly driftUmPerS: number
  readonly usualDriftUmPerS: number
  readonly driftSpreadUmPerS: number
  readonly noiseUm: number
  readonly lastsS: number
  readonly everyS: number
}

const LEAST_FLOW = 2
const DECADES = 4
const SHARE_GROSS = 0.08
const GROSS_FLOW = 5e5
/** µg/min times s that a cm³ at a bar and 20 °C holds: 1.5 cm³ at 2 bar take 4278 s at 50. */
const HELD = (50 * 4278) / 3

/** Any case on any tester: leaks over four decades, some wide open, drifts known more or less well, long and short. */
export function anyDryTest(random: SeededRandom): DryScene {
  const isGross = random.uniform(0, 1) < SHARE_GROSS
  const flowUgPerMin = isGross ? GROSS_FLOW : LEAST_FLOW * 10 ** random.uniform(0, DECADES)
  const [volumeCm3, pressureBar] = [random.uniform(0.8, 4), random.uniform(2, 10)]
  const usualDeformationUm = random.uniform(3, 15)
  const deformationSpreadUm = 0.1 * usualDeformationUm
  const driftSpreadUmPerS = 10 ** random.uniform(-5.3, -3.7)
  const usualDriftUmPerS = random.uniform(-0.0008, 0.0008)
  return {
    volumeCm3,
    pressureBar,
    temperatureC: 20,
    deformationUm: usualDeformationUm + random.normal(deformationSpreadUm),
    usualDeformationUm,
    deformationSpreadUm,
    tauS: (HELD * volumeCm3 * pressureBar) / flowUgPerMin,
    flowUgPerMin,
    driftUmPerS: usualDriftUmPerS + random.normal(driftSpreadUmPerS),
    usualDriftUmPerS,
    driftSpreadUmPerS,
    noiseUm: random.uniform(0.01, 0.05),
    lastsS: random.uniform(40, 900),
    everyS: random.uniform(0.5, 2),
  }
}

/** What a tester shows of it, sample by sample. */
export function dryRecordOf(
  scene: DryScene,
  random: SeededRandom,
): { readonly timesS: number[]; readonly deformationUm: number[] } {
  const { lastsS, everyS, deformationUm, tauS, driftUmPerS, noiseUm } = scene
  const timesS = Array.from({ length: Math.floor(lastsS / everyS) + 1 }, (_, i) => i * everyS)
  return {
    timesS,
    // The pressure has stood for a sample's time before the first is taken.
    deformationUm: timesS.map(
      (t) => deformationUm * Math.exp(-(t + everyS) / tauS) + driftUmPerS * t + random.normal(noiseUm),
    ),
  }
}
