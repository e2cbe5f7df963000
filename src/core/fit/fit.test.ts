import { ringSeatOf } from '../../../tests/factories/crystalSeats'
import fc from 'fast-check'
import { NO_WISHES, stockCrystal, stockGasket } from '../../../tests/factories/parts'
import { assessPair, edgeHeld, gasketAboveRimMm } from '../construction/ring/assessPair'
import { failureText } from './failureText'
import { fitReasons } from './fitReasons'
import { rimWord } from './rimWord'
import { FIT_POLICY } from './fitPolicy'
import { diametralInterference, wallSqueeze, wallSqueezeRange } from '../construction/ring/interference'
import { probabilityWithin } from './probabilityWithin'
import { withCrystalHere } from './crystalHere'
import { nearestOrder } from '../construction/ring/nearestOrder'
import { shortlist } from './shortlist'
import { stockIndex, withChanges } from './stockIndex'
import { plainShortlist } from '../../../tests/factories/plainShortlist'

const lengthMm = fc.double({ min: 10, max: 45, noNaN: true })
const figure = (valueMm: number, origin: 'measured' | 'sheet' = 'measured') => ({
  valueMm,
  standardUncertaintyMm: 0.02,
  origin,
})

describe('diametralInterference', () => {
  it('grows with the crystal and the wall, and falls with the bore', () => {
    fc.assert(
      fc.property(lengthMm, lengthMm, fc.double({ min: 0.01, max: 1, noNaN: true }), (d, b, more) => {
        const at = (crystalDiameterMm: number, gasketWallMm: number, boreMm: number) =>
          diametralInterference({ crystalDiameterMm, gasketWallMm, boreMm })
        expect(at(d + more, 0.5, b)).toBeGreaterThan(at(d, 0.5, b))
        expect(at(d, 0.5 + more, b)).toBeGreaterThan(at(d, 0.5, b))
        expect(at(d, 0.5, b + more)).toBeLessThan(at(d, 0.5, b))
      }),
    )
  })

  it('scales with the unit and leaves the squeeze alone', () => {
    fc.assert(
      fc.property(lengthMm, lengthMm, fc.double({ min: 0.1, max: 10, noNaN: true }), (d, b, k) => {
        const joint = { crystalDiameterMm: d, gasketWallMm: 0.5, boreMm: b }
        const scaled = { crystalDiameterMm: d * k, gasketWallMm: 0.5 * k, boreMm: b * k }
        expect(diametralInterference(scaled)).toBeCloseTo(k * diametralInterference(joint), 8)
        expect(wallSqueeze(scaled)).toBeCloseTo(wallSqueeze(joint), 8)
      }),
    )
  })

  it('refuses what is no size', () => {
    expect(() => diametralInterference({ crystalDiameterMm: 0, gasketWallMm: 0.5, boreMm: 31 })).toThrow(
      /crystalDiameterMm/,
    )
  })
})

describe('wallSqueezeRange', () => {
  it('spreads by the ovality of the bore, evenly about the middle', () => {
    const joint = { crystalDiameterMm: 30.05, gasketWallMm: 0.5, boreMm: 31 }
    const { least, most } = wallSqueezeRange(joint, 0.04)
    expect(least).toBeCloseTo(0.03, 9)
    expect(most).toBeCloseTo(0.07, 9)
  })
})

describe('probabilityWithin', () => {
  it('lies between nothing and certainty, and grows with the window', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -1, max: 1, noNaN: true }),
        fc.double({ min: 0.001, max: 0.5, noNaN: true }),
        (mm, u) => {
          const narrow = probabilityWithin(mm, u, { lowMm: 0, highMm: 0.1 })
          const wide = probabilityWithin(mm, u, { lowMm: -0.1, highMm: 0.2 })
          expect(narrow).toBeGreaterThanOrEqual(0)
          expect(wide).toBeLessThanOrEqual(1)
          expect(wide).toBeGreaterThanOrEqual(narrow)
        },
      ),
    )
  })
})

