import type { Estimate } from '../measure/Estimate'

export interface VerdictPolicy {
  /** distance of the stock sizes, mm */
  readonly stepMm: number
  /** maker's tolerance of a crystal's diameter as a standard uncertainty, mm */
  readonly makerUncertaintyMm: number
  /**
   * chance, 0…1, that this case is best served by a neighbour of the size that came out of it: bores, rings and
   * crystals scatter, and a fit made up of all three is not always nearest the middle of the band
   */
  readonly neighbourChance: number
  /** chance, 0…1, that the crystal that came out was never the right one for this case */
  readonly wrongCrystalChance: number
  /** how far such a crystal may be from the right size, either way, mm */
  readonly wrongCrystalRangeMm: number
  /** interference a good fit has, mm, with its spread */
  readonly aimedInterference: Estimate
}

/** Evidence that disagrees by more than this many standard deviations is called a conflict. */
export const CONFLICT_STANDARD_DEVIATIONS = 2.5

export const VERDICT_POLICY: VerdictPolicy = {
  stepMm: 0.1, // common practice: flat crystals come in 0.1 steps
  makerUncertaintyMm: 0.02, // from memory
  neighbourChance: 0.12, // found by the simulated study, npm run study
  wrongCrystalChance: 0.06, // from memory: about one case in seventeen came in with somebody's best guess
  wrongCrystalRangeMm: 0.35, // from memory: what can be forced in or glued
  aimedInterference: {
    valueMm: 0.055, // middle of the nylon band 0.01–0.10 (“within a tenth”, common practice)
    standardUncertaintyMm: 0.0225, // the band read as ± 2 standard deviations: a quarter of its width
  },
}
