import type { Estimate } from '../measure/Estimate'
import type { FitPolicy } from './fitPolicy'

/** Standard uncertainty of a stock crystal's thickness or rise set against a figure of the case, mm. */
export function thicknessAgainst(
  { standardUncertaintyMm }: Pick<Estimate, 'standardUncertaintyMm'>,
  { thicknessUncertaintyMm }: Pick<FitPolicy, 'thicknessUncertaintyMm'>,
): number {
  return Math.hypot(standardUncertaintyMm, thicknessUncertaintyMm)
}
