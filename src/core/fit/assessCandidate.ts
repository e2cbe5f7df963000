import { assessAcrylic } from './assessAcrylic'
import { assessCemented } from './assessCemented'
import { assessNeck } from './assessNeck'
import { assessPair } from './assessPair'
import type { Candidate } from './Candidate'
import type { CaseFacts } from './CaseFacts'
import type { FitPolicy } from './fitPolicy'
import type { CrystalBuild, StockCrystal, StockGasket } from './parts'

/** Builds of crystal a case takes, and whether a ring goes with them. */
export function wantedBuild(facts: CaseFacts): { build: CrystalBuild; ring: boolean } {
  switch (facts.held) {
    case 'ring':
      return { build: 'disc', ring: true }
    case 'neck':
      return facts.crystal === 'cup' ? { build: 'cup', ring: false } : { build: 'disc', ring: true }
    case 'acrylic':
      return { build: facts.seat === 'groove' ? 'snap' : 'tension-ring', ring: false }
    case 'cement':
      return { build: facts.outline === 'round' ? 'disc' : 'shaped', ring: false }
  }
}

/**
 * Judges a crystal, with a ring where the case wants one.
 * @returns null when the parts are not what this construction takes
 */
export function assessCandidate(
  crystal: StockCrystal,
  gasket: StockGasket | null,
  facts: CaseFacts,
  policy: FitPolicy,
): Candidate | null {
  const wanted = wantedBuild(facts)
  if (crystal.build !== wanted.build || (gasket !== null) !== wanted.ring) return null
  if (gasket && gasket.use !== 'crystal') return null
  switch (facts.held) {
    case 'ring':
      return gasket && assessPair(crystal, gasket, facts, policy)
    case 'neck':
      return gasket || crystal.skirtInnerMm !== null ? assessNeck(crystal, gasket, facts, policy) : null
    case 'acrylic':
      return assessAcrylic(crystal, facts, policy)
    case 'cement':
      return assessCemented(crystal, facts, policy)
  }
}
