import { caseSheet } from '../../../tests/factories/caseSheet'
import { drawnCase } from '../../../tests/factories/drawnCase'
import { die, stockCrystal } from '../../../tests/factories/parts'
import { DIE_POLICY } from '../dies/diePolicy'
import { fittingDies } from '../dies/fittingDies'
import { FIT_POLICY } from '../fit/fitPolicy'
import { pegPlacement } from '../opening/pegPlacement'
import { watchSizedNear } from '../seals/oRingSizes'
import { CONSTRUCTIONS } from './constructions'

const BUILT = {
  bezel: false,
  insertMm: null,
  chapterRing: false,
  back: true,
  backSeal: 'o-ring',
  hands: true,
} as const
const SIZES = {
  bore: 31,
  caseOver: 7,
  openingUnder: 2.6,
  seat: 1.05,
  height: 10.2,
  hands: 0.5,
  wall: 0.5,
  rise: 0.3,
  dome: 0.2,
  has: BUILT,
}

// What a construction says and where it points, kept word by word and to the hundredth: a rule that moves shows itself.
describe.each(CONSTRUCTIONS)('$id', (construction) => {
  const { watchCase, joint, parts } = drawnCase(construction.id, SIZES)

  it('names its dimensions at their places in the section', () => {
    const spots = construction.spots({
      section: watchCase,
      joint,
      wallMm: parts.ring?.wallMm ?? 0,
      crystalMaterial: 'mineral',
    })
    const rounded = spots.map(([id, at]) => `${id} ${at.map((mm) => mm.toFixed(3)).join(' ')}`)
    expect(rounded.join('\n')).toMatchSnapshot()
  })

  const asked = construction.dimensions
  const outlines = asked['crystal-length'] ? (['round', 'shaped'] as const) : (['round'] as const)
  it.each(outlines)('goes across a %s crystal by a dimension its sheet asks for', (outline) => {
    for (const known of [true, false]) {
      const across = construction.across({ crystalOutline: outline }, () => known)
      expect(asked[across]).toBeDefined()
      expect(asked[across]).not.toBe(`unless-${outline}`)
    }
  })

  it('is brought home by its own steps, at either press', () => {
    const steps = (['lever', 'screw'] as const).map((pressKind) =>
      construction
        .pressSteps({ pressKind, bevelMm: 0.2, ringed: construction.ring.takes })
        .map(({ action, why }) => `${action}: ${why}`),
    )
    expect(steps.flat().join('\n')).toMatchSnapshot()
  })

  it('speaks of itself, and cautions', () => {
    const { words, cautions, measureCase, cleanSeat, matchRing, ring, pressed } = construction
    expect({
      words,
      cautions,
      measureCase,
      cleanSeat,
      matchRing,
      takes: ring.takes,
      pressed,
    }).toMatchSnapshot()
  })
})

describe('what is assumed of a case nobody measured', () => {
  it('is a case 7 wider and a bezel 5 wider than what the crystal goes into', () => {
    const ringed = { retention: 'press-in-bezel', caseDiameterMm: null, bezelOuterMm: null } as const
    const supports = [33, 34, 35, 36, 37, 38, 39].map((mm, i) =>
      die({ id: i + 1, role: 'support', outerDiameterMm: mm + 6, openingMm: mm }),
    )
    const pushers = [30, 31, 32, 33, 34, 35, 36].map((mm, i) =>
      die({ id: 20 + i, role: 'pusher', outerDiameterMm: mm, openingMm: mm - 3 }),
    )
    const found = (over: { caseDiameterMm?: number; bezelOuterMm?: number }) =>
      fittingDies(
        [...supports, ...pushers],
        stockCrystal({ build: 'cup' }),
        { ...ringed, ...over },
        30,
        DIE_POLICY,
      )
    expect(found({})).toEqual(found({ caseDiameterMm: 37, bezelOuterMm: 35 }))
    const wanted = (bezelOuterMm: number | null) =>
      fittingDies([], stockCrystal({ build: 'cup' }), { ...ringed, bezelOuterMm }, 30, DIE_POLICY).support
    expect(wanted(null)).toEqual(wanted(35))
    expect(wanted(36)).not.toEqual(wanted(35))
    const tension = { retention: 'tension-gasket', caseDiameterMm: null, bezelOuterMm: null } as const
    const ofCase = (caseDiameterMm: number | null) =>
      fittingDies([...supports, ...pushers], stockCrystal(), { ...tension, caseDiameterMm }, 30, DIE_POLICY)
    expect(ofCase(null)).toEqual(ofCase(37))
  })
})

describe('limits met exactly', () => {
  it('lets pegs stand 16° off a crown, and no nearer', () => {
    const placed = (deg: readonly number[]) => pegPlacement(8, deg)
    expect(placed([0]).clearDeg).toBe(22)
    expect(placed([0, 13]).clearDeg).toBe(16)
    expect(placed([0, 13]).clears).toBe(true)
    expect(placed([0, 14]).clears).toBe(false)
  })

  it('takes a ring sold in the very size that is wanted', () => {
    const inner = (mm: number) => watchSizedNear(mm)[0]?.innerDiameterMm
    expect([1.7, 2.3, 7.9, 8, 8.5, 24, 24.49].map(inner)).toEqual([1.7, 2.3, 7.9, 8, 8.5, 24, 24])
  })
})

describe('how the ring of a pressed crystal was found', () => {
  it.each(['tension-gasket', 'press-in-bezel'] as const)(
    '%s: by crystal, two walls and what they lie in',
    (id) => {
      const found = (openingMm: number) =>
        CONSTRUCTIONS.find((one) => one.id === id)?.foundHold(
          { crystalMm: 30, wallMm: 0.5, openingMm, mm: () => null },
          caseSheet({ gasketMaterial: 'nylon' }),
          FIT_POLICY,
        )
      expect([31.1, 30.97, 30.87, 30.5].map(found)).toEqual(['loose', 'good', 'tight', 'crushed'])
      // A limit that is met exactly is met: 0.10 and 0.01 are the band's own.
      expect([30.9, 30.99].map(found)).toEqual(['good', 'good'])
    },
  )
})
