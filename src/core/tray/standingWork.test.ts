import { cameOff, OFF_AT } from '../../../tests/factories/trailEvents'
import { caseSheet } from '../../../tests/factories/caseSheet'
import { keptPick, keptReading, keptRun, keptTray } from '../../../tests/factories/keptTray'
import { policyWith } from '../policy/policyChanges'
import { openOf } from '../stages/StageState'
import type { StageId } from '../stages/stages'
import { DIMENSIONS } from '../readings/dimensions'
import type { DimensionId } from '../readings/dimensions'
import type { KeptTray } from './KeptTray'
import { trayCase } from './trayCase'

const RULES = { policy: policyWith({}), schools: {}, invented: false }

function openAt(stage: StageId, over: Partial<KeptTray>) {
  const { stages } = trayCase(keptTray(over), RULES)
  const state = stages.find((one) => one.stage === stage)
  return state ? openOf(state).map(({ open }) => open) : []
}

/** Every place of a dimension read. */
const whole = (dimension: DimensionId, mm: number, from: number) =>
  DIMENSIONS[dimension].places.map((_, placeIndex) =>
    keptReading(from + placeIndex, dimension, mm, { placeIndex }),
  )

describe('how the work stands', () => {
  it('wants the glass read before anything presses on it, place by place', () => {
    expect(openAt('measure', {})).toEqual(['3 readings of crystal edge thickness missing'])
    const [first, second, third] = whole('crystal-edge', 1, 1)
    if (!first || !second || !third) throw new Error('three places')
    expect(openAt('measure', { readings: [first, second] })).toEqual([
      '1 reading of crystal edge thickness missing',
    ])
    expect(openAt('measure', { readings: [first, second, third] })).toEqual([])
    expect(openAt('measure', { readings: [first, second, { ...third, voidReason: 'slip' }] })).toHaveLength(1)
  })

  it('wants the rest of the plan read by the end of cleaning, until the size is sure', () => {
    // Of many dimensions the count and the first: the bar asks for one after the other.
    expect(openAt('clean', {})).toContain('14 readings of 5 dimensions missing, first crystal diameter')
    const sheet = caseSheet({ boreMm: 31, gasketWallMm: 0.5 })
    const readings = [
      ...whole('crystal-diameter', 30, 1),
      ...whole('bore', 30.95, 20),
      ...whole('gasket-wall', 0.5, 30),
    ]
    const { now } = trayCase(keptTray({ sheet, readings }), RULES)
    const sure = now.readout.verdict?.pick.probability ?? 0
    const text = openAt('clean', { sheet, readings }).join()
    expect(sure >= 0.95 && now.readout.seat.ok).toBe(true)
    expect(text).not.toMatch(/bore|wall|opening/)
    expect(text).toMatch(/seat depth missing/)
    // What else was asked for is still to be read, however sure the crystal is.
    const tray = { ...keptTray().tray, asked: ['crystal', 'reseal'] as const }
    expect(openAt('clean', { tray, sheet, readings })).toContain(
      '17 readings of 7 dimensions missing, first gasket height',
    )
  })

  it('says what was picked or pressed by figures of the sheet that are others now', () => {
    const then = { bore: { valueMm: 30.95, standardUncertaintyMm: 0.05, origin: 'sheet' } } as const
    const at = (clock: string) => new Date(`2026-11-24T${clock}:00Z`)
    const picked = keptPick(7, at('10:00'), then)
    const words = (stage: 'match' | 'press-in', boreMm: number, over: Partial<KeptTray> = {}) =>
      openAt(stage, { picked, sheet: caseSheet({ boreMm }), ...over }).filter((text) => /figures/.test(text))
    expect(words('match', 30.96)).toEqual([])
    expect(words('match', 31.05)).toEqual(['picked on other figures: case bore 30.95 then, 31.05 now'])
    // Read on the piece since, it speaks against the sheet it was picked by.
    const read = { readings: [keptReading(1, 'bore', 31.1, { takenAt: at('11:00') })] }
    expect(words('match', 30.95, read)).toEqual(['picked on other figures: case bore 30.95 then, 31.10 now'])
    // Once home, the press answers for it.
    const home = { pressRuns: [keptRun(7, 'home', at('12:00'))] }
    expect(words('match', 31.05, home)).toEqual([])
    // What other pieces teach the sheet changes nothing of this one, nor does a sheet written after the hand-back.
    const figure = {
      valueMm: 31.05,
      standardUncertaintyMm: 0.02,
      spreadMm: 0.02,
      pieces: 2,
      from: 'from tray 9',
    }
    expect(words('match', 30.95, { sheet: caseSheet({ boreMm: 30.95, learned: { bore: figure } }) })).toEqual(
      [],
    )
    const tray = { ...keptTray().tray, finishedAt: at('13:00') }
    expect(words('match', 31.05, { tray })).toEqual([])
    expect(words('press-in', 31.05, { ...home, tray })).toEqual([])
    expect(words('press-in', 31.05, home)).toEqual([
      'pressed on other figures: case bore 30.95 then, 31.05 now',
    ])
  })

  it('counts a crystal as home by a run of the pick that counts', () => {
    const picked = keptPick(7)
    const isHome = (pressRuns: KeptTray['pressRuns']) =>
      !openAt('press-in', { picked, pressRuns }).includes('press run not logged as home')
    expect(isHome([])).toBe(false)
    expect(isHome([keptRun(7, 'home')])).toBe(true)
    expect(isHome([keptRun(6, 'home')])).toBe(false)
    // Pressed once more and cracked, or lifted on one side, it is home no more.
    for (const outcome of ['cracked', 'high-on-one-side'] as const)
      expect(isHome([keptRun(7, 'home'), keptRun(7, outcome)])).toBe(false)
    expect(isHome([keptRun(7, 'loose')])).toBe(false)
    // Taken off again by the trail it is home no more, until it is pressed once more; an undo takes that back.
    const run = keptRun(7, 'home', new Date('2026-11-24T09:00:00.000Z'))
    const off = cameOff(1, 'crystal')
    const openBy = (pressRuns: KeptTray['pressRuns'], trail: KeptTray['trail']) =>
      openAt('press-in', { picked, pressRuns, trail }).includes('press run not logged as home')
    expect(openBy([run], [off])).toBe(true)
    expect(openBy([run], [off, { id: 2, at: OFF_AT, kind: 'undo', undoes: 1 }])).toBe(false)
    expect(openBy([run, keptRun(7, 'home', new Date('2026-11-24T11:00:00.000Z'))], [off])).toBe(false)
    expect(openBy([run], [cameOff(1, 'crystal-gasket')])).toBe(false)
    expect(openAt('match', { picked }).join()).not.toMatch(/not picked/)
    expect(openAt('match', {}).join()).toMatch(/not picked/)
    // What cracked under the press is to be picked anew, until one went home after it.
    const pressed = (...outcomes: readonly ('cracked' | 'home')[]) =>
      openAt('match', { picked, pressRuns: outcomes.map((outcome) => keptRun(7, outcome)) }).join()
    expect(pressed('cracked')).toMatch(/not picked/)
    expect(pressed('cracked', 'home')).not.toMatch(/not picked/)
  })
})

