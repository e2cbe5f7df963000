import fc from 'fast-check'
import { BEZEL_KINDS, CHAPTER_RINGS, INSERT_MATERIALS, RETENTIONS } from '../../construction/kinds'
import { worstOffsetMm } from '../Displacement'
import { STRAIGHT_PAIRS } from '../pairs'
import { nearestClicks } from './bezelRemedies'
import { remediesFor } from './remediesFor'
import type { RemedyFacts, ToHelp } from './Remedy'

const FACTS: RemedyFacts = {
  bezelKind: 'rotating-click',
  bezelClicks: 120,
  insertMaterial: 'aluminium',
  insertHold: 'adhesive',
  chapterRing: 'keyed',
  magnifier: 'outside',
  retention: 'tension-gasket',
  crystalMaterial: 'sapphire',
  moves: null,
}

function toHelp(over: Partial<Omit<ToHelp, 'facts'>> = {}, facts: Partial<RemedyFacts> = {}): ToHelp {
  return {
    pair: 'insert-dial',
    displacement: { turnedDeg: 2.46, towards3Mm: 0.03, towards12Mm: 0 },
    turnUncertaintyDeg: 0.06,
    radiusMm: 14,
    limitMm: 0.1,
    dialDeg: null,
    ...over,
    facts: { ...FACTS, ...facts },
  }
}

const ids = (help: ToHelp) => remediesFor(help).map(({ id }) => id)
function one(id: string, help: ToHelp) {
  const found = remediesFor(help).find((remedy) => remedy.id === id)
  if (!found) throw new Error(`${id} is not offered`)
  return found
}

describe('clicks of a bezel', () => {
  it.each([
    [2.46, 120, -1, -0.54],
    [2.46, 60, 0, 2.46],
    [-2.46, 120, 1, 0.54],
    [3, 60, 0, 3],
    [3.01, 60, -1, -2.99],
    [-8, 120, 3, 1],
    [0, 120, 0, 0],
  ])('turned by %d° with %d a turn: %d, %d° is left', (turnedDeg, perTurn, clicks, leftDeg) => {
    const nearest = nearestClicks(turnedDeg, perTurn)
    expect(nearest.clicks).toBe(clicks)
    expect(nearest.leftDeg).toBeCloseTo(leftDeg, 6)
  })

  it('leave never more than half a click', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -180, max: 180, noNaN: true }),
        fc.constantFrom(24, 60, 120),
        (turned, n) => {
          expect(Math.abs(nearestClicks(turned, n).leftDeg)).toBeLessThanOrEqual(180 / n + 1e-9)
        },
      ),
    )
  })

  it('say the way, and why there are none', () => {
    const click = one('clicks', toHelp())
    expect(click.title).toBe('Turn the bezel one click anticlockwise')
    expect(click.left.turnedDeg).toBeCloseTo(-0.54)
    // What is off-centre is not turned away.
    expect(click.left.towards3Mm).toBe(0.03)
    expect(one('clicks', toHelp({}, { bezelClicks: 60 })).against).toMatch(
      /^2\.46° is no more than half a click of 6\.00°/,
    )
    expect(one('clicks', toHelp({}, { bezelClicks: null })).against).toMatch(/count them/)
  })
})

describe('what would help', () => {
  it('puts what is at once undone first where it serves, and cement where it does not', () => {
    // .54° at 14 mm is 0.13: seen where 0.10 is.
    expect(ids(toHelp()).slice(0, 2)).toEqual(['reseat', 'clicks-and-reseat'])
    expect(ids(toHelp({ limitMm: 0.2 })).slice(0, 2)).toEqual(['clicks', 'reseat'])
    expect(one('clicks-and-reseat', toHelp({ limitMm: 0.2 })).against).toMatch(/nothing is gained by cement/)
  })

  it('leaves alone what no eye sees', () => {
    const seen = toHelp({ displacement: { turnedDeg: 0.1, towards3Mm: 0.01, towards12Mm: 0 }, limitMm: 0.05 })
    expect(ids(seen)[0]).toBe('leave')
    expect(one('leave', toHelp()).serves).toBe(false)
  })

  it('sets nothing to a dial that is turned itself: the dial comes first', () => {
    const dial = toHelp({ dialDeg: -2.4, limitMm: 0.5 })
    expect(ids(dial)[0]).toBe('dial')
    expect(one('dial', dial).left.turnedDeg).toBeCloseTo(0.06)
    // What is not set to it has nothing of it.
    expect(ids(toHelp({ pair: 'bezel-case', dialDeg: -2.4 }))).not.toContain('dial')
  })

  it('turns a friction bezel by hand, and takes off one that is pressed on', () => {
    expect(ids(toHelp({}, { bezelKind: 'rotating-friction' }))[0]).toBe('friction')
    const pressed = one('bezel-refit', toHelp({}, { bezelKind: 'crystal-retaining' }))
    expect(pressed.risk).toMatch(/ring is relieved/)
    expect(pressed.left.turnedDeg).toBe(0)
    // Teeth hold it to the same clicks.
    expect(one('bezel-refit', toHelp()).against).toMatch(/teeth/)
  })

  it('turns no insert that is off-centre alone: its seat keeps it there', () => {
    const shifted = { turnedDeg: 0, towards3Mm: 0.13, towards12Mm: 0 }
    const help = toHelp({ pair: 'insert-bezel', displacement: shifted, limitMm: 0.05 })
    expect(one('reseat', help).against).toMatch(/^It is not turned, and its seat/)
    expect(ids(help)[0]).toBe('leave')
  })

  it('names no turn of nothing where all stands straight', () => {
    const straight = { displacement: { turnedDeg: 0, towards3Mm: 0, towards12Mm: 0 } }
    expect(one('reseat', toHelp({ pair: 'insert-bezel', ...straight }))).toMatchObject({
      ...{ title: 'Turn the insert in its seat', against: 'It is not turned.' },
    })
    const bezel = toHelp({ pair: 'bezel-case', ...straight }, { bezelKind: 'rotating-friction' })
    expect(one('friction', bezel)).toMatchObject({ title: 'Turn the bezel', against: 'It is not turned.' })
    const pressed = toHelp({ pair: 'bezel-case', ...straight }, { bezelKind: 'fixed-friction' })
    expect(one('bezel-refit', pressed).how).toBe('laid on as it lies, looked at, pressed')
  })

  it('keeps a blade from a ceramic insert', () => {
    expect(one('reseat', toHelp({}, { insertMaterial: 'ceramic' })).risk).toMatch(/^No blade/)
    expect(one('reseat', toHelp({}, { insertHold: 'friction' })).waitMinutes).toBe(0)
  })
})

