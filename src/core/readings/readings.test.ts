import fc from 'fast-check'
import { checkReading } from './checkReading'
import { DIMENSION_IDS } from './dimensions'
import { DIMENSIONS } from './dimensions'
import type { ReadingTarget } from './readingPlan'
import { instrumentFor, noneReaches, reachOf, reachText } from './instrumentFor'
import { nextPlace, nextTarget, possibleDimensions, readingPlan } from './readingPlan'
import { planBasis } from '../../../tests/factories/planBasis'

const bore = DIMENSIONS.bore
const expected = (valueMm: number) => ({ valueMm, because: null })

describe('checkReading', () => {
  it('converts inches and says so', () => {
    const check = checkReading('1.1811 in', bore, expected(30))
    expect(check).toMatchObject({ outcome: 'accept', note: '1.1811 in taken as 30.00 mm' })
    expect(check.outcome === 'accept' && check.valueMm).toBeCloseTo(29.99994, 6)
    expect(checkReading('1,1811"', bore, expected(30)).outcome).toBe('accept')
    expect(checkReading('in', bore, expected(30)).outcome).toBe('refuse')
  })

  it('accepts what is likely, point or comma', () => {
    expect(checkReading('30.02', bore, expected(30))).toEqual({
      outcome: 'accept',
      valueMm: 30.02,
      note: null,
    })
    expect(checkReading('30,02', bore, expected(30))).toEqual({
      outcome: 'accept',
      valueMm: 30.02,
      note: null,
    })
    expect(checkReading('30.02', bore, null)).toEqual({ outcome: 'accept', valueMm: 30.02, note: null })
  })

  it.each(['3.00', '300', '0.30'])('asks about %s where 30.0 is expected, and will not keep it', (text) => {
    expect(checkReading(text, bore, expected(30))).toMatchObject({
      outcome: 'ask',
      suggestionMm: 30,
      keepAllowed: false,
    })
  })

  it('offers the slipped point even when nothing is expected', () => {
    expect(checkReading('300', bore, null)).toMatchObject({ outcome: 'ask', suggestionMm: 30 })
  })

  it('takes the limits themselves, and offers a point that leads to one', () => {
    const { leastMm, mostMm } = bore
    for (const mm of [leastMm, mostMm])
      expect(checkReading(mm.toFixed(2), bore, null)).toMatchObject({ outcome: 'accept', valueMm: mm })
    for (const mm of [leastMm - 0.01, mostMm + 0.01])
      expect(checkReading(mm.toFixed(2), bore, null)).toMatchObject({
        outcome: 'refuse',
        code: 'out-of-range',
      })
    expect(checkReading(String(10 * mostMm), bore, null)).toMatchObject({ suggestionMm: mostMm })
    expect(checkReading(String(leastMm / 10), bore, null)).toMatchObject({ suggestionMm: leastMm })
  })

  it('asks about a surprising value and lets it be kept', () => {
    const check = checkReading('32.5', bore, expected(30))
    expect(check).toMatchObject({ outcome: 'ask', suggestionMm: null, keepAllowed: true })
    expect(check.outcome === 'ask' && check.message).toMatch(/2.50 away from the 30.00 expected/)
  })

  it.each([
    ['abc', 'not-a-number'],
    ['', 'empty'],
    ['-30', 'not-positive'],
    ['0', 'not-positive'],
    ['1.18 cm', 'wrong-unit'],
    ['99999', 'out-of-range'],
  ])('refuses %s as %s, naming the field', (text, code) => {
    const check = checkReading(text, bore, expected(30))
    expect(check).toMatchObject({ outcome: 'refuse', code })
    expect(check.outcome === 'refuse' && check.message).toMatch(/^Case bore/)
  })

  it('takes hands that stand above the seat, as they may under a dome (common practice)', () => {
    const hands = DIMENSIONS['hands-below-seat']
    expect(checkReading('-0,40', hands, expected(-0.42))).toEqual({
      outcome: 'accept',
      valueMm: -0.4,
      note: null,
    })
    expect(checkReading('0', hands, null)).toMatchObject({ outcome: 'accept', valueMm: 0 })
    expect(checkReading('-4.0', hands, expected(-0.4))).toMatchObject({ outcome: 'ask', suggestionMm: -0.4 })
    expect(checkReading('-5.5', hands, null)).toMatchObject({ outcome: 'ask', suggestionMm: -0.55 })
    expect(checkReading('-500', hands, expected(0.4))).toMatchObject({
      outcome: 'refuse',
      code: 'out-of-range',
    })
  })

  // What every bench meets: common practice.
  it.each([
    ['seat-depth', '0.5'],
    ['seat-depth', '2.5'],
    ['crystal-edge', '0.8'],
    ['crystal-edge', '3.0'],
    ['crystal-diameter', '18.0'],
    ['crystal-diameter', '40.0'],
    ['gasket-wall', '0.30'],
    ['gasket-wall', '0.80'],
    ['hands-below-seat', '0.30'],
    ['bore', '19.0'],
    ['bore', '41.0'],
  ] as const)('takes an ordinary %s of %s', (id, text) => {
    expect(checkReading(text, DIMENSIONS[id], null)).toMatchObject({ outcome: 'accept' })
  })

  it('never accepts outside the possible range', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...DIMENSION_IDS),
        fc.double({ min: -1000, max: 1000, noNaN: true }),
        (id, mm) => {
          const check = checkReading(mm.toFixed(3), DIMENSIONS[id], null)
          if (check.outcome !== 'accept') return
          expect(check.valueMm).toBeGreaterThanOrEqual(DIMENSIONS[id].leastMm)
          expect(check.valueMm).toBeLessThanOrEqual(DIMENSIONS[id].mostMm)
        },
      ),
    )
  })
})