describe('assessPair', () => {
  const failed = (...args: Partial<Parameters<typeof assessPair>>) => {
    const [crystal = stockCrystal(), gasket = stockGasket(), facts = ringSeatOf()] = args
    const pair = assessPair(crystal, gasket, facts, FIT_POLICY)
    return pair.constraints
      .filter((c) => c.probability < 0.5)
      .map((c) => `${c.name}: ${failureText(c.name, pair, facts, FIT_POLICY)}`)
  }

  it('passes a pair made for the case', () => {
    const pair = assessPair(stockCrystal(), stockGasket(), ringSeatOf(), FIT_POLICY)
    expect(pair.interferenceMm).toBeCloseTo(0.05, 9)
    expect(pair.squeeze).toBeCloseTo(0.05, 9)
    expect(pair.standing.rimMm).toBeCloseTo(-0.05, 9)
    expect(pair.standing.handClearanceMm).toBeCloseTo(0.52, 9)
    expect(failed()).toEqual([])
  })

  it('names each failing constraint with its figure and its limit', () => {
    expect(failed(stockCrystal({ diameterMm: 29.9 }))).toEqual([
      'interference: loose by 0.05; nylon wants 0.01–0.10',
    ])
    expect(failed(stockCrystal({ diameterMm: 30.1 }))).toEqual([
      'interference: too tight: interference 0.15; nylon wants 0.01–0.10',
    ])
    expect(failed(stockCrystal({ edgeThicknessMm: 1.5 }))).toEqual([
      'rim: stands +0.45 proud; limits −0.25 to +0.25',
    ])
    expect(failed(stockCrystal({ edgeThicknessMm: 0.7 }))[0]).toMatch(/rim: stands −0.35 sunk/)
    expect(failed(undefined, stockGasket({ heightMm: 0.5 }))).toEqual([
      'gasket-height: gasket holds only 50\u00A0% of the edge; needs 60\u00A0%',
    ])
    expect(failed(undefined, stockGasket({ heightMm: 1.4 }))).toEqual([
      'gasket-height: gasket would stand 0.35 above the rim',
    ])
    expect(failed(undefined, stockGasket({ outerDiameterMm: 31.2 }))).toEqual([
      'gasket-bore: gasket is 0.25 larger than the bore; limit 0.10',
    ])
    expect(failed(stockCrystal({ quantity: 0 }))).toEqual(['stock: no crystal C-300-10 left in its drawer'])
    expect(failed(undefined, undefined, ringSeatOf({ handsBelowSeat: figure(0.09) }))).toEqual([
      'hands: 0.09 to the hands; needs 0.25',
    ])
  })

  it('counts the foot of an L-section: the crystal stands higher and further from the hands', () => {
    const pair = assessPair(
      stockCrystal(),
      stockGasket({ section: 'L', footMm: 0.15 }),
      ringSeatOf(),
      FIT_POLICY,
    )
    expect(pair.standing.rimMm).toBeCloseTo(0.1, 9)
    expect(pair.standing.handClearanceMm).toBeCloseTo(0.67, 9)
  })

  it('does not judge hands that were never measured', () => {
    const pair = assessPair(stockCrystal(), stockGasket(), ringSeatOf({ handsBelowSeat: null }), FIT_POLICY)
    expect(pair.constraints.map((c) => c.name)).not.toContain('hands')
    expect(fitReasons(pair, ringSeatOf({ handsBelowSeat: null }), NO_WISHES, FIT_POLICY).join(' ')).toMatch(
      /not judged/,
    )
  })
})

describe('what a ring holds of an edge', () => {
  it('is the part of the edge between its foot and its top', () => {
    const edge = { edgeThicknessMm: 1 }
    expect(edgeHeld({ heightMm: 1, footMm: 0.2 }, edge)).toBeCloseTo(0.8, 12)
    expect(edgeHeld({ heightMm: 2, footMm: 0.2 }, edge)).toBeCloseTo(1, 12)
    expect(gasketAboveRimMm({ heightMm: 1.2 }, ringSeatOf({ seatDepth: figure(1.05) }))).toBeCloseTo(0.15, 12)
  })
})

