import { STRIP_STEPS } from './tickStrip'
import { whichTick } from './whichTick'

const ALL_SEEN = Array.from({ length: 72 }, () => true)

/** Strokes at every tick, wider at the fifth and widest at 12, turned by whole ticks. */
function strip(turnedTicks: number, { fifth = 24, twelve = 60 } = {}): Float64Array {
  const values = new Float64Array(STRIP_STEPS)
  for (let tick = 0; tick < 60; tick++) {
    const width = tick === 0 ? twelve : tick % 5 === 0 ? fifth : 12
    const middle = ((tick + turnedTicks) * STRIP_STEPS) / 60
    for (let i = -width / 2; i < width / 2; i++) values[(middle + i + STRIP_STEPS) % STRIP_STEPS] = 1
  }
  return values
}

describe('which tick belongs to which', () => {
  it.each([0, 1, -7, 29])('is known by the 12 mark: %s ticks', (ticks) => {
    expect(whichTick(strip(0), strip(ticks), ALL_SEEN)).toEqual({ ticks, known: 'tick' })
  })

  it('is known by marks that are not alike, wherever the strips begin', () => {
    const from = (values: Float64Array, ticks: number) =>
      values.map((_, i) => values[(i + (ticks * STRIP_STEPS) / 60) % STRIP_STEPS] ?? 0)
    for (const first of [0, 1, 4, 33])
      expect(
        whichTick(from(strip(0), first), from(strip(-8, { fifth: 30, twelve: 46 }), first), ALL_SEEN),
      ).toEqual({ ticks: -8, known: 'tick' })
  })

  it('is known but for five minutes where no mark is at 12 on either, or it is hidden', () => {
    const told = whichTick(strip(0, { twelve: 24 }), strip(2, { twelve: 24 }), ALL_SEEN)
    expect(told.known).toBe('five-minutes')
    expect((told.ticks - 2) % 5).toBe(0)
    const hidden = strip(0).map((value, i) => (i < 200 || i > STRIP_STEPS - 200 ? 0 : value))
    expect(whichTick(hidden, strip(0), ALL_SEEN).known).toBe('five-minutes')
    expect(whichTick(strip(0), hidden, ALL_SEEN).known).toBe('five-minutes')
    // A hand that lies over another hour is none, whatever hides the 12.
    const hand = hidden.map((value, i) => (Math.abs(i - 900) < 30 ? 1 : value))
    expect(whichTick(hand, strip(0), ALL_SEEN).known).toBe('five-minutes')
    // Nor is noise that happens to be like a mark, while a hand lies across the 12.
    const across = strip(0).map((value, i) =>
      i < 70 || i > STRIP_STEPS - 20 ? 1 : Math.abs(i - 1800) < 26 ? 1.05 * value : value,
    )
    expect(whichTick(across, strip(0), ALL_SEEN)).not.toMatchObject({ known: 'tick', ticks: 30 })
    // A mark on the dial alone tells nothing of the ring.
    expect(whichTick(strip(0), strip(0, { twelve: 24 }), ALL_SEEN).known).toBe('five-minutes')
  })

  it('is not known where every tick is like the next', () => {
    const equal = { fifth: 12, twelve: 12 }
    expect(whichTick(strip(0, equal), strip(3, equal), ALL_SEEN).known).toBe('no-more')
  })
})