describe('readingPlan', () => {
  it('takes thickness before diameter, and the case last', () => {
    const plan = readingPlan(planBasis())
    expect(plan.indexOf('crystal-edge')).toBeLessThan(plan.indexOf('crystal-diameter'))
    expect(plan.indexOf('crystal-diameter')).toBeLessThan(plan.indexOf('bore'))
  })

  it('measures the case instead when the crystal is in pieces', () => {
    const plan = readingPlan(planBasis({ crystalState: 'shattered' }))
    expect(plan).not.toContain('crystal-diameter')
    expect(plan).toContain('opening')
  })

  it('leaves out what is not there', () => {
    expect(readingPlan(planBasis({ crystalState: 'missing', gasketPresent: false }))).toEqual([
      'bore',
      'seat-depth',
    ])
    expect(readingPlan(planBasis({ profile: 'double-dome' }))).toContain('crystal-centre')
  })

  // Common practice: what each construction needs before a part can be chosen.
  it.each([
    [
      'tension-gasket',
      ['bore', 'crystal-diameter', 'crystal-edge', 'seat-depth', 'gasket-wall', 'gasket-height'],
    ],
    ['neck-and-bezel', ['neck-outer', 'bezel-inner', 'gasket-wall']],
    ['press-in-bezel', ['bezel-bore', 'gasket-wall', 'bezel-gasket-wall', 'key-spacing', 'key-width']],
    ['snap-acrylic', ['groove', 'crystal-diameter', 'dome-height']],
    ['tension-ring-acrylic', ['bore', 'crystal-diameter', 'ring-height']],
    ['cemented', ['rebate-length', 'rebate-width', 'rebate-depth', 'crystal-length', 'crystal-width']],
  ] as const)('reads everything %s needs', (retention, needed) => {
    expect(readingPlan(planBasis({ retention }))).toEqual(expect.arrayContaining([...needed]))
  })

  it('reads a round rebate and its crystal across, a shaped one along its sides', () => {
    const plan = readingPlan(planBasis({ retention: 'cemented', crystalOutline: 'round' }))
    expect(plan).toEqual(['crystal-edge', 'crystal-diameter', 'bore', 'rebate-depth'])
    const shaped = readingPlan(planBasis({ retention: 'cemented', crystalOutline: 'shaped' }))
    expect(shaped).toContain('rebate-corner')
    expect(shaped).not.toContain('bore')
  })

  it('reads a neck once, whoever asked for it', () => {
    const plan = readingPlan(
      planBasis({ retention: 'neck-and-bezel', bezelKind: 'crystal-retaining', asked: ['crystal', 'bezel'] }),
    )
    expect(plan.filter((dimension) => dimension === 'neck-outer')).toHaveLength(1)
    expect(new Set(plan).size).toBe(plan.length)
  })

  it('reads the skirt of an acrylic cup over a neck, not of glass', () => {
    const facts = { retention: 'neck-and-bezel' } as const
    expect(readingPlan(planBasis({ ...facts, crystalMaterial: 'acrylic' }))).toContain('skirt-inner')
    expect(readingPlan(planBasis(facts))).not.toContain('skirt-inner')
  })

  it('reads what else was asked for, and nothing of the crystal when nobody asked', () => {
    expect(readingPlan(planBasis({ asked: ['battery'] }))).toEqual([])
    const kept = { asked: ['insert'], insertMaterial: 'ceramic', insertBack: true } as const
    expect(readingPlan(planBasis(kept))).toEqual([])
    expect(readingPlan(planBasis({ asked: ['insert'], insertMaterial: 'ceramic' }))).toEqual([
      'insert-outer',
      'insert-inner',
      'insert-thickness',
      'recess-outer',
      'recess-depth',
    ])
    const bezel = ['neck-outer', 'bezel-inner', 'bezel-outer']
    expect(readingPlan(planBasis({ asked: ['bezel'], bezelKind: 'rotating-click' }))).toEqual(bezel)
    expect(readingPlan(planBasis({ asked: ['bezel'], bezelKind: 'none' }))).toEqual([])
    expect(readingPlan(planBasis({ asked: ['reseal'] }))).toEqual([
      'back-ring-section',
      'back-ring-inner',
      'back-groove-inner',
      'back-groove-width',
      'back-groove-depth',
    ])
    const twoPart = readingPlan(planBasis({ asked: ['reseal'], twoPartBack: true }))
    expect(twoPart.filter((id) => id.startsWith('disc-'))).toHaveLength(5)
    expect(readingPlan(planBasis({ asked: ['battery'], crystalState: 'cracked' }))).toContain(
      'crystal-diameter',
    )
  })

  it('asks of a chapter ring that is set straight only what a pusher has to clear; the rest can be read', () => {
    const ofRing = (ids: readonly string[]) => ids.filter((id) => id.startsWith('chapter-ring'))
    const facts = planBasis({ asked: ['chapter-ring'], chapterRing: 'loose' })
    expect(ofRing(readingPlan(facts))).toEqual(['chapter-ring-inner'])
    expect(ofRing(possibleDimensions(facts))).toEqual([
      'chapter-ring-inner',
      'chapter-ring-outer',
      'chapter-ring-height',
    ])
    expect(ofRing(possibleDimensions({ ...facts, chapterRing: 'none' }))).toEqual([])
  })
})

