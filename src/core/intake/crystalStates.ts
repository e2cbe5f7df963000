/** How a crystal came in. */
export const CRYSTAL_STATES = ['whole', 'cracked', 'shattered', 'missing'] as const
export type CrystalState = (typeof CRYSTAL_STATES)[number]

/** True for a crystal that jaws still go across. */
export function isWholeEnough(state: CrystalState): boolean {
  return state === 'whole' || state === 'cracked'
}
