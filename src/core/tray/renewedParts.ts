import { isOwn } from '../own-parts/OwnPart'
import { jobOf } from '../procedure/jobOf'
import type { TrailPartId } from '../trail/parts'
import type { TrayCase } from './trayCase'

/** Parts that go in new on this tray: picked or taken out of a drawer, asked for, or renewed by the shop's school. */
export function renewedParts({ kept, facts }: Pick<TrayCase, 'kept' | 'facts'>): readonly TrailPartId[] {
  const { picked, partsOut, tray } = kept
  const out = new Set(partsOut.map(({ kind }) => kind))
  const ways: readonly (readonly [TrailPartId, boolean])[] = [
    ['cell', facts.asked.includes('battery')],
    ['shell', facts.asked.includes('resin-shell')],
    ['back-seal', jobOf(facts, tray.schools).backSealNew],
    ['bezel', out.has('bezel')],
    ['insert', out.has('insert')],
    ['chapter-ring', out.has('chapter-ring')],
    ['crystal', picked !== null && !isOwn(picked.crystal)],
    ['crystal-gasket', picked !== null && picked.gasket !== null && !isOwn(picked.gasket)],
  ]
  return ways.filter(([, renewed]) => renewed).map(([part]) => part)
}
