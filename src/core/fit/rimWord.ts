import type { FitPolicy } from './fitPolicy'

/** “flush”, “proud” or “sunk” for a rim height. */
export function rimWord(rimMm: number, policy: FitPolicy): 'flush' | 'proud' | 'sunk' {
  if (Math.abs(rimMm) <= policy.flushMm) return 'flush'
  return rimMm > 0 ? 'proud' : 'sunk'
}
