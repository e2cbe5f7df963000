import { hasOldRing } from '../construction/hasOldRing'
import type { JobFacts } from '../procedure/JobFacts'
import type { MethodFinding } from './MethodFinding'
import type { PieceNow } from './PieceNow'
import type { Scope } from './scopes'

type InCase = keyof PieceNow['off']

const WORDS: Readonly<Partial<Record<InCase, string>>> = {
  crown: 'the stem with its crown',
  bezel: 'the bezel',
  insert: 'the insert',
  crystal: 'the crystal',
  crystalGasket: 'the crystal gasket',
  back: 'the case back',
  backSeal: 'the back seal',
  movement: 'the movement',
}

const ONCE = 'allowed once off'

/** What is said to be off the case, or out of it, and by the parts trail is not: a bath would meet more than was judged. */
export function notAsSaid(
  scope: Scope,
  { facts, piece }: { readonly facts: JobFacts; readonly piece: PieceNow },
): MethodFinding[] {
  const on = mustBeOff(scope, facts, piece).filter((part) => !piece.off[part])
  if (on.length === 0) return []
  const about = on.map((part) => WORDS[part] ?? part).join(', ')
  return [{ about, severity: 'block', why: 'not off yet by the parts trail', protect: ONCE }]
}

function mustBeOff(scope: Scope, facts: JobFacts, piece: PieceNow): InCase[] {
  const noCrystal = piece.crystal.state === 'missing'
  const parts: Readonly<Record<Scope, readonly (InCase | false)[]>> = {
    head: [],
    face: [],
    insert: ['insert'],
    bezel: ['bezel', facts.insertMaterial !== 'none' && 'insert'],
    crystal: [!noCrystal && 'crystal'],
    case: [
      'movement',
      !noCrystal && 'crystal',
      hasOldRing(facts) && 'crystalGasket',
      facts.crownKind !== 'none' && 'crown',
      'back',
      facts.backSeal !== 'none' && 'backSeal',
    ],
  }
  return parts[scope].filter((part) => part !== false)
}
