import { caseSheet } from '../../../../tests/factories/caseSheet'
import { jobFacts } from '../../../../tests/factories/jobFacts'
import { die } from '../../../../tests/factories/parts'
import { LEVER, PRESS_DIES, pressAsked, pressCase, readFigure } from '../../../../tests/factories/pressCase'
import type { PressWork } from '../pressWorks'
import { PRESS_WORK_FACTS, PRESS_WORKS } from '../pressWorks'
import type { ExpectedForce } from './expectedForce'
import { chosenDie, plannedDieText } from './PlannedDie'
import { pressPlan, pressWorksOf } from './pressPlan'
import { whichPress } from './whichPress'

const force = (mean: number): ExpectedForce => ({
  byFigures: null,
  kindRuns: 0,
  mean,
  standardDeviation: 0,
  runs: 5,
})
const pusherOf = (work: PressWork, over: Parameters<typeof pressCase>[0] = {}) =>
  chosenDie(pressPlan(pressCase(over), work, pressAsked()).dies.find(({ role }) => role === 'pusher'))
const known = (over: object) => ({ ...pressCase().known, ...over })

describe('pressWorksOf', () => {
  const steps = ['crystal-out', 'crystal-in', 'bezel-light', 'bezel-home', 'insert-in', 'back-on']

  it('are those of the job’s steps that a press does', () => {
    const bezelled = caseSheet({ bezelKind: 'fixed-friction', backKind: 'snap' })
    expect(pressWorksOf(pressCase({ sheet: bezelled }), steps)).toEqual([
      'push-out',
      'crystal-in',
      'bezel-light',
      'bezel-final',
      'insert-in',
      'back-on',
    ])
    expect(pressWorksOf(pressCase(), [])).toEqual([])
  })

  it('leave out what goes by hand: fragments, a screwed bezel, a screwed back, a crystal lifted off its neck', () => {
    const screwed = caseSheet({ bezelKind: 'screwed', backKind: 'screw-notched' })
    const facts = jobFacts({ crystalState: 'shattered' })
    expect(pressWorksOf(pressCase({ sheet: screwed, facts, picked: null }), steps)).toEqual([
      'bezel-light',
      'insert-in',
    ])
    expect(
      pressWorksOf(pressCase({ sheet: caseSheet({ retention: 'neck-and-bezel' }) }), steps),
    ).not.toContain('push-out')
  })

  it('try the small remedy first for a chapter ring that only wobbles', () => {
    const sheet = caseSheet({ chapterRing: 'loose' })
    const asks = jobFacts({ asked: ['chapter-ring'], chapterRing: 'loose' })
    expect(pressWorksOf(pressCase({ sheet, facts: asks }), steps)[0]).toBe('ring-clamp')
    const keyed = caseSheet({ chapterRing: 'keyed' })
    expect(pressWorksOf(pressCase({ sheet: keyed, facts: asks }), steps)).not.toContain('ring-clamp')
  })
})

describe.each(PRESS_WORKS)('plan: %s (common practice)', (work) => {
  const plan = pressPlan(
    pressCase({ sheet: caseSheet({ bezelKind: 'fixed-friction', backKind: 'snap', backGripMm: 36 }) }),
    work,
    pressAsked(),
  )

  it('says what it bears on, where it stops, and each step once with its reason', () => {
    expect(plan.work).toBe(work)
    expect(plan.presses).not.toBe('')
    expect(plan.restsOn).not.toBe('')
    expect(plan.stop).not.toBe('')
    expect(plan.steps.length).toBeGreaterThanOrEqual(4)
    expect(new Set(plan.steps.map(({ action }) => action)).size).toBe(plan.steps.length)
    expect(plan.steps.every(({ why }) => why !== '')).toBe(true)
  })

  it('keeps every die off the crown', () => {
    expect(plan.spare).toContain('the crown')
  })

  it('belongs to a stage and says which press is the usual one', () => {
    const { doing, prefers } = PRESS_WORK_FACTS[work]
    expect(doing).not.toBe('')
    const lever = { id: 1, name: 'Lever', kind: 'lever', gauged: false, mostForceN: null } as const
    const screw = { id: 2, name: 'Screw', kind: 'screw', gauged: false, mostForceN: null } as const
    expect(whichPress(work, [lever, screw]).pressId).toBe(prefers === 'lever' ? 1 : 2)
    expect(whichPress(work, [prefers === 'lever' ? screw : lever]).why).toMatch(/as there is no/)
    expect(whichPress(work, []).pressId).toBeNull()
  })
})

