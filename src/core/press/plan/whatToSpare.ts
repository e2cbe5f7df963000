import { LEAST_DOME_MM } from '../../dies/pushOutDies'
import { topRiseMm } from '../../construction/topRise'
import { hasHands } from '../../construction/kinds'
import { manyOf } from '../../records/Field'
import type { PressCase } from './PressCase'
import { riseOf } from './PressCase'

/** Parts that no die may touch. */
export type Spared =
  'crown' | 'pushers' | 'chapter-ring' | 'magnifier' | 'dome' | 'insert' | 'dial' | 'crystal' | 'bezel'

/** What of those a case has, in words a bench says, in their order. Common practice. */
export function whatToSpare(
  { sheet, facts, known, picked }: Pick<PressCase, 'sheet' | 'facts' | 'known' | 'picked'>,
  asked: readonly Spared[],
): string[] {
  const domed = Math.max(picked ? topRiseMm(picked.crystal) : 0, riseOf(known))
  const has: Readonly<Record<Spared, string | null>> = {
    crown: sheet.crownKind === 'none' ? null : 'the crown',
    pushers: manyOf(sheet.pusherHours).length > 0 ? 'the pushers' : null,
    'chapter-ring': sheet.chapterRing === 'none' ? null : 'the chapter ring',
    magnifier: facts.magnifier === 'none' ? null : 'the magnifier',
    dome: domed >= LEAST_DOME_MM ? 'the dome' : null,
    insert: facts.insertMaterial === 'none' ? null : `the ${facts.insertMaterial} insert`,
    dial: hasHands(facts.movementKind) ? 'dial and hands' : 'the dial',
    crystal: 'the crystal',
    bezel: sheet.bezelKind === 'none' ? null : 'the bezel',
  }
  return asked.flatMap((part) => has[part] ?? [])
}