describe('possibleDimensions', () => {
  it('offers everything of the plan, and what the crystal would show if it were whole', () => {
    const facts = planBasis({ crystalState: 'missing', gasketPresent: false })
    const possible = possibleDimensions(facts)
    expect(possible).toEqual(expect.arrayContaining(readingPlan(facts)))
    expect(possible).toContain('crystal-diameter')
    expect(possible).not.toContain('groove')
  })
})

describe('instrumentFor', () => {
  const kinds = (...list: ('caliper' | 'depth-gauge' | 'micrometer')[]) => list.map((kind) => ({ kind }))

  it('takes the best suited kind there is', () => {
    expect(instrumentFor('seat-depth', kinds('caliper', 'depth-gauge'))?.kind).toBe('depth-gauge')
    expect(instrumentFor('seat-depth', kinds('micrometer', 'caliper'))?.kind).toBe('caliper')
    expect(instrumentFor('seat-depth', kinds('micrometer'))).toBeNull()
    expect(instrumentFor('crystal-edge', kinds('depth-gauge', 'caliper'))?.kind).toBe('caliper')
    expect(instrumentFor('crystal-edge', kinds('caliper', 'micrometer'))?.kind).toBe('micrometer')
    expect(instrumentFor('seat-depth', [])).toBeNull()
  })

  it('says what reaches a dimension, what only does at a pinch, and what to take instead', () => {
    expect(reachText('caliper', 'bore')).toBeNull()
    expect(reachText('thickness-gauge', 'bore')).toBe(
      'Case bore: a thickness gauge does not reach it. Take a caliper, an inside micrometer or pin gauges.',
    )
    expect(reachText('caliper', 'gasket-wall')).toBe(
      'Gasket wall: a thickness gauge or a micrometer reads it better than a caliper. Keep it only where there is none.',
    )
    expect(noneReaches('seat-depth')).toBe(
      'Seat depth: no instrument here reaches it. Add a depth gauge or a caliper in Settings.',
    )
    expect(DIMENSION_IDS.map((id) => reachOf('depth-gauge', id))).not.toContain('at-a-pinch')
  })

  it('knows an instrument for every dimension, and a direction or a place for every place', () => {
    for (const { instruments, places, directionsDeg, roundDeg } of Object.values(DIMENSIONS)) {
      expect(instruments.length).toBeGreaterThan(0)
      expect((directionsDeg ?? places).length).toBe(places.length)
      expect((roundDeg ?? places).length).toBe(places.length)
    }
  })
})

describe('nextTarget', () => {
  it('walks every place of every dimension once and then stops', () => {
    const plan = readingPlan(planBasis({ crystalState: 'shattered' }))
    const taken: ReadingTarget[] = []
    for (let target = nextTarget(plan, taken); target; target = nextTarget(plan, taken)) taken.push(target)
    expect(taken).toHaveLength(plan.reduce((sum, d) => sum + DIMENSIONS[d].places.length, 0))
    expect(nextPlace('bore', taken)).toBeNull()
  })
})
