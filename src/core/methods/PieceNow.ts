import type { CrystalMaterial } from '../fit/parts'
import type { CrystalState } from '../intake/crystalStates'

/** A piece as it stands now, as far as a bath, a flame or a blade can meet it. */
export interface PieceNow {
  /** what is off it */
  readonly off: {
    readonly strap: boolean
    readonly shell: boolean
    readonly back: boolean
    readonly crown: boolean
    readonly bezel: boolean
    readonly insert: boolean
    readonly crystal: boolean
    readonly crystalGasket: boolean
    readonly backSeal: boolean
    readonly movement: boolean
  }
  /** the crystal that is in it, or was last; material null when nobody knows */
  readonly crystal: { readonly state: CrystalState; readonly material: CrystalMaterial | null }
}