describe('push out', () => {
  it('takes the largest that clears the chapter ring by 1.0, and shows that “near the edge” meets it', () => {
    const sheet = caseSheet({ chapterRing: 'keyed', caseDiameterMm: 38 })
    const plan = pressPlan(
      pressCase({ sheet, known: known({ chapterRing: readFigure(27) }) }),
      'push-out',
      pressAsked({ force: force(300) }),
    )
    expect(chosenDie(plan.dies[0])?.code).toBe('P26')
    expect(plan.spare).toContain('the chapter ring')
    expect(plan.stress?.forbiddenFromMm).toBe(26)
    expect(plan.stress?.dies.filter(({ isClear }) => isClear).map(({ code }) => code)).toEqual(['P24', 'P26'])
  })

  it('finds room in the support for dome, ring and way', () => {
    const deep = (recessDepthMm: number) => [
      die({ id: 1, role: 'support', code: 'S', openingMm: 32, outerDiameterMm: 36, recessDepthMm }),
    ]
    const domed = known({ centreMm: 2.5, chapterRingHeightMm: 1.2 })
    const under = (recessDepthMm: number, chapterRing: 'none' | 'loose') =>
      pressPlan(
        pressCase({
          sheet: caseSheet({ chapterRing, caseDiameterMm: 38 }),
          known: domed,
          dies: deep(recessDepthMm),
        }),
        'push-out',
        pressAsked(),
      ).dies.find(({ role }) => role === 'support')
    // 1.5 of dome and 2.0 of way; 1.2 more where the ring falls too.
    expect(chosenDie(under(3.5, 'none'))?.code).toBe('S')
    expect(chosenDie(under(3.5, 'loose'))).toBeNull()
    expect(chosenDie(under(4.7, 'loose'))?.code).toBe('S')
    const told = under(4.7, 'loose')
    expect(told && plannedDieText(told)).toMatch(/dome 1.5, ring 1.2 and 2.0 of way/)
  })

  it('asks for what it cannot choose by', () => {
    const { dies } = pressPlan(
      pressCase({
        sheet: caseSheet({ chapterRing: 'loose', dialOpeningMm: null }),
        known: known({ crystal: null }),
      }),
      'push-out',
      pressAsked(),
    )
    expect(dies.map(plannedDieText)).toEqual([
      'pusher inside, 1.0 clear of the chapter ring: read its inside',
      'support outside the crystal, 0.5 wider than it: read its top edge and add both bevels',
    ])
  })

  it('warns of fragments of a cracked glass, and wants it held together', () => {
    const facts = jobFacts({ crystalState: 'cracked', crystalMaterial: 'mineral' })
    expect(pressPlan(pressCase({ facts }), 'push-out', pressAsked()).steps[0]?.action).toMatch(/Film over/)
  })
})

describe('bezel', () => {
  const sheet = caseSheet({ bezelKind: 'fixed-friction', caseDiameterMm: 38 })

  it('bears on the bezel only, light first, then final once', () => {
    const bezelOuter = readFigure(36)
    expect(pusherOf('bezel-light', { sheet, known: known({ bezelOuter }) })?.code).toMatch(/^PH/)
    const light = pressPlan(pressCase({ sheet }), 'bezel-light', pressAsked())
    expect(light.spare).toContain('the crystal')
    expect(light.stop).toMatch(/holds by itself/)
    const final = pressPlan(pressCase({ sheet }), 'bezel-final', pressAsked())
    expect(final.steps[0]?.action).toMatch(/12 stands at 12/)
  })

  it('clicks home where it turns', () => {
    const turning = caseSheet({ bezelKind: 'rotating-click' })
    const { steps } = pressPlan(pressCase({ sheet: turning }), 'bezel-final', pressAsked())
    expect(steps.map(({ action }) => action).join()).toMatch(/clicks home.*clicks counted/)
  })
})

describe('back', () => {
  const snap = (backGripMm: number | null) =>
    pressPlan(
      pressCase({
        sheet: caseSheet({ backKind: 'snap', backGripMm, caseDiameterMm: 38 }),
        dies: [...PRESS_DIES, die({ id: 31, code: 'P34', outerDiameterMm: 34 })],
      }),
      'back-on',
      pressAsked(),
    )

  it('is pressed on its rim: a small pusher is refused because it dishes it', () => {
    const [pusher] = snap(35.6).dies
    expect(chosenDie(pusher)?.code).toMatch(/^P(34|H35)/)
    expect(pusher && plannedDieText(pusher)).toMatch(/smaller would dish it/)
  })

  it('asks for the back’s size while nobody knows it', () => {
    const [pusher] = snap(null).dies
    expect(pusher && plannedDieText(pusher)).toMatch(/read the back across/)
  })
})

describe('insert', () => {
  it('is pressed flat, gently where it is ceramic', () => {
    const sheet = caseSheet({ insertMaterial: 'ceramic', bezelKind: 'rotating-click' })
    const facts = jobFacts({ insertMaterial: 'ceramic' })
    const read = known({ insertOuter: readFigure(38), insertInner: readFigure(30.6) })
    const flat = die({ id: 41, code: 'PH37', outerDiameterMm: 37, openingMm: 31, recessDepthMm: 2 })
    const plan = pressPlan(
      pressCase({ sheet, facts, known: read, dies: [...PRESS_DIES, flat] }),
      'insert-in',
      pressAsked(),
    )
    expect(plan.presses).toMatch(/shatters on a point/)
    expect(chosenDie(plan.dies[0])?.code).toBe('PH37')
    const { dies } = pressPlan(pressCase({ sheet, facts }), 'insert-in', pressAsked())
    expect(dies[0] && plannedDieText(dies[0])).toMatch(/read the insert outside and inside/)
  })
})

describe('too high (strengths from memory)', () => {
  const plan = (mean: number, mostForceN: number | null = null) =>
    pressPlan(pressCase(), 'push-out', pressAsked({ force: force(mean), press: { ...LEVER, mostForceN } }))

  it('is said before, with the figure, the limit and what would do', () => {
    // P26 on 30 × 1.0: 38.91 MPa at 300 N; the weak end of mineral is 45.
    expect(plan(100).tooHigh).toEqual([])
    expect(plan(300).tooHigh.join()).toMatch(
      /At 300 N P26 loads the 1.00 mineral with 39 MPa, over the 15 that leave it a margin; from 28/,
    )
    expect(plan(400).tooHigh.join()).toMatch(/over the 45 its weak end bears: it may crack/)
  })

  it('of the press as well', () => {
    expect(plan(100, 80).tooHigh.join()).toBe('Up to 100 N are expected: Lever press may be brought to 80 N.')
  })
})
