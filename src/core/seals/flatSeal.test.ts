import normalCdf from '@stdlib/stats-base-dists-normal-cdf'
import { SEAL_POLICY } from './sealPolicy'
import { FLAT_SEAL_POLICY } from './flatSealPolicy'
import { BUILT_IN_POLICY } from '../policy/ShopPolicy'
import fc from 'fast-check'
import { figure } from '../../../tests/factories/crystalSeats'
import { caseSheet } from '../../../tests/factories/caseSheet'
import { stockGasket } from '../../../tests/factories/parts'
import { flatGasketsForGroove, flatGasketsLikeOld } from './flatGaskets'
import { assessFlatSeal, flatSeal, flatSealSentence, flatToOrder } from './flatSeal'
import { resealSet } from './resealSet'

const RECESS = { inner: figure(28.4, 0.01), width: figure(1.2, 0.01), gap: figure(0.45, 0.01) }
const flat = (id: number, wallMm: number, heightMm: number, innerMm = 28.5) =>
  stockGasket({
    id,
    use: 'back',
    material: 'nitrile',
    wallMm,
    heightMm,
    outerDiameterMm: innerMm + 2 * wallMm,
  })

describe('flatSeal', () => {
  it('squeezes what is thicker than the gap and keeps its volume', () => {
    const seal = flatSeal(
      { innerMm: 28, widthMm: 0.8, thicknessMm: 0.5 },
      { innerMm: 27.9, widthMm: 1.1, gapMm: 0.4 },
    )
    expect(seal.squeeze).toBeCloseTo(0.2, 12)
    expect(seal.fill).toBeCloseTo(10 / 11, 12)
    expect(seal.looseMm).toBeCloseTo(0.1, 12)
  })

  it('grows as wide as it loses in height: pressed to the gap, its width over the recess’s is the fill', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.4, max: 1.2, noNaN: true }),
        fc.double({ min: 0.3, max: 0.9, noNaN: true }),
        fc.double({ min: 0.2, max: 0.6, noNaN: true }),
        (widthMm, thicknessMm, gapMm) => {
          const { squeeze, fill } = flatSeal(
            { innerMm: 28, widthMm, thicknessMm },
            { innerMm: 28, widthMm: 1.2, gapMm },
          )
          expect(fill).toBeCloseTo(widthMm / (1 - squeeze) / 1.2, 9)
        },
      ),
    )
  })

  it('refuses sizes that are none', () => {
    const groove = { innerMm: 28, widthMm: 1, gapMm: 0.4 }
    expect(() => flatSeal({ innerMm: 28, widthMm: 0, thicknessMm: 0.5 }, groove)).toThrow(/widthMm/)
    expect(() => flatSeal({ innerMm: 28, widthMm: 1, thicknessMm: 0.5 }, { ...groove, gapMm: 0 })).toThrow(
      /gapMm/,
    )
  })
})

describe('assessFlatSeal', () => {
  it('doubts the fill by the width of ring and recess, each by its own share', () => {
    const ring = { innerMm: 28.4, widthMm: 3.2, thicknessMm: 0.5, material: 'nitrile' } as const
    const chance = (widthU: number, gapU = 0) =>
      assessFlatSeal(
        ring,
        { inner: figure(28.3, 0), width: figure(4, widthU), gap: figure(0.41, gapU) },
        { ...FLAT_SEAL_POLICY, thicknessUncertaintyMm: 1e-9, innerUncertaintyMm: 1e-9, mostFill: 1 },
      ).probability
    const fill = (3.2 * 0.5) / (4 * 0.41)
    const known = chance(1e-9)
    // The fill is off by as much, relatively, as the width is: .2 of 4 are 5 %.
    expect(chance(0.2) / known).toBeCloseTo(normalCdf(1, fill, fill * 0.05), 3)
  })

  const at = (over: Partial<{ innerMm: number; widthMm: number; thicknessMm: number }>) =>
    assessFlatSeal(
      { innerMm: 28.5, widthMm: 0.9, thicknessMm: 0.55, material: 'nitrile', ...over },
      RECESS,
      FLAT_SEAL_POLICY,
    ).probability

  it.each([
    ['too thin to be squeezed', { thicknessMm: 0.44 }],
    ['too thick', { thicknessMm: 0.72, widthMm: 0.6 }],
    ['so wide that it is crushed', { widthMm: 1.2 }],
    ['stretched until it curls', { innerMm: 27.9 }],
    ['so loose that it is pinched', { innerMm: 29.2 }],
  ])('turns down one that is %s', (_, over) => {
    expect(at({})).toBeGreaterThan(0.7)
    expect(at(over)).toBeLessThan(0.2)
  })

  it('asks less of what is harder', () => {
    const nylon = { innerMm: 28.5, widthMm: 0.9, thicknessMm: 0.48, material: 'nylon' as const }
    expect(assessFlatSeal(nylon, RECESS, FLAT_SEAL_POLICY).probability).toBeGreaterThan(0.6)
    expect(
      assessFlatSeal({ ...nylon, material: 'nitrile' }, RECESS, FLAT_SEAL_POLICY).probability,
    ).toBeLessThan(0.3)
  })
})

