import type { CrystalMaterial } from '../fit/parts'
import { constructionOf } from './constructions'
import type { Retention } from './kinds'

/** True where an old ring lies round the crystal: of a construction that has one, with a crystal that is not its own seal. */
export function hasOldRing(case_: {
  readonly retention: Retention
  readonly crystalMaterial: CrystalMaterial | null
  readonly gasketPresent: boolean
}): boolean {
  return case_.gasketPresent && constructionOf(case_.retention).ring.sealsWith(case_.crystalMaterial)
}