describe('stockIndex', () => {
  it('lays every shape out once, however its lines are mixed', () => {
    const lines = [
      [0.3, 1],
      [0, 1.2],
      [0.3, 1],
      [0, 1],
      [0.3, 1.2],
      [0, 1],
    ] as const
    const crystals = lines.map(([undersideRiseMm, edgeThicknessMm], id) =>
      stockCrystal({ id, undersideRiseMm, edgeThicknessMm, quantity: id % 2 }),
    )
    const { starts, crystals: sorted, inStock } = stockIndex(crystals, [])
    expect([...starts]).toEqual([0, 2, 4, 5, 6])
    expect(sorted.map(({ id }) => id)).toEqual([3, 5, 0, 2, 1, 4])
    expect([...inStock]).toEqual([2, 0, 1, 0])
  })
})

describe('shortlist', () => {
  const crystals = [29.8, 29.9, 30, 30.1, 30.2].flatMap((diameterMm, i) =>
    [1, 1.2, 1.5].map((edgeThicknessMm, k) =>
      stockCrystal({ id: 10 * i + k, diameterMm, edgeThicknessMm, centreThicknessMm: edgeThicknessMm }),
    ),
  )
  const gaskets = [0.45, 0.5, 0.55].map((wallMm, id) => stockGasket({ id, wallMm, code: `G${id}` }))

  it('searches crystal and gasket together', () => {
    const list = shortlist(stockIndex(crystals, gaskets), ringSeatOf(), NO_WISHES, { policy: FIT_POLICY })
    const pairs = list.fitting.map((p) => `${p.crystal.diameterMm}/${p.gasket?.wallMm}`)
    expect(new Set(pairs)).toEqual(new Set(['30/0.5', '30.1/0.45', '29.9/0.55']))
    expect(list.rejected[0]?.failures[0]?.failure).toBeTruthy()
    expect(list.rejectedBy.interference).toBeGreaterThan(0)
  })

  const drawers = fc.record({
    crystals: fc.array(
      fc.record({
        diameterMm: fc.integer({ min: 295, max: 306 }).map((tenths) => tenths / 10),
        edgeThicknessMm: fc.constantFrom(0.8, 1, 1.2, 1.5, 2.5),
        undersideRiseMm: fc.constantFrom(0, 0.3, 1.2),
        insideMagnifierMm: fc.constantFrom(null, null, 0.3),
        quantity: fc.integer({ min: 0, max: 3 }),
        priceCents: fc.constantFrom(500, 900),
        material: fc.constantFrom('mineral' as const, 'sapphire' as const),
      }),
      { maxLength: 40 },
    ),
    gaskets: fc.array(
      fc.record({
        outerDiameterMm: fc.constantFrom(30.5, 30.9, 31, 31.2, 33),
        wallMm: fc.constantFrom(0.4, 0.45, 0.5, 0.55),
        heightMm: fc.constantFrom(0.8, 1, 1.4),
        footMm: fc.constantFrom(0, 0.2),
        material: fc.constantFrom('nylon' as const, 'nitrile' as const),
        quantity: fc.integer({ min: 0, max: 2 }),
      }),
      { maxLength: 12 },
    ),
    boreMm: fc.double({ min: 30.6, max: 31.3, noNaN: true }),
    hands: fc.boolean(),
    dateRadiusMm: fc.constantFrom(null, 9),
  })

  it('gives exactly what assessing and sorting every near pair gives, on random drawers', () => {
    fc.assert(
      fc.property(drawers, ({ crystals: lines, gaskets: rings, boreMm, hands, dateRadiusMm }) => {
        const stock = lines.map((line, i) => stockCrystal({ ...line, id: i + 1, code: `C${i}` }))
        const walls = rings.map((ring, i) => stockGasket({ ...ring, id: i + 1, code: `G${i}` }))
        const facts = ringSeatOf({
          bore: figure(boreMm),
          dateRadiusMm,
          ...(hands ? {} : { handsBelowSeat: null }),
        })
        const wishes = { ...NO_WISHES, sizeMm: 30.1, material: 'sapphire' as const }
        const { rejected, between, ...list } = shortlist(stockIndex(stock, walls), facts, wishes, {
          policy: FIT_POLICY,
        })
        const asked = { ...wishes, between }
        const { rejected: plainRejected, ...plain } = plainShortlist(stock, walls, facts, asked)
        expect(list).toEqual(plain)
        expect(rejected.map((r) => r.candidate)).toEqual(plainRejected)
      }),
      { numRuns: 300 },
    )
  })

  it('takes changed lines in without losing its order', () => {
    const index = stockIndex(crystals, gaskets)
    const [first] = crystals
    const [ring] = gaskets
    if (!first || !ring) throw new Error('drawers')
    // Read again, as it is while a transaction is open anywhere: nothing is laid out anew.
    expect(withChanges(index, { crystals: [{ ...first }], gaskets: [{ ...ring }] })).toBe(index)
    const fewer = withChanges(index, { crystals: [{ ...first, quantity: 0 }], gaskets: [] })
    expect(fewer.diameters).toBe(index.diameters)
    expect(fewer.crystals.find((c) => c.id === first.id)?.quantity).toBe(0)
    const moved = { ...first, diameterMm: 31.7 }
    const anew = stockCrystal({ id: 999, diameterMm: 12 })
    const changed = withChanges(index, { crystals: [moved, anew], gaskets: [{ ...ring, quantity: 0 }] })
    expect(changed).toEqual(
      stockIndex(
        [...crystals.map((c) => (c.id === first.id ? moved : c)), anew],
        gaskets.map((g) => (g.id === ring.id ? { ...g, quantity: 0 } : g)),
      ),
    )
  })

  it('prefers last time’s pair among equals, and never over a better fit', () => {
    const twins = [stockCrystal({ id: 1 }), stockCrystal({ id: 2, quantity: 1 })]
    const lastTime = { crystalId: 2, gasketId: 1, successes: 3 }
    const wishes = { ...NO_WISHES, lastTime, pastPairs: [{ crystalId: 2, gasketId: 1, good: 3, failed: 0 }] }
    const list = shortlist(stockIndex(twins, [stockGasket()]), ringSeatOf(), wishes, { policy: FIT_POLICY })
    const first = list.fitting[0]
    expect(first?.crystal.id).toBe(2)
    expect(first && fitReasons(first, ringSeatOf(), wishes, FIT_POLICY).join(' ')).toMatch(
      /went home 3 times on this case sheet and never failed: by the figures 0\.\d\d, with its history 0\.\d\d; it was the last one/,
    )
    const worse = [stockCrystal({ id: 1 }), stockCrystal({ id: 2, diameterMm: 30.04 })]
    expect(
      shortlist(
        stockIndex(worse, [stockGasket()]),
        ringSeatOf(),
        { ...NO_WISHES, lastTime },
        { policy: FIT_POLICY },
      ).fitting[0]?.crystal.id,
    ).toBe(1)
  })

  it('leads with the thinner where 1.10 1.10 1.11 were read and 1.0 and 1.2 are kept', () => {
    const edges = stockIndex(
      [
        stockCrystal({ id: 1, edgeThicknessMm: 1.2, centreThicknessMm: 1.2, quantity: 9 }),
        stockCrystal({ id: 2 }),
      ],
      [stockGasket()],
    )
    // Common practice. The seat was not measured: what came out tells what stands flush.
    const seat = (mm: number) =>
      ringSeatOf({ level: figure(mm), seatDepth: figure(mm), rimAbove: figure(mm) })
    const lead = (mm: number, policy = FIT_POLICY) =>
      shortlist(edges, seat(mm), NO_WISHES, { policy }).fitting[0]?.crystal.edgeThicknessMm
    expect(lead((1.1 + 1.1 + 1.11) / 3)).toBe(1)
    expect(lead(1.13)).toBe(1.2)
    expect(lead(1.1033, { ...FIT_POLICY, thicknessPreference: 'rather-proud' })).toBe(1.2)
  })

  it('keeps the material that came out when two fit alike', () => {
    const pair = [stockCrystal({ id: 1 }), stockCrystal({ id: 2, material: 'sapphire' })]
    const wishes = { ...NO_WISHES, material: 'sapphire' as const }
    expect(
      shortlist(stockIndex(pair, [stockGasket()]), ringSeatOf(), wishes, { policy: FIT_POLICY }).fitting[0]
        ?.crystal.id,
    ).toBe(2)
  })

  it('puts the verdict’s size first among pairs that fit alike', () => {
    const wishes = { ...NO_WISHES, sizeMm: 30.1 }
    const list = shortlist(stockIndex(crystals, gaskets), ringSeatOf(), wishes, { policy: FIT_POLICY })
    expect(list.fitting[0]).toMatchObject({ crystal: { diameterMm: 30.1 }, gasket: { wallMm: 0.45 } })
  })

  it('is empty, not broken, for empty drawers', () => {
    const none = shortlist(stockIndex([], []), ringSeatOf(), NO_WISHES, { policy: FIT_POLICY })
    expect(none).toMatchObject({ fittingCount: 0, rejectedCount: 0, fitting: [], rejected: [] })
  })
})

