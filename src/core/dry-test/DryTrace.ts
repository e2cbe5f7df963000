export const DRY_SOURCES = ['file', 'bridge', 'simulated'] as const
export type DrySource = (typeof DRY_SOURCES)[number]

/** One sample as it is kept and sent: s, bar against the air around (null where none was sent), µm. */
export type DryRow = readonly [tS: number, pressureBar: number | null, shownUm: number]

/** A tester's record as it came. */
export interface DryTrace {
  readonly formatVersion: 1
  readonly source: DrySource
  readonly rows: readonly DryRow[]
  /** why it ends where it does, where that was not its own end; null else */
  readonly trouble: string | null
}

/** What a record is of: the case under pressure, or something that does not move, to learn the tester's drift by. */
export const DRY_KINDS = ['test', 'blank'] as const
export type DryKind = (typeof DRY_KINDS)[number]

/** A file that is longer holds more than one test, or another thing, characters. */
export const MOST_DRY_CSV = 600_000
export const TOO_LONG = `The file is longer than ${MOST_DRY_CSV / 1000} kB: a dry test is not. Take one test out of it.`

/** Beyond this no tester goes, bar and µm. From memory */
export const MOST_TESTER_BAR = 150
export const MOST_SHOWN_UM = 3000