describe('what was done on other figures than there are now', () => {
  const at = (clock: string) => new Date(`2026-11-24T${clock}:00Z`)
  const picked = keptPick(7, at('10:00'))
  const home = keptRun(7, 'home', at('12:00'))
  const boreChanged = (backAt: string, readAt: string) => [
    keptReading(1, 'bore', 30.95, { takenAt: at('09:00'), voidReason: 'slip', voidedAt: at(backAt) }),
    keptReading(2, 'bore', 31.05, { takenAt: at(readAt) }),
  ]
  const PICKED_ON = 'picked on other figures: case bore 30.95 then, 31.05 now'
  const PRESSED_ON = 'pressed on other figures: case bore 30.95 then, 31.05 now'

  it('is asked for at the pick until it is home, at the run from then on', () => {
    const before = boreChanged('11:00', '11:05')
    expect(openAt('match', { picked, readings: before })).toContain(PICKED_ON)
    expect(openAt('match', { picked, readings: before, pressRuns: [home] })).toContain(PICKED_ON)
    expect(openAt('press-in', { picked, readings: before, pressRuns: [home] })).not.toContain(PRESSED_ON)
    const after = boreChanged('13:00', '13:05')
    expect(openAt('press-in', { picked, readings: after, pressRuns: [home] })).toContain(PRESSED_ON)
    expect(openAt('match', { picked, readings: after, pressRuns: [home] })).not.toContain(PICKED_ON)
  })

  it('is over once it is picked anew, and never asked for before a pick', () => {
    const readings = boreChanged('11:00', '11:05')
    expect(openAt('match', { picked: keptPick(8, at('11:10')), readings }).join()).not.toMatch(
      /other figures/,
    )
    expect(openAt('match', { readings }).join()).not.toMatch(/other figures/)
  })

  it('stays for a reason, which counts until the figures change again', () => {
    const leftOut = { 'pick-figures': { reason: 'same pair fits', at: at('11:30').toISOString() } }
    expect(openAt('match', { picked, leftOut, readings: boreChanged('11:00', '11:05') })).not.toContain(
      PICKED_ON,
    )
    expect(openAt('match', { picked, leftOut, readings: boreChanged('11:00', '11:40') })).toContain(PICKED_ON)
  })

  it('is said of the push-out by the ring its pusher went past, and by nothing it did not pass', () => {
    const sheet = caseSheet({ chapterRing: 'loose' })
    const ticks = { 'step:crystal-out': at('10:00').toISOString() }
    const changed = (dimension: DimensionId, backAt: string) => [
      keptReading(1, dimension, 27, { takenAt: at('09:00'), voidReason: 'slip', voidedAt: at(backAt) }),
      keptReading(2, dimension, 25, { takenAt: at('11:05') }),
    ]
    const readings = changed('chapter-ring-inner', '11:00')
    const words = 'pushed out on other figures: chapter ring, inside 27.00 then, 25.00 now'
    expect(openAt('push-out', { sheet, ticks, readings })).toContain(words)
    expect(openAt('push-out', { sheet, readings })).not.toContain(words)
    for (const other of [
      { sheet, readings: changed('chapter-ring-inner', '09:30') },
      { sheet, readings: changed('crystal-edge', '11:00') },
      { sheet: caseSheet({ chapterRing: 'none' }), readings },
    ])
      expect(openAt('push-out', { ...other, ticks }).join()).not.toMatch(/other figures/)
  })

  it('is asked for of an insert and of seals by their own figures', () => {
    const tray = { ...keptTray().tray, asked: ['crystal', 'insert', 'reseal'] as const }
    const sheet = caseSheet({ bezelKind: 'rotating-click', insertMaterial: 'aluminium', backSeal: 'o-ring' })
    const changed = (id: number, dimension: DimensionId, then: number, now: number) => [
      keptReading(id, dimension, then, { takenAt: at('09:00'), voidReason: 'slip', voidedAt: at('11:00') }),
      keptReading(id + 1, dimension, now, { takenAt: at('11:05') }),
    ]
    const since = at('10:00')
    const partsOut = [
      { kind: 'insert', partId: 1, count: 1, since },
      { kind: 'o-ring', partId: 2, count: 1, since },
    ] as const
    const readings = [...changed(1, 'insert-outer', 38, 38.2), ...changed(3, 'back-groove-width', 1.1, 1.3)]
    expect(openAt('match', { tray, sheet, partsOut, readings })).toEqual(
      expect.arrayContaining([
        'insert taken on other figures: insert, outside 38.00 then, 38.20 now',
        'seals taken on other figures: back groove width 1.10 then, 1.30 now',
      ]),
    )
  })
})