describe('the four ways to a chapter ring', () => {
  const ring = (over: Partial<Omit<ToHelp, 'facts'>> = {}, facts: Partial<RemedyFacts> = {}) =>
    toHelp({ pair: 'chapter-dial', ...over }, facts)
  const four = ['clamp', 'from-behind', 'front-key-kept', 'front-key-filed']

  it('stand beside each other, each with what it leaves or why it is none', () => {
    for (const facts of [{ chapterRing: 'loose', moves: true }, { chapterRing: 'keyed' }] as const)
      expect(
        ids(ring({}, facts))
          .filter((id) => four.includes(id))
          .sort(),
      ).toEqual([...four].sort())
  })

  it('hold one that is loose only as it stands: true, and moving when tilted', () => {
    const true_ = { displacement: { turnedDeg: 0.1, towards3Mm: 0, towards12Mm: 0 } }
    const moving = { chapterRing: 'loose', moves: true } as const
    expect(one('clamp', ring(true_, moving)).against).toBeNull()
    expect(one('clamp', ring({}, moving)).against).toMatch(/as crooked as it stands/)
    expect(one('from-behind', ring(true_, { ...moving, moves: false })).against).toMatch(/stood fast/)
    expect(one('from-behind', ring(true_, { ...moving, moves: null })).against).toMatch(/Tilt the case first/)
  })

  it('leave a keyed ring where its key holds it, until that is filed, which is never undone', () => {
    expect(one('front-key-kept', ring()).left.turnedDeg).toBe(2.46)
    expect(one('front-key-kept', ring({}, { chapterRing: 'loose' })).left.turnedDeg).toBe(0)
    const filed = one('front-key-filed', ring())
    expect(filed).toMatchObject({ undo: 'never', serves: true, against: null })
    expect(one('front-key-filed', ring({}, { chapterRing: 'loose' })).against).toMatch(/no key/)
    const off = ring({ displacement: { turnedDeg: 0, towards3Mm: 0.2, towards12Mm: 0 } })
    expect(one('front-key-filed', off).against).toMatch(/hardly turned/)
    expect(ids(off)[0]).toBe('front-key-kept')
  })
})

describe('a magnifier', () => {
  const lens = (facts: Partial<RemedyFacts>) => toHelp({ pair: 'magnifier-date' }, facts)

  it('takes no flame on an acrylic, nor on what nobody knows', () => {
    expect(one('magnifier-reset', lens({ crystalMaterial: 'acrylic' })).against).toMatch(/melts/)
    expect(one('magnifier-reset', lens({ crystalMaterial: null })).against).toMatch(/Nobody said/)
    expect(one('magnifier-reset', lens({ crystalMaterial: 'mineral' })).risk).toMatch(/shorter bursts/)
    expect(one('magnifier-reset', lens({})).against).toBeNull()
  })

  it('is not turned with a crystal that is glued in', () => {
    expect(one('crystal-turned', lens({ retention: 'cemented' })).against).toMatch(/bond has to come off/)
    expect(one('crystal-turned', lens({ retention: 'neck-and-bezel' })).how).toMatch(/bezel on light/)
  })
})

it('whatever case and whatever is read: leaving it is offered, what serves is inside the limit, and refusals say why', () => {
  const deg = fc.double({ min: -10, max: 10, noNaN: true })
  const mm = fc.double({ min: -0.5, max: 0.5, noNaN: true })
  fc.assert(
    fc.property(
      fc.record({
        pair: fc.constantFrom(...STRAIGHT_PAIRS),
        displacement: fc.record({ turnedDeg: deg, towards3Mm: mm, towards12Mm: mm }),
        bezelKind: fc.constantFrom(...BEZEL_KINDS),
        insertMaterial: fc.constantFrom(...INSERT_MATERIALS),
        chapterRing: fc.constantFrom(...CHAPTER_RINGS),
        retention: fc.constantFrom(...RETENTIONS),
        moves: fc.constantFrom(true, false, null),
      }),
      ({ pair, displacement, ...facts }) => {
        const help = toHelp({ pair, displacement }, facts)
        const all = remediesFor(help)
        expect(all.map(({ id }) => id)).toContain('leave')
        expect(new Set(all.map(({ id }) => id)).size).toBe(all.length)
        for (const { serves, left, against } of all) {
          if (serves) expect(worstOffsetMm(left, help.radiusMm)).toBeLessThanOrEqual(help.limitMm)
          if (against !== null) expect(against).toMatch(/\.$/)
        }
        const order = all.map(({ serves, against }) => (serves ? 0 : against === null ? 1 : 2))
        expect(order).toEqual([...order].sort())
      },
    ),
  )
})
