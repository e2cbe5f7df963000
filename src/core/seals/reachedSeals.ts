import { opensBack } from '../procedure/opensBack'
import type { Procedure } from '../procedure/procedure'
import type { SealItem } from './SealItem'

/**
 * Which seals of a case this job gets at: a back that stays on keeps its ring, and a crown is got at where it comes out
 * or where the head is open. Common practice.
 */
export function reachedSeals(procedure: Pick<Procedure, 'steps'>): readonly SealItem['id'][] {
  const crownMoves = procedure.steps.some(
    ({ takesOff, putsBack }) => takesOff.includes('stem') || putsBack.includes('stem'),
  )
  const back = opensBack(procedure)
  return [...(back ? (['back', 'disc'] as const) : []), ...(back || crownMoves ? (['crown'] as const) : [])]
}
