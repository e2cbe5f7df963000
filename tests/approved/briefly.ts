/** Longest part of a shortlist that is written down: what follows is judged by the same lines. */
const MOST: Readonly<Record<string, number>> = { fitting: 2, rejected: 1, upgrades: 3 }
/** Said in words beside a figure that is written down, or given and not worked out. */
const LEFT_OUT = new Set([
  ...['instruments', 'policy', 'sheet', 'verdictPolicy', 'wishes', 'photos', 'takenAt'],
  ...['cautions', 'words', 'label', 'title', 'name', 'unit'],
])
/** Below this a number is the noise of floating point, above its inverse one that stands for “any number of”. */
const NOISE = 1e-6
const DIGITS = 4

/**
 * What a view says, a line for each of its parts: numbers to four digits, a part of the drawers by its code, steps
 * and readings by how many. For comparison with what was approved, not for reading back.
 */
export function briefly(title: string, view: unknown): string[] {
  const brief = briefOf('', view)
  if (brief === undefined) return []
  if (!isRecord(brief)) return [`${title} ${text(brief)}`]
  return Object.entries(brief).flatMap(([key, part]) =>
    isRecord(part)
      ? Object.entries(part).map(([within, value]) => `${title}${key}.${within} ${text(value)}`)
      : [`${title}${key} ${text(part)}`],
  )
}

/** JSON without what can be read without it. */
function text(value: unknown): string {
  return JSON.stringify(value)
    .replaceAll(/"(\w+)":/g, '$1:')
    .replaceAll('"', "'")
}

function briefOf(key: string, value: unknown): unknown {
  if (typeof value === 'number') return briefNumber(value)
  if (value === null || value === undefined || LEFT_OUT.has(key)) return undefined
  if (typeof value !== 'object') return value
  if (Array.isArray(value)) return briefList(key, value)
  if ('code' in value && 'drawer' in value) return value.code
  const kept = Object.entries(value).flatMap(([name, part]) => {
    const brief = briefOf(name, part)
    return brief === undefined ? [] : [[name, brief] as const]
  })
  return Object.fromEntries(kept)
}

function briefList(key: string, list: readonly unknown[]): unknown {
  if (key === 'readings') return list.length
  if (key === 'candidates') return list.filter(isLikely).map((one) => briefOf('', one))
  return list.slice(0, MOST[key]).map((one) => briefOf('', one))
}

function isLikely(candidate: unknown): boolean {
  return !isRecord(candidate) || typeof candidate.probability !== 'number' || candidate.probability > 1e-3
}

function briefNumber(value: number): number | string {
  if (!Number.isFinite(value) || Math.abs(value) > 1 / NOISE) return 'many'
  return Math.abs(value) < NOISE ? 0 : Number(value.toPrecision(DIGITS))
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value)
}
