import fc from 'fast-check'
import { checkRun, MOST_READINGS } from './checkRun'
import type { PressPoint } from './PressPoint'
import { PRESS_RUN_POLICY } from './pressRunPolicy'
import { readPress } from './readPress'

/** Readings a hand's steady way down gives, 40 a second at half a millimetre a second. */
const RATE_HZ = 40
const SPEED_MM_PER_S = 0.5

/** A run whose force follows from the place alone, with a scatter that repeats. */
function run(untilMm: number, forceAt: (mm: number) => number): PressPoint[] {
  const count = Math.round((untilMm / SPEED_MM_PER_S) * RATE_HZ)
  return Array.from({ length: count + 1 }, (_, i) => {
    const at = (i / RATE_HZ) * SPEED_MM_PER_S
    return {
      tMs: (1000 * i) / RATE_HZ,
      travelMm: Math.round(at * 100) / 100,
      forceN: forceAt(at) + [0.8, -1.1, 0.4, -0.6, 1.2, -0.7][i % 6]!,
    }
  })
}

const CONTACT = 0.3
const SLIDE = 0.5
const HOME = 1.3
/** Free, ramp to 250 N, slide, home at 3000 N/mm. */
function good(mm: number, slideN = 250): number {
  if (mm < CONTACT) return 0
  if (mm < SLIDE) return (slideN * (mm - CONTACT)) / (SLIDE - CONTACT)
  return slideN + Math.max(0, mm - HOME) * 3000
}
const read = (points: readonly PressPoint[]) => readPress(points, PRESS_RUN_POLICY)

describe('readPress', () => {
  it('finds contact, slide and home of a good run', () => {
    const reading = read(run(1.34, good))
    expect(reading.verdict).toBe('good')
    expect(reading.contactMm).toBeCloseTo(CONTACT, 1)
    expect(Math.abs((reading.contactMm ?? 0) - CONTACT)).toBeLessThan(0.018)
    expect(Math.abs((reading.homeMm ?? 0) - HOME)).toBeLessThan(0.02)
    expect(reading.slideN).toBeCloseTo(250, -1)
    expect(reading.phases.map(({ phase }) => phase)).toEqual(['free', 'ramp', 'slide', 'home'])
    expect(reading.because).toMatch(/^Slid at 2[45]\d N and came home at 1\.(29|30|31) ±0\.02 mm\.$/)
    expect(reading.probability).toBeGreaterThan(0.9)
  })

  it('takes off a zero that is off, and tells the same', () => {
    fc.assert(
      fc.property(fc.double({ min: -40, max: 40, noNaN: true }), (zeroN) => {
        const reading = read(run(1.34, (mm) => good(mm) + zeroN))
        expect(reading.verdict).toBe('good')
        expect(reading.slideN).toBeCloseTo(250, -1)
      }),
      { numRuns: 30 },
    )
  })

  it.each([
    ['not-home', 1.1, good, /not home/],
    ['over-pressed', 1.42, good, /once home/],
    ['loose', 1.34, (mm: number) => good(mm, 8), /nothing holds it/],
    ['cracked', 1.2, (mm: number) => good(mm) * (mm > 0.9 ? 0.4 : 1), /gone at once/],
    [
      'cocked',
      1.34,
      (mm: number) => good(mm) * (1 + Math.max(0, 0.8 * (1 - Math.abs(mm - 0.75) / 0.22))),
      /went in leaning/,
    ],
  ] as const)('calls it %s', (verdict, until, force, because) => {
    const reading = read(run(until, force))
    expect(reading.verdict).toBe(verdict)
    expect(reading.because).toMatch(because)
    expect(reading.probability).toBeGreaterThan(0.6)
  })

  it('takes a hand that rests and one that lets go for what they are', () => {
    const whole = run(1.34, good)
    const at = whole.findIndex(({ travelMm }) => travelMm >= 0.9)
    const stays = whole[at]
    if (!stays) throw new Error('too short')
    const later = (points: readonly PressPoint[], ms: number) =>
      points.map((point) => ({ ...point, tMs: point.tMs + ms }))
    const rest = Array.from({ length: 40 }, (_, i) => ({
      ...stays,
      tMs: stays.tMs + 25 * i,
      forceN: 250 * (1 - 0.15 * (1 - Math.exp(-i / 15))),
    }))
    expect(read([...whole.slice(0, at), ...rest, ...later(whole.slice(at + 1), 1000)]).verdict).toBe('good')
    const back = Array.from({ length: 12 }, (_, i) => ({
      tMs: stays.tMs + 25 * (i + 1),
      travelMm: stays.travelMm - 0.02 * (i + 1),
      forceN: Math.max(0, 250 - 120 * (i + 1)),
    }))
    const again = back.toReversed().map((point, i) => ({ ...point, tMs: stays.tMs + 300 + 25 * (i + 1) }))
    const on = later(whole.slice(at + 1), 650)
    expect(read([...whole.slice(0, at + 1), ...back, ...again, ...on]).verdict).toBe('good')
  })

  it('says that it is not home where nothing was touched', () => {
    expect(read(run(1, () => 0))).toMatchObject({ verdict: 'not-home', contactMm: null, slideN: null })
  })

  it('reads four thousand readings', () => {
    const slow = run(1.34, good).flatMap((point, i) =>
      Array.from({ length: 38 }, (_, k) => ({ ...point, tMs: 25 * i + k / 2 })),
    )
    expect(slow.length).toBeGreaterThan(4000)
    expect(read(slow).verdict).toBe('good')
  })
})

describe('checkRun', () => {
  const sound = run(1.34, good)
  const broken = (at: number, over: Partial<PressPoint>) =>
    checkRun(sound.map((point, i) => (i === at ? { ...point, ...over } : point)))

  it('keeps all of a sound run', () => {
    expect(checkRun(sound)).toEqual({ kept: sound, trouble: null })
  })

  it.each([
    [{ travelMm: -2 }, /under zero/],
    [{ travelMm: 900 }, /set to mm/],
    [{ tMs: -5 }, /time lies before/],
    [{ tMs: 60_000 }, /nothing was heard for/],
    [{ forceN: NaN }, /no figure/],
    [{ forceN: 9000 }, /set to N/],
    [{ forceN: -400 }, /pulls/],
  ])('keeps what came before %p, and says what to do', (over, says) => {
    const { kept, trouble } = broken(30, over)
    expect(kept).toHaveLength(30)
    expect(trouble).toMatch(/^Reading 31: /)
    expect(trouble).toMatch(says)
  })

  it('sees pounds among newtons', () => {
    const at = sound.findIndex(({ travelMm }) => travelMm >= 0.9)
    const mixed = sound.map((point, i) =>
      i > at && i % 2 === 0
        ? { ...point, travelMm: sound[i - 1]?.travelMm ?? 0 }
        : { ...point, forceN: i > at ? point.forceN / 4.448 : point.forceN },
    )
    expect(checkRun(mixed).trouble).toMatch(/N and lbf mixed/)
  })

  it('refuses more readings than a run has, and fewer than say anything', () => {
    const endless = Array.from({ length: MOST_READINGS + 5 }, (_, i) => ({ tMs: i, travelMm: 0, forceN: 0 }))
    expect(checkRun(endless)).toMatchObject({ trouble: expect.stringMatching(/left out/) as string })
    expect(checkRun(endless).kept).toHaveLength(MOST_READINGS)
    expect(checkRun(sound.slice(0, 4)).trouble).toMatch(/at least 8/)
  })
})
