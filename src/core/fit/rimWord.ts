import type { FitPolicy } from './fitPolicy'
import { reaches } from '../units/within'

/** “flush”, “proud” or “sunk” for a rim height. */
export function rimWord(rimMm: number, policy: FitPolicy): 'flush' | 'proud' | 'sunk' {
  if (reaches(policy.flushMm, Math.abs(rimMm))) return 'flush'
  return rimMm > 0 ? 'proud' : 'sunk'
}
