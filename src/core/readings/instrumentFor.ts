import type { InstrumentKind } from '../measure/InstrumentSpec'
import type { DimensionId } from './dimensions'
import { DIMENSIONS } from './dimensions'

/** How a kind of instrument stands to a dimension. */
export type Reach = 'suited' | 'at-a-pinch' | 'cannot'

/** With its article, as in “take a caliper”. */
const KIND_WORDS: Readonly<Record<InstrumentKind, string>> = {
  caliper: 'a caliper',
  micrometer: 'a micrometer',
  'thickness-gauge': 'a thickness gauge',
  'inside-micrometer': 'an inside micrometer',
  'depth-gauge': 'a depth gauge',
  'dial-indicator': 'a dial indicator',
  'ring-gauges': 'ring gauges',
  'ring-cone': 'a ring cone',
  'radius-gauges': 'radius gauges',
  'pin-gauges': 'pin gauges',
}

/**
 * Whether a kind of instrument can take a dimension at all. Jaws close on a thickness as a gauge's spindle does, only
 * less surely; nothing else stands in for what a dimension is read with.
 * @source common practice
 */
export function reachOf(kind: InstrumentKind, dimension: DimensionId): Reach {
  const { instruments } = DIMENSIONS[dimension]
  if (instruments.includes(kind)) return 'suited'
  return kind === 'caliper' && instruments.includes('thickness-gauge') ? 'at-a-pinch' : 'cannot'
}

/**
 * The instrument a dimension is best read with, of those there are.
 * @returns the first of the best kind, else one that takes it at a pinch; null where none reaches it
 */
export function instrumentFor<T extends { readonly kind: InstrumentKind }>(
  dimension: DimensionId,
  available: readonly T[],
): T | null {
  for (const kind of DIMENSIONS[dimension].instruments) {
    const found = available.find((instrument) => instrument.kind === kind)
    if (found) return found
  }
  return available.find(({ kind }) => reachOf(kind, dimension) === 'at-a-pinch') ?? null
}

/** Why a kind of instrument is not taken, or asked about, and what would serve; null where it suits. */
export function reachText(kind: InstrumentKind, dimension: DimensionId): string | null {
  const { label } = DIMENSIONS[dimension]
  switch (reachOf(kind, dimension)) {
    case 'suited':
      return null
    case 'at-a-pinch':
      return `${label}: ${suitedTo(dimension)} reads it better than ${KIND_WORDS[kind]}. Keep it only where there is none.`
    case 'cannot':
      return `${label}: ${KIND_WORDS[kind]} does not reach it. Take ${suitedTo(dimension)}.`
  }
}

/** What is wrong where no instrument of the shop reaches a dimension. */
export function noneReaches(dimension: DimensionId): string {
  return `${DIMENSIONS[dimension].label}: no instrument here reaches it. Add ${suitedTo(dimension)} in Settings.`
}

/** “a caliper, an inside micrometer or pin gauges”. */
function suitedTo(dimension: DimensionId): string {
  const words = DIMENSIONS[dimension].instruments.map((kind) => KIND_WORDS[kind])
  return [words.slice(0, -1).join(', '), words.at(-1)].filter(Boolean).join(' or ')
}
