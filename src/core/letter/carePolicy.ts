import type { Use } from '../intake/jobWords'

/** After how long seals are to be looked at again. */
export interface CarePolicy {
  /** months, by how a piece is worn */
  readonly sealMonths: Readonly<Record<Use, number>>
}

/** From memory: seals of what goes into water are looked at every year. */
export const CARE_POLICY: CarePolicy = { sealMonths: { dress: 36, everyday: 24, diver: 12 } }
