/** New numbers of what a document of ours points to; undefined where it is not known. */
export interface Numbers {
  readonly instrument: (id: number) => number | undefined
  readonly reading: (id: number) => number | undefined
}

/** Names of errors that several figures share: `zero 3`, `scale 3`, see estimateFromReadings. */
const SHARED_ERROR = /^(zero|scale) (\d+)$/

/**
 * What a column keeps as a document (evidence of a pick, a shape with its instrument), with other numbers for the instruments
 * and readings in it, and its keys in one order whatever these numbers are.
 */
export function renumbered(value: unknown, numbers: Numbers): unknown {
  if (Array.isArray(value)) return value.map((inner: unknown) => renumbered(inner, numbers))
  if (typeof value !== 'object' || value === null) return value
  const entries = Object.entries(value).map(([key, inner]: [string, unknown]) => entryOf(key, inner, numbers))
  return Object.fromEntries(entries.sort(([a], [b]) => (a < b ? -1 : Number(a > b))))
}

function entryOf(key: string, inner: unknown, numbers: Numbers): [string, unknown] {
  if (key === 'instrumentId' && typeof inner === 'number') return [key, numbers.instrument(inner) ?? null]
  if (key === 'readingIds' && Array.isArray(inner))
    return [key, inner.flatMap((id) => (typeof id === 'number' ? (numbers.reading(id) ?? []) : []))]
  const [, kind, id] = SHARED_ERROR.exec(key) ?? []
  const number = id === undefined ? undefined : numbers.instrument(Number(id))
  return [kind === undefined ? key : `${kind} ${number ?? '?'}`, renumbered(inner, numbers)]
}
