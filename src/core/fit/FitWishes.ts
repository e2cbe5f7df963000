import type { ArCoating, Magnifier } from '../construction/kinds'
import type { BetweenSteps } from './thicknessStep'
import type { PastFittings } from './learned'
import type { CrystalMaterial, CrystalProfile } from './parts'

/** What the owner and the shop would rather have, all else being equal. */
export interface FitWishes {
  /** size of the verdict: among equals the pair nearest to it comes first, mm */
  readonly sizeMm: number | null
  readonly material: CrystalMaterial | null
  readonly profile: CrystalProfile | null
  /** as the old crystal had them; null when nobody looked */
  readonly magnifier: Magnifier | null
  readonly arCoating: ArCoating | null
  readonly gasketColour: string | null
  /** what went home in this case last time */
  readonly lastTime: {
    readonly crystalId: number
    readonly gasketId: number | null
    readonly successes: number
  } | null
  /** steps of stock the level of the seat lies half-way between: the thinner is wanted. Null where it is nearer to one */
  readonly between: BetweenSteps | null
  /** how every pair fared that was pressed in this case before */
  readonly pastPairs: readonly PastPair[]
}

export interface PastPair extends PastFittings {
  readonly crystalId: number
  readonly gasketId: number | null
}
