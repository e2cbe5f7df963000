import type { WaterClass } from '../intake/waterClass'
import { testPressure } from '../intake/waterClass'
import { formatMm } from '../units/formatMm'

/** What a tester can do. */
export interface TesterLimits {
  readonly name: string
  readonly mostBar: number
}

/** At which pressure a piece without a stated class may be tried, bar: as far as a hand under water goes. From memory */
const NO_CLASS_BAR = 3
/** As far as a stated pressure may be passed: testers do not stop to the point. From memory */
const OVER_SHARE = 1.05

/** At which pressure a piece is tested here: its own, as far as the tester goes. */
export function plannedPressureBar(piece: WaterClass, { mostBar }: Pick<TesterLimits, 'mostBar'>): number {
  return Math.min(testPressure(piece)?.bar ?? NO_CLASS_BAR, mostBar)
}

/** Why a piece is not to be put under this pressure; null where it may be. */
export function againstPressure(bar: number, piece: WaterClass, tester: TesterLimits): string | null {
  const over = Math.abs(bar)
  if (over > tester.mostBar * OVER_SHARE)
    return `Pressure ${barText(over)} bar: ${tester.name} goes to ${barText(tester.mostBar)} bar. Lower it, or take another tester.`
  const stated = testPressure(piece)
  const most = stated?.bar ?? NO_CLASS_BAR
  if (over <= most * OVER_SHARE) return null
  return stated
    ? `Pressure ${barText(over)} bar: this piece is tested at ${stated.words}, no higher.`
    : `Pressure ${barText(over)} bar: no class is stated, so no more than ${barText(NO_CLASS_BAR)} bar. Correct the intake where one is.`
}

/** What a test under the piece's own pressure does not show; null where it was that high. */
export function belowOwnPressure(bar: number, piece: WaterClass): string | null {
  const stated = testPressure(piece)
  if (!stated || Math.abs(bar) >= stated.bar / OVER_SHARE) return null
  return `Tested at ${barText(bar)} bar, not at ${stated.words}: it says how much air gets in, and nothing of what the case stands.`
}

function barText(bar: number): string {
  return formatMm(bar, 0.1)
}
