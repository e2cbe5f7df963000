import type { PartKind } from '../parts/parts'
import { PART_KINDS, PARTS } from '../parts/parts'

/** One size asked for, in the order the part is named by. */
export interface SizeRange {
  readonly leastMm: number
  readonly mostMm: number
}

/** What a technician typed to find a part. */
export interface PartQuery {
  /** a kind named in the text; null leaves the kind being looked at */
  readonly kind: PartKind | null
  /** sizes in the order they were typed; null stands for “any” */
  readonly sizes: readonly (SizeRange | null)[]
  /** words that must all be found, lower case */
  readonly words: readonly string[]
  /** start of the drawer's name */
  readonly shelf: string | null
  /** only lines with fewer than their minimum, or none at all */
  readonly stock: 'low' | 'empty' | null
}

const NUMBER = String.raw`\d+(?:[.,]\d+)?`
const RANGE = new RegExp(`^(${NUMBER})(?:\\.\\.|–)(${NUMBER})$`)
const SIZES = new RegExp(`^(?:(${NUMBER})|\\*)(?:[x×/](?:(${NUMBER})|\\*))*$`)

/** Words a kind goes by. */
const KIND_NAMES: Readonly<Record<string, PartKind>> = Object.fromEntries(
  PART_KINDS.flatMap((kind) => [kind, `${kind}s`, ...PARTS[kind].alsoCalled].map((name) => [name, kind])),
)

/**
 * Reads a search as it is said at the bench.
 * A size holds within half its last digit: `30.0` finds 29.95–30.05, `38` finds 37.5–38.5. `x` goes on to the next size
 * the part is named by, `*` leaves one out, `..` makes a range. `shelf C-16` or `@C-16` looks in one drawer; `low` and
 * `empty` at what is to be ordered.
 * @example parsePartQuery('30.0x1.0 flat') // diameter 29.95–30.05, thickness 0.95–1.05, “flat”
 * @example parsePartQuery('29.9..30.1 sapphire')
 * @example parsePartQuery('insert 38 ceramic')
 */
export function parsePartQuery(text: string): PartQuery {
  const tokens = text
    .toLowerCase()
    // What is written in two words is one kind: “ring” alone is a gasket.
    .replace(/\b(chapter|o) (?=rings?\b)/g, '$1-')
    // “30.0 x 1.0” is said with spaces as often as without.
    .replace(/(\d)\s*[x×]\s*(?=[\d*])/g, '$1x')
    .split(/\s+/)
    .filter(Boolean)
  let kind: PartKind | null = null
  let shelf: string | null = null
  let stock: PartQuery['stock'] = null
  const sizes: (SizeRange | null)[] = []
  const words: string[] = []
  for (let at = 0; at < tokens.length; at++) {
    const token = tokens[at] ?? ''
    const named = KIND_NAMES[token]
    const range = RANGE.exec(token)
    if (named && kind === null) kind = named
    else if ((token === 'shelf' || token === 'drawer') && tokens[at + 1] !== undefined)
      shelf = tokens[++at] ?? null
    else if (token.startsWith('@') && token.length > 1) shelf = token.slice(1)
    else if (token === 'low' || token === 'empty') stock = token
    else if (range?.[1] && range[2]) sizes.push(rangeOf(range[1], range[2]))
    else if (SIZES.test(token) && !isNumberOfCatalogue(token))
      sizes.push(...token.split(/[x×/]/).map((size) => (size === '*' ? null : near(size))))
    else words.push(token)
  }
  return { kind, sizes, words, shelf, stock }
}

/** No part of a watch is this large, mm: a bare number beyond it is a code. */
const LARGEST_MM = 90

function isNumberOfCatalogue(token: string): boolean {
  return /^\d+$/.test(token) && Number(token) > LARGEST_MM
}

function near(text: string): SizeRange {
  const half = 0.5 * 10 ** -decimalsOf(text)
  const value = numberOf(text)
  return { leastMm: value - half, mostMm: value + half }
}

/** A range takes its ends in as they would be found by themselves. */
function rangeOf(from: string, to: string): SizeRange {
  const [a, b] = [near(from), near(to)]
  return { leastMm: Math.min(a.leastMm, b.leastMm), mostMm: Math.max(a.mostMm, b.mostMm) }
}

function numberOf(text: string): number {
  return Number(text.replace(',', '.'))
}

function decimalsOf(text: string): number {
  return /[.,](\d+)$/.exec(text)?.[1]?.length ?? 0
}
