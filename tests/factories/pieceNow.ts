import type { PieceNow } from '@/core/methods/PieceNow'

/** A shut head with its strap off and a whole crystal; override what the test is about. */
export function pieceNow(
  off: Partial<PieceNow['off']> = {},
  crystal: Partial<PieceNow['crystal']> = {},
): PieceNow {
  return {
    off: {
      strap: true,
      shell: false,
      back: false,
      crown: false,
      bezel: false,
      insert: false,
      crystal: false,
      crystalGasket: false,
      backSeal: false,
      movement: false,
      ...off,
    },
    crystal: { state: 'whole', material: 'sapphire', ...crystal },
  }
}