describe('nearestOrder', () => {
  it('proposes for each wall the step nearest the middle of the band, best first', () => {
    const [first] = nearestOrder(ringSeatOf(), 'nylon', { policy: FIT_POLICY })
    expect(first).toMatchObject({ crystalDiameterMm: 30.0, ring: { wallMm: 0.5 }, crystalThicknessMm: 1.0 })
    // 60 % of a 1.0 edge is held by 0.6; of 2.5 by 1.5.
    expect(first?.ring?.leastHeightMm).toBeCloseTo(0.6, 9)
    const thick = { ...ringSeatOf(), foundThickness: { valueMm: 2.5, standardUncertaintyMm: 0.02 } }
    const [tall] = nearestOrder(thick as ReturnType<typeof ringSeatOf>, 'nylon', { policy: FIT_POLICY })
    expect(tall?.ring?.leastHeightMm).toBeCloseTo(1.5, 9)
    const proposals = nearestOrder(ringSeatOf(), 'nylon', { policy: FIT_POLICY, most: 6 })
    for (const p of proposals) {
      const interference = p.crystalDiameterMm + 2 * (p.ring?.wallMm ?? NaN) - 30.95
      expect(Math.abs(interference - 0.055)).toBeLessThanOrEqual(0.05 + 1e-9)
    }
  })
})

