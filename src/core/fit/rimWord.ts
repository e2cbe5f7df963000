import type { FitPolicy } from './fitPolicy'
import { FIT_POLICY } from './fitPolicy'

/** “flush”, “proud” or “sunk” for a rim height. */
export function rimWord(rimMm: number, policy: FitPolicy = FIT_POLICY): 'flush' | 'proud' | 'sunk' {
  if (Math.abs(rimMm) <= policy.flushMm) return 'flush'
  return rimMm > 0 ? 'proud' : 'sunk'
}
