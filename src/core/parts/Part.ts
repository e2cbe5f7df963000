import type { FieldValue } from '../records/checkRecord'
import type { Field } from '../records/Field'

/** A column of a list of parts, as plain data: a screen makes of it what it can. */
export interface PartColumn {
  /** of the part's record */
  readonly field: string
  readonly head: string
  readonly shows: 'mm' | 'word' | 'code' | 'text'
  /** of a length, mm; a tenth where nothing is said */
  readonly resolutionMm?: number
  /** width against its neighbours'; as usual for what it shows where nothing is said */
  readonly flex?: number
  /** second length of a pair that stands in one column: a shaped crystal's other side */
  readonly by?: string
  /** true where 0 says that there is none */
  readonly zeroIsNone?: boolean
}

/** A part as it is stored. */
export type PartRecord = Readonly<Record<string, string | number | null | undefined>>

/** What is wrong with a record across its fields: where, and what to do. */
export interface PartFault {
  readonly field: string
  readonly message: string
}

/** One kind of part the drawers hold: what forms, checks, lists, searches, labels, import and orders ask. */
export interface Part {
  readonly one: string
  readonly many: string
  /** other names it is asked for by, lower case */
  readonly alsoCalled: readonly string[]
  readonly fields: readonly Field[]
  /** a new one starts from what is most often right */
  readonly startsAs: Readonly<Record<string, FieldValue>>
  /** sizes a technician names it by, the most telling first: two lines of the same sizes are alike */
  readonly sizes: readonly string[]
  /** what lines lie sorted by before their sizes */
  readonly sortedFirst: string | null
  /** texts that words of a search are looked for in, beside code, drawer, supplier and supplier's code */
  readonly searched: readonly string[]
  /** what list shows of it, what a technician reads first, first; drawer, count, price and code follow */
  readonly columns: readonly PartColumn[]
  /** sizes it is called by, where they are not those it is known by */
  readonly saidSizes?: readonly string[]
  /** what it is called by after its sizes */
  readonly namedBy: readonly string[]
  /** true where its name says what it is */
  readonly nameAlone?: boolean
  /** what is said of it after its name */
  readonly remarks?: (part: PartRecord) => readonly string[]
  /** what a supplier's list may say for all its rows where it has no column for it */
  readonly listDefaults: readonly string[]
  /** checks across fields; null when all is well */
  readonly faultOf: (values: Readonly<Record<string, FieldValue>>) => PartFault | null
}

/** For a kind whose fields say all there is to check. */
export function noFault(): null {
  return null
}