describe('withCrystalHere', () => {
  const orders = nearestOrder(ringSeatOf(), 'nylon', { policy: FIT_POLICY })
  const here = stockCrystal({ code: 'MF-300-10', drawer: 'C-18', quantity: 2 })

  it('says where the crystal lies already, and puts it before an order as likely', () => {
    const [first] = withCrystalHere(orders, stockIndex([here], []))
    expect(first).toMatchObject({
      crystalDiameterMm: 30,
      note: 'the crystal is here, MF-300-10 in C-18·2: only the ring to order',
    })
  })

  it('says nothing of one that is out, or of another thickness', () => {
    const others = [
      stockCrystal({ quantity: 0 }),
      stockCrystal({ id: 2, edgeThicknessMm: 1.2 }),
      // No hundredth off is the same as printed.
      stockCrystal({ id: 3, edgeThicknessMm: 1.008 }),
      stockCrystal({ id: 4, diameterMm: 30.008 }),
    ]
    expect(withCrystalHere(orders, stockIndex(others, []))).toEqual(orders)
  })
})

describe('fitReasons', () => {
  it('says where a figure came from when it was not measured', () => {
    const facts = ringSeatOf({ bore: figure(30.95, 'sheet'), boreOvalityMm: 0.12 })
    const text = fitReasons(
      assessPair(stockCrystal(), stockGasket(), facts, FIT_POLICY),
      facts,
      NO_WISHES,
      FIT_POLICY,
    ).join(' ')
    expect(text).toMatch(/from the case sheet/)
    expect(text).toMatch(/from −0.01 to \+0.11 round the rim/)
  })

  it('calls the rim by its name', () => {
    expect([-0.2, -0.05, 0.2].map((mm) => rimWord(mm, FIT_POLICY))).toEqual(['sunk', 'flush', 'proud'])
  })
})
