import { requirePositive } from '../guard/require'

/** J/(mol·K). @source CODATA 2018 */
const GAS_CONSTANT = 8.314462618
/** Of dry air, kg/mol. @source ISO 2533 */
const AIR_KG_PER_MOL = 0.0289644
const ZERO_CELSIUS_K = 273.15
const UG_PER_MIN_IN_KG_PER_S = 1e-9 / 60
const CM3_IN_M3 = 1e-6
const BAR_IN_PA = 1e5

/** The air in a case under test. */
export interface CaseAir {
  /** free inside, cm³ */
  readonly volumeCm3: number
  /** of the tester against the inside of the case, either way, bar */
  readonly pressureBar: number
  readonly temperatureC: number
}

/**
 * A leak's mass flow as pressure times volume a second, Pa·m³/s.
 * @source ideal gas: q·R·T/M
 * @example flowPaM3PerS(50, 20) // 7.01e-5
 */
export function flowPaM3PerS(ugPerMin: number, temperatureC: number): number {
  return (ugPerMin * UG_PER_MIN_IN_KG_PER_S * GAS_CONSTANT * (temperatureC + ZERO_CELSIUS_K)) / AIR_KG_PER_MOL
}

/**
 * How fast pressure equalises through a leak: the time in which the difference falls to 1/e, s.
 * @param ugPerMin - of air while the whole difference stands, > 0
 * @source ideal gas: τ = V·Δp·M/(q·R·T)
 * @example timeConstantS(50, { volumeCm3: 1.5, pressureBar: 2, temperatureC: 20 }) // 4278
 */
export function timeConstantS(ugPerMin: number, air: CaseAir): number {
  requirePositive('ugPerMin', ugPerMin, 'µg/min')
  return pressureVolume(air) / flowPaM3PerS(ugPerMin, air.temperatureC)
}

/** The mass flow that equalises so fast, µg/min of air. @param timeConstant - s, > 0 */
export function flowUgPerMin(timeConstant: number, air: CaseAir): number {
  requirePositive('timeConstant', timeConstant, 's')
  return pressureVolume(air) / timeConstant / flowPaM3PerS(1, air.temperatureC)
}

function pressureVolume({ volumeCm3, pressureBar }: CaseAir): number {
  requirePositive('volumeCm3', volumeCm3, 'cm³')
  requirePositive('pressureBar', pressureBar, 'bar')
  return volumeCm3 * CM3_IN_M3 * pressureBar * BAR_IN_PA
}
