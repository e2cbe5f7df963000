import type { MethodSituation } from '../methods/assessMethod'
import { pieceAsItCame } from '../methods/pieceAsItCame'
import type { JobFacts } from '../procedure/JobFacts'
import type { RemovalWay, RemovedPart } from './Removal'
import { rankWays } from './rankWays'

/** Why a way is not open on a case built so, whatever is off it; null where it is. */
export function againstWay(part: RemovedPart, way: string, facts: JobFacts): string | null {
  if (part === 'insert' && way === 'soak' && facts.insertHold === 'friction')
    return 'held by friction: there is nothing to dissolve'
  const found = rankWays(part, asItComes(facts)).find(({ id }) => id === way)
  const block = found?.findings.find(({ severity }) => severity === 'block')
  return block ? `${block.about}, ${block.why}` : null
}

/** The safest way for a case built so, with why. @returns null where it has nothing to take off so */
export function usualWay(
  part: RemovedPart,
  facts: JobFacts,
): { readonly way: RemovalWay; readonly because: string } | null {
  const first = rankWays(part, asItComes(facts))[0]
  return first ? { way: first.id, because: first.reasons[0] ?? 'the safest here' } : null
}

function asItComes(facts: JobFacts): MethodSituation {
  return { facts, piece: pieceAsItCame(facts), bench: [] }
}
