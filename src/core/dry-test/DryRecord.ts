import type { CaseAir } from './leakFlow'

/** How a case's surface moved while the pressure stood. */
export interface DryRecord {
  readonly air: CaseAir
  /** s since the pressure stood, rising */
  readonly timesS: readonly number[]
  /** from how it lay before the pressure, µm; either way */
  readonly deformationUm: readonly number[]
}

/** How a tester drifts as it warms, by blank runs. */
export interface TesterDrift {
  readonly umPerS: number
  /** how far the next record's drift may be off it, standard deviation, µm/s */
  readonly spreadUmPerS: number
}

/** What is known of a record before it is read. */
export interface DryKnown {
  /** null where no blank run was made */
  readonly drift: TesterDrift | null
  /** how far this case goes in by earlier good tests, µm; null where there are none */
  readonly deformation: { readonly um: number; readonly spreadUm: number } | null
}
