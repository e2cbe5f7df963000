import type { DryRow } from '@/core/dry-test/DryTrace'
import type { OrderedDry } from '@/core/dry-test/simulatedOrders'
import { seededRandom } from '../seededRandom'

/** A simulated test of a case, or a blank run. */
export interface DryOrder {
  readonly kind: 'test' | 'blank'
  readonly does: OrderedDry
  readonly pressureBar: number
  readonly airCm3: number
  /** the same tester drifts alike, the same case goes in alike */
  readonly testerSeed: number
  readonly caseSeed: number
  /** another one each time */
  readonly runSeed: number
}

const FLOW_UG_PER_MIN: Readonly<Record<OrderedDry, number>> = {
  tight: 6,
  leaks: 420,
  'wide open': 2e6,
  'near the limit': 52,
  'too short': 6,
  'stops midway': 6,
}
const AT_REST_S = 40
const PUMP_S = 4
const HOLD_S = 300
const SHORT_S = 25
const BLANK_S = 360
/** µg/min times s that a cm³ at a bar and 20 °C holds: 1.5 cm³ at 2 bar take 4278 s at 50. */
const HELD = (50 * 4278) / 3
const NOISE_UM = 0.02

/** What a simulated tester records, a sample a second: s, bar, µm. */
export function orderedDryRows(order: DryOrder): DryRow[] {
  const { kind, does, pressureBar, airCm3, testerSeed, caseSeed, runSeed } = order
  const tester = seededRandom(1000 + testerSeed)
  const [rate, warm, warmS] = [
    tester.uniform(-2e-4, 4e-4),
    tester.uniform(0.05, 0.2),
    tester.uniform(80, 300),
  ]
  const random = seededRandom(runSeed)
  const [ownRate, ownWarm] = [rate + random.normal(8e-6), warm + random.normal(0.003)]
  const umPerBar = seededRandom(2000 + caseSeed).uniform(1.8, 3.5) * (1 + random.normal(0.03))
  const tauS = (HELD * airCm3 * pressureBar) / FLOW_UG_PER_MIN[does]
  const drift = (t: number) => ownRate * t + ownWarm * (1 - Math.exp(-t / warmS)) + random.normal(NOISE_UM)
  if (kind === 'blank') return Array.from({ length: BLANK_S + 1 }, (_, t) => rowOf(t, 0, drift(t)))
  const lastS = AT_REST_S + PUMP_S + (does === 'too short' ? SHORT_S : HOLD_S)
  const rows = Array.from({ length: lastS + 6 }, (_, t) => {
    const stood = t - AT_REST_S - PUMP_S
    const share = Math.min(1, Math.max(0, (t - AT_REST_S) / PUMP_S))
    const bar = t > lastS ? 0 : pressureBar * share
    const back = Math.exp(-Math.max(0, stood + PUMP_S / 2) / tauS)
    // Warmed by the test itself: what it showed at rest goes on from there.
    return rowOf(t, bar, umPerBar * bar * back + drift(Math.max(0, stood)))
  })
  // Its battery gives out, and comes back as the pressure is gone.
  if (does === 'stops midway') return rows.filter(([t]) => t < AT_REST_S + 30 || t > lastS + 2)
  return rows
}

function rowOf(tS: number, bar: number, um: number): DryRow {
  return [tS, Number(bar.toFixed(3)), Number(um.toFixed(4))]
}

/** The same as a tester writes it: a line of names, then a line a sample. */
export function orderedDryCsv(order: DryOrder): string {
  return [
    'time_s,pressure_bar,deformation_um',
    ...orderedDryRows(order).map(([tS, bar, um]) => `${tS},${bar},${um}`),
  ].join('\n')
}
