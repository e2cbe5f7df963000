import type { Estimate } from '../measure/Estimate'

export interface VerdictPolicy {
  /** distance of the stock sizes, mm */
  readonly stepMm: number
  /** maker's tolerance of a crystal's diameter as a standard uncertainty, mm */
  readonly makerUncertaintyMm: number
  /** chance, 0…1, that the crystal that came out was never of the size its case was drawn for */
  readonly wrongCrystalChance: number
  /** how far such a crystal may be from that size, either way, mm */
  readonly wrongCrystalRangeMm: number
  /** interference a good fit has, mm, with how far those who draw a case stray from it */
  readonly aimedInterference: Estimate
  /** how the free openings of pieces of one reference scatter, bore and ring together, standard deviation, mm */
  readonly pieceScatterMm: number
}

export const VERDICT_POLICY: VerdictPolicy = {
  stepMm: 0.1, // common practice: flat crystals come in 0.1 steps
  makerUncertaintyMm: 0.02, // from memory
  wrongCrystalChance: 0.06, // from memory: about one case in seventeen came in with somebody's best guess
  wrongCrystalRangeMm: 0.35, // from memory: what can be forced in or glued
  aimedInterference: {
    valueMm: 0.055, // middle of the nylon band 0.01–0.10 (“within a tenth”, common practice)
    standardUncertaintyMm: 0.0173, // drawn anywhere in the middle two thirds of the band, from memory
  },
  pieceScatterMm: 0.017, // from memory: a bore 0.012, a wall 0.006 on either side
}
