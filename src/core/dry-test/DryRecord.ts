import type { CaseAir } from './leakFlow'

/** How a case's surface moved while the pressure stood. */
export interface DryRecord {
  readonly air: CaseAir
  /** s since the pressure stood, rising */
  readonly timesS: readonly number[]
  /** from how it lay before the pressure, µm; either way */
  readonly deformationUm: readonly number[]
}

/** A blank run: what a tester shows of something that does not move. */
export interface BlankRun {
  /** s, rising from its first */
  readonly timesS: readonly number[]
  readonly shownUm: readonly number[]
}

/** How a tester drifts as it warms, by blank runs. */
export interface TesterDrift {
  /** of each of driftShapes, µm/s */
  readonly umPerS: readonly number[]
  /** how far the next record may be off each, standard deviation, µm/s */
  readonly spreadUmPerS: readonly number[]
  /** as long as the shortest of those runs lasted: what it does later nobody knows, s */
  readonly knownForS: number
}

/** What is known of a record before it is read. */
export interface DryKnown {
  /** null where too few blank runs were made */
  readonly drift: TesterDrift | null
  /** how far this case goes in by earlier good tests, µm; null where there are none */
  readonly deformation: { readonly um: number; readonly spreadUm: number } | null
}
