import type { JobFacts } from '../procedure/JobFacts'
import type { PieceNow } from './PieceNow'

/** A piece before anything but its strap is off: as a soak finds it. */
export function pieceAsItCame({ crystalState, crystalMaterial }: JobFacts): PieceNow {
  const on = { shell: false, back: false, crown: false, bezel: false, insert: false, crystal: false }
  const inside = { crystalGasket: false, backSeal: false, movement: false }
  return {
    off: { ...on, ...inside, strap: true },
    crystal: { state: crystalState, material: crystalMaterial },
  }
}
