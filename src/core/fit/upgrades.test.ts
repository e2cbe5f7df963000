import { acrylicSeatOf, ringSeatOf } from '../../../tests/factories/crystalSeats'
import { NO_WISHES, stockCrystal, stockGasket } from '../../../tests/factories/parts'
import { testPressure } from '../intake/waterClass'
import { BUILT_IN_POLICY } from '../policy/ShopPolicy'
import { FIT_POLICY } from './fitPolicy'
import { pairKey } from './pairKey'
import { stockIndex } from './stockIndex'
import { upgrades } from './upgrades'

const NO_LOAD = { pressure: null, original: null, between: null }
const WISHES = { ...NO_WISHES, material: 'mineral' as const, profile: 'flat' as const }
const CRYSTALS = [
  stockCrystal({ id: 1, priceCents: 700 }),
  stockCrystal({ id: 2, diameterMm: 30.1 }),
  stockCrystal({ id: 3, material: 'sapphire', priceCents: 2900 }),
  stockCrystal({ id: 4, material: 'sapphire', arCoating: 'inside', priceCents: 3900 }),
  stockCrystal({ id: 5, material: 'sapphire', magnifier: 'outside', priceCents: 3500, quantity: 0 }),
  stockCrystal({
    id: 6,
    profile: 'double-dome',
    undersideRiseMm: 0.6,
    centreThicknessMm: 1.2,
    priceCents: 1500,
  }),
  stockCrystal({ id: 7, material: 'acrylic', build: 'snap', priceCents: 300 }),
]

describe('upgrades', () => {
  const atFiveBar = { pressure: testPressure({ classBar: 5, diver: false }), original: null, between: null }
  const found = upgrades(
    stockIndex(CRYSTALS, [stockGasket()]),
    ringSeatOf(),
    WISHES,
    atFiveBar,
    BUILT_IN_POLICY,
  )

  it('has one of every variant that fits and is there, what came out first, then by price', () => {
    expect(found.map(({ candidate }) => candidate.crystal.id)).toEqual([1, 6, 3, 4])
  })

  it('puts what came out first, however dear it is; any profile of it where that is not known', () => {
    const dear = CRYSTALS.map((crystal) => (crystal.id === 1 ? { ...crystal, priceCents: 9000 } : crystal))
    const order = (profile: 'flat' | null) =>
      upgrades(
        stockIndex(dear, [stockGasket()]),
        ringSeatOf(),
        { ...WISHES, profile },
        atFiveBar,
        BUILT_IN_POLICY,
      ).map(({ candidate }) => candidate.crystal.id)
    expect(order('flat').indexOf(1)).toBe(0)
    expect(order(null).slice(0, 2)).toEqual([6, 1])
  })

  it('tells what pressure does to each', () => {
    const [mineral, , sapphire] = found
    const factor = (of: typeof mineral) => of?.load?.strength.found.factor ?? NaN
    expect(mineral?.load?.strength.found.pressureBar).toBe(5)
    expect(factor(sapphire)).toBeGreaterThan(5 * factor(mineral))
    const clear = mineral?.candidate.standing.handClearanceMm ?? NaN
    expect(mineral?.load?.hands).toEqual({
      at: 'the middle',
      clearanceMm: expect.closeTo(clear - (mineral?.load?.strength.found.deflectionMm ?? NaN), 12) as number,
    })
    expect(found[3]?.notes.join(' ')).toMatch(/inside cuts reflections/)
    expect(
      upgrades(stockIndex(CRYSTALS, [stockGasket()]), ringSeatOf(), WISHES, NO_LOAD, BUILT_IN_POLICY)[0]
        ?.load,
    ).toBeNull()
  })

  it('takes the thinner of two steps a level lies half-way between, of every variant', () => {
    const both = [1.0, 1.2].flatMap((edgeThicknessMm, at) =>
      (['mineral', 'sapphire'] as const).map((material, nth) =>
        stockCrystal({
          id: 10 * nth + at + 1,
          material,
          edgeThicknessMm,
          centreThicknessMm: edgeThicknessMm,
          priceCents: 500,
        }),
      ),
    )
    const between = { valueMm: 1.1, thinnerMm: 1.0, thickerMm: 1.2 }
    const edges = (steps: typeof between | null) =>
      upgrades(
        stockIndex(both, [stockGasket()]),
        ringSeatOf({ seatDepth: { valueMm: 1.11, standardUncertaintyMm: 0.03, origin: 'measured' } }),
        WISHES,
        { ...NO_LOAD, between: steps },
        BUILT_IN_POLICY,
      ).map(({ candidate }) => candidate.crystal.edgeThicknessMm)
    expect(edges(between)).toEqual([1.0, 1.0])
  })

  it('offers only what the construction takes', () => {
    const snaps = upgrades(
      stockIndex(
        [
          ...CRYSTALS,
          stockCrystal({ id: 8, build: 'snap', material: 'acrylic', diameterMm: 30.1, undersideRiseMm: 1.5 }),
        ],
        [stockGasket()],
      ),
      acrylicSeatOf(),
      NO_WISHES,
      NO_LOAD,
      BUILT_IN_POLICY,
    )
    expect(snaps.map(({ candidate }) => candidate.crystal.id)).toEqual([8])
  })
})

describe('pairKey', () => {
  it('would rather have the magnifier and the coat of the old crystal', () => {
    const wishes = { ...NO_WISHES, magnifier: 'outside' as const, arCoating: 'inside' as const }
    const key = (over: Parameters<typeof stockCrystal>[0]) =>
      pairKey(
        { crystal: stockCrystal(over), gasket: null, probability: 0.8, standing: { rimMm: null } },
        wishes,
        FIT_POLICY,
      )[4]
    expect(key({ magnifier: 'outside', arCoating: 'inside' })).toBe(0)
    expect(key({ magnifier: 'outside' })).toBe(1)
    expect(key({})).toBe(2)
  })

  it('takes the lower price among equals, and one nobody knows last', () => {
    const rank = (priceCents: number) =>
      pairKey(
        { crystal: stockCrystal({ priceCents }), gasket: null, probability: 0.8, standing: { rimMm: null } },
        NO_WISHES,
        FIT_POLICY,
      ).at(-3)
    expect(rank(500)).toBeLessThan(rank(900) ?? NaN)
    expect(rank(900)).toBeLessThan(rank(0) ?? NaN)
  })

  it('puts the side a shop would rather have first among rims as far off', () => {
    const at = (rimMm: number) => ({
      crystal: stockCrystal(),
      gasket: stockGasket(),
      probability: 0.8,
      standing: { rimMm },
    })
    const rim = (rimMm: number, thicknessPreference: 'flush' | 'rather-proud' | 'rather-sunk') =>
      pairKey(at(rimMm), NO_WISHES, { ...FIT_POLICY, thicknessPreference })[7] ?? NaN
    expect(rim(0.2, 'flush')).toBe(rim(-0.2, 'flush'))
    expect(rim(0.2, 'rather-proud')).toBeLessThan(rim(-0.2, 'rather-proud'))
    expect(rim(-0.2, 'rather-sunk')).toBeLessThan(rim(0.2, 'rather-sunk'))
    // The wrong side counts as much as 0.15 more on the right one, told by tenths.
    expect(rim(-0.1, 'rather-proud')).toBe(rim(0.24, 'rather-proud'))
    expect(rim(-0.1, 'rather-proud')).toBeLessThan(rim(0.36, 'rather-proud'))
  })
})
