import fc from 'fast-check'
import { stockChapterRing } from '../../../tests/factories/otherParts'
import { die, stockCrystal } from '../../../tests/factories/parts'
import { assortmentOrder, sizesOf } from './assortment'
import { describePart } from './describePart'
import { parsePartQuery } from './partQuery'
import { orderCount } from './reorder'
import { addressOf, readScan, scanCode } from './scanCode'

describe('parsePartQuery', () => {
  const size = (leastMm: number, mostMm: number) => ({
    leastMm: expect.closeTo(leastMm, 9) as number,
    mostMm: expect.closeTo(mostMm, 9) as number,
  })

  it('reads what a technician says', () => {
    expect(parsePartQuery('30.0x1.0 flat')).toMatchObject({
      kind: null,
      sizes: [size(29.95, 30.05), size(0.95, 1.05)],
      words: ['flat'],
    })
    // A bare number no part is as large as is a code.
    expect(parsePartQuery('90')).toMatchObject({ sizes: [size(89.5, 90.5)], words: [] })
    expect(parsePartQuery('91')).toMatchObject({ sizes: [], words: ['91'] })
    expect(parsePartQuery('@c')).toMatchObject({ shelf: 'c', words: [] })
    expect(parsePartQuery('@')).toMatchObject({ shelf: null, words: ['@'] })
    expect(parsePartQuery('30,0 x 1,0').sizes).toEqual([size(29.95, 30.05), size(0.95, 1.05)])
    expect(parsePartQuery('29.9..30.1 sapphire')).toMatchObject({
      sizes: [size(29.85, 30.15)],
      words: ['sapphire'],
    })
    expect(parsePartQuery('insert 38 ceramic')).toMatchObject({
      kind: 'insert',
      sizes: [size(37.5, 38.5)],
      words: ['ceramic'],
    })
    expect(parsePartQuery('o-rings *x0.80')).toMatchObject({
      kind: 'o-ring',
      sizes: [null, size(0.795, 0.805)],
    })
  })

  it.each([
    ['@C-16', { shelf: 'c-16' }],
    ['@', { shelf: null, words: ['@'] }],
    ['shelf C-16 mineral', { shelf: 'c-16', words: ['mineral'] }],
    ['chapter ring 30.9 keyed', { kind: 'chapter-ring', words: ['keyed'] }],
    ['O rings *x0.8', { kind: 'o-ring', words: [] }],
    ['ring 31', { kind: 'gasket' }],
    ['die 29 nylon', { kind: 'die', words: ['nylon'] }],
    ['low', { stock: 'low' }],
    ['gaskets empty', { kind: 'gasket', stock: 'empty' }],
    ['MF-300-10', { words: ['mf-300-10'], sizes: [] }],
    // No part of a watch is that large: it is a number of a catalogue.
    ['10235', { words: ['10235'], sizes: [] }],
    ['', { kind: null, sizes: [], words: [], shelf: null, stock: null }],
  ])('%s', (text, wanted) => {
    expect(parsePartQuery(text)).toMatchObject(wanted)
  })

  it('takes a size in however many decimals it is typed, and never throws on what is no search', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 8, max: 60, noNaN: true }),
        fc.integer({ min: 0, max: 2 }),
        (mm, decimals) => {
          const [range] = parsePartQuery(mm.toFixed(decimals)).sizes
          const printed = Number(mm.toFixed(decimals))
          expect(range && range.leastMm <= printed && printed <= range.mostMm).toBe(true)
        },
      ),
    )
    fc.assert(fc.property(fc.string(), (text) => void parsePartQuery(text)))
  })
})

describe('orderCount', () => {
  it('fills up to twice the minimum, and leaves alone what has not run low', () => {
    expect(orderCount({ quantity: 1, minimum: 3 })).toBe(5)
    expect(orderCount({ quantity: 3, minimum: 3 })).toBe(0)
    expect(orderCount({ quantity: 0, minimum: 0 })).toBe(0)
  })
})

