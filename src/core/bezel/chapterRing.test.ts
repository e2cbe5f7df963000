import { BEZEL_POLICY } from './bezelPolicy'
import fc from 'fast-check'
import { figure } from '../../../tests/factories/crystalSeats'
import { stockChapterRing } from '../../../tests/factories/otherParts'
import type { StockChapterRing } from '../stock/otherParts'
import type { ChapterRingSeat } from './assessChapterRing'
import { assessChapterRing } from './assessChapterRing'

describe('assessChapterRing', () => {
  const seat: ChapterRingSeat = {
    kind: 'keyed',
    oldOuter: figure(30.9),
    oldInner: figure(27.6),
    oldHeight: figure(1.2),
    bore: figure(31.35),
    family: '',
  }
  const against = (over: Partial<StockChapterRing>, at: Partial<ChapterRingSeat> = {}) =>
    assessChapterRing(stockChapterRing(over), { ...seat, ...at }, BEZEL_POLICY)

  it('takes one like the old ring, and says what die clears it', () => {
    const { probability, failures, reasons } = against({})
    expect(probability).toBeGreaterThan(0.8)
    expect(failures).toEqual([])
    expect(reasons.join(' ')).toMatch(
      /30.90 outside for the old ring’s 30.90.*key in the notch.*up to 26.6 clears/,
    )
  })

  it.each([
    ['higher', { heightMm: 1.4 }, /0.20 higher than the old ring: the crystal would not come home/],
    ['lower', { heightMm: 0.9 }, /0.30 lower than the old ring: it would rattle/],
    ['wider', { outerMm: 31.1 }, /0.20 wider than the old ring outside/],
    ['narrower inside', { innerMm: 27.1 }, /0.50 narrower than the old ring inside/],
    ['none left', { quantity: 0 }, /no R-309 left/],
    ['of another family', { family: 'Signal 1' }, /belongs to Signal 1/, { family: 'Signal 2' }],
    ['keyed without a notch', {}, /no notch for its key/, { kind: 'loose' }],
    ['wider than the bore', { outerMm: 31.6 }, /does not go through the 31.35 bore/, { oldOuter: null }],
  ] as const)('rejects one that is %s', (_, over, why, at: Partial<ChapterRingSeat> = {}) => {
    const { probability, failures } = against(over, at)
    expect(probability).toBeLessThan(0.5)
    expect(failures[0]).toMatch(why)
  })

  it('takes a loose one in a keyed case, set by eye, and owns up to what is not known', () => {
    const { failures, reasons } = against({ form: 'loose' }, { oldHeight: null })
    expect(failures).toEqual([])
    expect(reasons.join(' ')).toMatch(/not known: measure the old ring’s height.*at 12 and 6 by eye/)
  })

  it('is the likelier the nearer it lies to the old ring', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.06, max: 0.5, noNaN: true }),
        fc.double({ min: 0.01, max: 0.3, noNaN: true }),
        (off, more) => {
          const at = (outerMm: number) => against({ outerMm }, { bore: null }).probability
          expect(at(30.9 + off)).toBeGreaterThanOrEqual(at(30.9 + off + more))
          expect(at(30.7 - off)).toBeGreaterThanOrEqual(at(30.7 - off - more))
        },
      ),
    )
  })
})
