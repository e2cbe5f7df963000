import fc from 'fast-check'
import { checkReading } from './checkReading'
import { DIMENSION_IDS, DIMENSIONS } from './dimensions'
import type { ReadingTarget } from './readingPlan'
import { nextPlace, nextTarget, readingPlan } from './readingPlan'

const bore = DIMENSIONS.bore

describe('checkReading', () => {
  it('converts inches and says so', () => {
    const check = checkReading('1.1811 in', bore, 30)
    expect(check).toMatchObject({ outcome: 'accept', note: '1.1811 in taken as 30.00 mm' })
    expect(check.outcome === 'accept' && check.valueMm).toBeCloseTo(29.99994, 6)
    expect(checkReading('1,1811"', bore, 30).outcome).toBe('accept')
    expect(checkReading('in', bore, 30).outcome).toBe('refuse')
  })

  it('accepts what is likely, point or comma', () => {
    expect(checkReading('30.02', bore, 30)).toEqual({ outcome: 'accept', valueMm: 30.02, note: null })
    expect(checkReading('30,02', bore, 30)).toEqual({ outcome: 'accept', valueMm: 30.02, note: null })
    expect(checkReading('30.02', bore, null)).toEqual({ outcome: 'accept', valueMm: 30.02, note: null })
  })

  it.each(['3.00', '300', '0.30'])('asks about %s where 30.0 is expected, and will not keep it', (text) => {
    expect(checkReading(text, bore, 30)).toMatchObject({
      outcome: 'ask',
      suggestionMm: 30,
      keepAllowed: false,
    })
  })

  it('offers the slipped point even when nothing is expected', () => {
    expect(checkReading('300', bore, null)).toMatchObject({ outcome: 'ask', suggestionMm: 30 })
  })

  it('asks about a surprising value and lets it be kept', () => {
    const check = checkReading('32.5', bore, 30)
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
    const check = checkReading(text, bore, 30)
    expect(check).toMatchObject({ outcome: 'refuse', code })
    expect(check.outcome === 'refuse' && check.message).toMatch(/^Case bore/)
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
  const whole = {
    retention: 'tension-gasket',
    crystalState: 'whole',
    profile: 'flat',
    gasketPresent: true,
  } as const

  it('takes thickness before diameter, and the case last', () => {
    const plan = readingPlan(whole)
    expect(plan.indexOf('crystal-edge')).toBeLessThan(plan.indexOf('crystal-diameter'))
    expect(plan.indexOf('crystal-diameter')).toBeLessThan(plan.indexOf('bore'))
  })

  it('measures the case instead when the crystal is in pieces', () => {
    const plan = readingPlan({ ...whole, crystalState: 'shattered' })
    expect(plan).not.toContain('crystal-diameter')
    expect(plan).toContain('opening')
  })

  it('leaves out what is not there', () => {
    expect(
      readingPlan({
        retention: 'tension-gasket',
        crystalState: 'missing',
        profile: 'flat',
        gasketPresent: false,
      }),
    ).toEqual(['bore', 'seat-depth'])
    expect(readingPlan({ ...whole, profile: 'double-dome' })).toContain('crystal-centre')
  })
})

describe('nextTarget', () => {
  it('walks every place of every dimension once and then stops', () => {
    const plan = readingPlan({
      retention: 'tension-gasket',
      crystalState: 'shattered',
      profile: 'flat',
      gasketPresent: true,
    })
    const taken: ReadingTarget[] = []
    for (let target = nextTarget(plan, taken); target; target = nextTarget(plan, taken)) taken.push(target)
    expect(taken).toHaveLength(plan.reduce((sum, d) => sum + DIMENSIONS[d].places.length, 0))
    expect(nextPlace('bore', taken)).toBeNull()
  })
})
