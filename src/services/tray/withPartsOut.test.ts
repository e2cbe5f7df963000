import { die, stockCrystal, stockGasket } from '../../../tests/factories/parts'
import { stockBezel, stockChapterRing, stockInsert, stockORing } from '../../../tests/factories/otherParts'
import { stockIndex } from '@/core/fit/stockIndex'
import type { PartKind } from '@/core/parts/parts'
import type { DrawersInMemory } from '../drawers/drawersInMemory'
import { withPartsOut } from './withPartsOut'

const GONE = { quantity: 0 }
const DRAWERS: DrawersInMemory = {
  index: stockIndex(
    [stockCrystal({ id: 1, ...GONE }), stockCrystal({ id: 2, diameterMm: 30.1 })],
    [stockGasket({ id: 1, ...GONE }), stockGasket({ id: 2, use: 'back', ...GONE })],
  ),
  oRings: [stockORing({ id: 1, ...GONE })],
  bezels: [stockBezel({ id: 1, ...GONE })],
  inserts: [stockInsert({ id: 1, ...GONE })],
  chapterRings: [stockChapterRing({ id: 1, ...GONE })],
  dies: [die()],
}

function out(kind: PartKind, partId = 1, count = 1) {
  return { kind, partId, count, code: '', drawer: '', since: new Date('2026-11-24T10:00:00.000Z') }
}

describe('withPartsOut', () => {
  it('gives the drawers back as they are where nothing is out', () => {
    expect(withPartsOut(DRAWERS, [])).toBe(DRAWERS)
  })

  it.each([
    ['crystal', (d: DrawersInMemory) => d.index.crystals.find(({ id }) => id === 1)],
    ['gasket', (d: DrawersInMemory) => d.index.gaskets[0]],
    ['o-ring', (d: DrawersInMemory) => d.oRings[0]],
    ['bezel', (d: DrawersInMemory) => d.bezels[0]],
    ['insert', (d: DrawersInMemory) => d.inserts[0]],
    ['chapter-ring', (d: DrawersInMemory) => d.chapterRings[0]],
  ] as const)('counts the last %s that lies out for the tray as there', (kind, of) => {
    expect(of(DRAWERS)?.quantity).toBe(0)
    expect(of(withPartsOut(DRAWERS, [out(kind)]))?.quantity).toBe(1)
    // Of another kind with the same number, nothing lies out.
    expect(of(withPartsOut(DRAWERS, [out('die')]))?.quantity).toBe(0)
  })

  it('finds a back gasket too, and changes neither what is there nor the order of the shapes', () => {
    const now = withPartsOut(DRAWERS, [out('gasket', 2, 3), out('crystal', 2)])
    expect(now.index.otherGaskets[0]?.quantity).toBe(3)
    expect(now.index.crystals.find(({ id }) => id === 2)?.quantity).toBe(6)
    expect(now.index.starts).toEqual(DRAWERS.index.starts)
  })
})