describe('assortmentOrder', () => {
  const run = { fromMm: 28, toMm: 33, stepMm: 0.1, each: 3, edgeThicknessMm: 1, material: 'mineral' as const }

  it('three of each tenth from 28 to 33 are fifty-one sizes', () => {
    expect(sizesOf(run)).toHaveLength(51)
    expect(sizesOf(run).at(-1)).toBe(33)
    expect(sizesOf({ fromMm: 28, toMm: 27, stepMm: 0.1 })).toEqual([])
  })

  it('orders what is missing of each, by the line a supplier has a code for', () => {
    const short = { ...run, fromMm: 30, toMm: 30.2 }
    const crystals = [
      stockCrystal({ id: 1, diameterMm: 30, quantity: 2 }),
      stockCrystal({
        id: 2,
        diameterMm: 30,
        quantity: 0,
        supplier: 'Greystone Glass',
        supplierCode: 'GG 300',
      }),
      stockCrystal({ id: 3, diameterMm: 30.1, quantity: 9 }),
      stockCrystal({ id: 4, diameterMm: 30.2, quantity: 9, material: 'sapphire' }),
      stockCrystal({ id: 5, diameterMm: 30.2, quantity: 9, edgeThicknessMm: 1.2 }),
    ]
    const lines = assortmentOrder(crystals, short)
    expect(lines.map(({ description, order }) => [description, order])).toEqual([
      ['30.0 × 1.0 flat mineral crystal', 1],
      ['30.2 × 1.0 flat mineral crystal', 3],
    ])
    expect(lines[0]).toMatchObject({ supplier: 'Greystone Glass', supplierCode: 'GG 300', there: 2 })
    expect(lines[1]).toMatchObject({ code: '', supplier: '' })
  })

  it('orders the cheapest of several lines, and one without a price only for want of another', () => {
    const line = (id: number, priceCents: number) =>
      stockCrystal({ id, diameterMm: 30, quantity: 0, supplierCode: `GG ${id}`, priceCents })
    const one = { ...run, fromMm: 30, toMm: 30 }
    expect(assortmentOrder([line(1, 0), line(2, 900), line(3, 700)], one)[0]?.supplierCode).toBe('GG 3')
    expect(assortmentOrder([line(1, 0)], one)[0]?.supplierCode).toBe('GG 1')
  })
})

describe('describePart', () => {
  it('names a part as it is asked for', () => {
    expect(describePart('crystal', { ...stockCrystal({ arCoating: 'inside' }) })).toBe(
      '30.0 × 1.0 flat mineral crystal AR inside',
    )
    expect(
      describePart('crystal', { ...stockCrystal({ build: 'shaped', diameterMm: 24, widthMm: 20 }) }),
    ).toBe('24.0 × 20.0 × 1.0 flat mineral crystal')
    expect(describePart('o-ring', { innerDiameterMm: 29, sectionMm: 0.8, material: 'nitrile' })).toBe(
      '29.0 × 0.80 nitrile O-ring',
    )
    expect(describePart('supply', { name: 'clear cement' })).toBe('clear cement')
    expect(describePart('die', { ...die() })).toBe('29.0 nylon pusher die')
    expect(describePart('die', { ...die({ role: 'support', outerDiameterMm: 36, openingMm: 32 }) })).toBe(
      '36.0 × 32.0 nylon support die',
    )
    expect(describePart('chapter-ring', { ...stockChapterRing() })).toBe(
      '30.9 × 27.6 × 1.2 keyed plastic black chapter ring',
    )
  })
})

describe('scanned labels', () => {
  it('lead back to what they were printed for', () => {
    const targets = [
      { kind: 'tray', number: 214 },
      { kind: 'drawer', drawer: 'C-16b' },
      { kind: 'part', part: 'o-ring', code: 'O-290:80' },
    ] as const
    for (const target of targets) expect(readScan(scanCode(target))).toEqual(target)
    expect(targets.map(addressOf)).toEqual([
      '/trays/214',
      '/drawers?find=%40C-16b',
      '/drawers?kind=o-ring&find=O-290%3A80',
    ])
  })

  it.each(['4006381333931', 'WH:', 'WH:T:x', 'WH:P:wheel:1', 'WH:P:crystal'])(
    '%s is none of ours',
    (text) => {
      expect(readScan(text)).toBeNull()
    },
  )
})