describe('flatGasketsForGroove', () => {
  it('takes the likeliest of the back’s own gaskets that are there', () => {
    const found = flatGasketsForGroove(
      [
        flat(1, 0.9, 0.5),
        flat(2, 0.9, 0.55),
        flat(3, 1.2, 0.55),
        { ...flat(4, 0.9, 0.55), use: 'crystal' },
        { ...flat(5, 0.9, 0.55), quantity: 0 },
      ],
      RECESS,
      BUILT_IN_POLICY,
    )
    expect(found.map(({ part }) => part.id)).toEqual([2])
    const alike = [flat(7, 0.9, 0.55), flat(6, 0.9, 0.55), flat(8, 0.9, 0.52)]
    const ranked = flatGasketsForGroove(alike, RECESS, BUILT_IN_POLICY)
    expect(ranked.map(({ part }) => part.id)).toEqual([6, 7, 8])
    expect(found[0]?.reason).toBe(
      'squeezed 18\u00A0% of 10–30\u00A0% for nitrile, fills 92\u00A0% of its recess, 0.10 loose round the inner wall',
    )
  })
})

describe('flatToOrder', () => {
  it('names a size that would be chosen if it were there', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 15, max: 40, noNaN: true }),
        fc.double({ min: 0.7, max: 2, noNaN: true }),
        fc.double({ min: 0.3, max: 0.8, noNaN: true }),
        (innerMm, widthMm, gapMm) => {
          const groove = {
            inner: figure(innerMm, 0.01),
            width: figure(widthMm, 0.01),
            gap: figure(gapMm, 0.01),
          }
          const order = flatToOrder(groove, FLAT_SEAL_POLICY, SEAL_POLICY.leastProbability)
          if (!order) throw new Error('nothing to order')
          const ordered = flat(1, order.widthMm, order.thicknessMm, order.innerMm)
          expect(flatGasketsForGroove([ordered], groove, BUILT_IN_POLICY)).toHaveLength(1)
        },
      ),
    )
  })
})

describe('resealSet with a flat gasket', () => {
  const sheet = caseSheet({
    backSeal: 'flat-gasket',
    crownKind: 'none',
    backRingInnerMm: 28.6,
    backRingSectionMm: 0.47,
    backGrooveInnerMm: 28.4,
    backGrooveWidthMm: 1.2,
    backGrooveDepthMm: 0.45,
  })

  it('goes by the recess, and says how the old one misleads', () => {
    const [back] = resealSet(
      {},
      sheet,
      { oRings: [], gaskets: [flat(1, 0.9, 0.47), flat(2, 0.9, 0.55)] },
      BUILT_IN_POLICY,
    )
    expect(back?.choices.map(({ partId }) => partId)).toEqual([2])
    expect(back?.notes[0]).toMatch(/reads 0.47 thick in a gap of 0.45: it has taken a set. Go by the recess/)
    expect(back?.measure).toEqual([])
  })

  it('says what to order, or what to measure first', () => {
    const [nothing] = resealSet({}, sheet, { oRings: [], gaskets: [] }, BUILT_IN_POLICY)
    expect(nothing?.order).toMatch(
      /^nitrile flat gasket 28\.\d inside, \d\.\d wide, 0\.5\d thick: squeezed \d+\u00A0%/,
    )
    const [unknown] = resealSet(
      {},
      { ...sheet, backGrooveDepthMm: null },
      { oRings: [], gaskets: [] },
      BUILT_IN_POLICY,
    )
    expect(unknown?.measure).toEqual(['back-groove-depth'])
    expect(unknown?.order).toMatch(/28.6 inside, 0.47 thick/)
    expect(unknown?.notes[0]).toMatch(/rather a little thicker/)
  })
})

describe('flatGasketsLikeOld', () => {
  it('puts the nearest thickness first, thinner or thicker, then the older line', () => {
    const old = {
      inner: { valueMm: 26, standardUncertaintyMm: 0.02, origin: 'measured' as const },
      thickness: { valueMm: 0.6, standardUncertaintyMm: 0.02, origin: 'measured' as const },
    }
    const policy = { likeOld: { innerMm: 30, thicknessMm: 0.2 } }
    const alike = [
      flat(1, 0.9, 0.45),
      flat(2, 0.9, 0.7),
      flat(4, 0.9, 0.58),
      flat(3, 0.9, 0.58),
      flat(5, 0.9, 0.9),
    ]
    expect(flatGasketsLikeOld(alike, old, policy).map(({ part }) => part.id)).toEqual([3, 4, 2, 1])
    expect(flatGasketsLikeOld(alike, old, policy, 2)).toHaveLength(2)
  })
})

describe('flatSealSentence', () => {
  it('calls a gasket stretched only where it is smaller than the wall it lies round', () => {
    const lies = (looseMm: number) =>
      flatSealSentence({ squeeze: 0.2, fill: 0.9, looseMm }, 'nitrile', FLAT_SEAL_POLICY)
    expect(lies(0)).toMatch(/0.00 loose round the inner wall$/)
    expect(lies(-0.1)).toMatch(/stretched 0.10 over the inner wall$/)
  })
})
