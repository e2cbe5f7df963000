import { keptReading, keptTray } from '../../../tests/factories/keptTray'
import { cameOff } from '../../../tests/factories/trailEvents'
import { BUILT_IN_POLICY } from '../policy/ShopPolicy'
import { isOfStep } from '../stages/StageState'
import type { StageId } from '../stages/stages'
import type { KeptTray } from '../tray/KeptTray'
import { trayCase } from '../tray/trayCase'
import type { TrailEvent } from '../trail/partsTrail'
import type { ReportLine } from './Report'
import { trayReport } from './trayReport'

const BESIDE = {
  complaint: '',
  promises: '',
  fitted: [],
  pressed: [],
  costs: {
    quoteCents: null,
    quoteMinutes: null,
    quoteSpecialist: '',
    parts: [],
    minutes: 0,
    hourCents: null,
  },
  nameOf: (id: number) => `caliper ${id}`,
}
const AT = '2026-11-24T10:00:00.000Z'

const caseOf = (kept: Partial<KeptTray>) =>
  trayCase(keptTray(kept), { policy: BUILT_IN_POLICY, schools: {}, invented: false })

const demandsOf = (stage: StageId) => caseOf({}).stages.find((state) => state.stage === stage)?.demands ?? []

function sectionOf(title: string, kept: Partial<KeptTray>): readonly ReportLine[] {
  const section = trayReport(caseOf(kept), BESIDE).sections.find((one) => one.title === title)
  if (!section) throw new Error(title)
  return section.lines
}

const linesOf = (title: string, kept: Partial<KeptTray>) =>
  sectionOf(title, kept).map(({ what, words, mark }) => `${what} | ${mark} | ${words}`)

describe('trayReport', () => {
  it('tells a figure with its interval, how often and by what it was read, and nothing nobody read', () => {
    const bore = [30.94, 30.95, 30.96].map((mm, i) => keptReading(i + 1, 'bore', mm, { placeIndex: i }))
    const lines = linesOf('Measured', { readings: bore })
    expect(lines).toEqual([
      expect.stringMatching(/^Case bore \| plain \| 30\.95 ± 0\.0\d mm, 3 readings by caliper 1$/),
    ])
    const voided = bore.map((reading) => ({ ...reading, voidReason: 'jaws tilted' }))
    expect(linesOf('Measured', { readings: voided })).toEqual([])
  })

  it('tells a reading alone as one, and both instruments where two were used', () => {
    const edge = keptReading(1, 'crystal-edge', 1.01)
    expect(linesOf('Measured', { readings: [edge] })[0]).toMatch(/, one reading by caliper 1$/)
    const other = keptReading(2, 'crystal-edge', 1.02, { placeIndex: 1, instrumentId: 2 })
    expect(linesOf('Measured', { readings: [edge, other] })[0]).toMatch(/by caliper 1 and caliper 2$/)
  })

  it('tells how what can be harmed came off, and the heat a magnifier has had', () => {
    const at = new Date(AT)
    const removals = [
      { part: 'bezel', way: 'four-jaw', outcome: 'did-not-move', minutes: 5, note: '', at },
      { part: 'bezel', way: 'plastic-lever', outcome: 'marked', minutes: null, note: 'at 7', at },
    ] as const
    expect(linesOf('Off and on again', { removals, heatBursts: [{ seconds: 9, at }] })).toEqual([
      'Bezel | plain | four-jaw remover, did not move',
      'Bezel | plain | nylon or ABS lever, left a mark: “at 7”',
      expect.stringMatching(
        /^Heat on the magnifier \| plain \| 1 burst, 9 s in all\. One burst longer than 5 s/,
      ),
    ])
  })

  it('tells of a stage what was done, what was left out for which reason, and what is open', () => {
    const all = linesOf('Work', {})
    const open = all.filter((line) => line.startsWith('Open |'))
    expect(open).toEqual([expect.stringMatching(/^Open \| open \| .+;/)])
    const [done = '', leftOut = ''] = demandsOf('open').map(({ subject }) => subject)
    const words = demandsOf('open')[1]?.open
    const lines = linesOf('Work', {
      ticks: { [done]: AT },
      leftOut: { [leftOut]: { reason: 'opened at the counter', at: AT } },
    }).filter((line) => line.startsWith('Open |'))
    expect(lines[0]).toMatch(/^Open \| done \| /)
    expect(lines[1]).toBe(`Open | left-out | ${words}: “opened at the counter”`)
    expect(lines.slice(2).join()).not.toContain(words)
  })

  it('says once what was left out together', () => {
    const demands = demandsOf('open')
    const leftOut = Object.fromEntries(
      demands.map(({ subject }) => [subject, { reason: 'came in open', at: AT }]),
    )
    const lines = linesOf('Work', { leftOut }).filter((line) => line.startsWith('Open |'))
    expect(lines).toHaveLength(1)
    expect(lines[0]?.match(/came in open/g)).toHaveLength(1)
    for (const { open } of demands) expect(lines[0]).toContain(open)
  })

  it('asks for every proof by itself, and calls none done that was not', () => {
    const proofs = sectionOf('Proved', {})
    expect(proofs.length).toBeGreaterThan(1)
    expect(proofs.map(({ mark }) => mark)).toEqual(proofs.map(() => 'open'))
    const step = demandsOf('prove').find(isOfStep)?.subject ?? ''
    const done = sectionOf('Proved', { ticks: { [step]: AT } })
    expect(done.filter(({ mark }) => mark === 'done')).toEqual([expect.objectContaining({ at: AT })])
  })

  it('tells what was seen with a proof, and calls a test that failed open', () => {
    const step = demandsOf('prove').find(isOfStep)?.subject ?? ''
    const proved = (good: boolean) =>
      sectionOf('Proved', {
        ticks: good ? { [step]: AT } : {},
        said: { [step]: { words: good ? 'all works' : 'something does not: date', good, at: AT } },
      })[0]
    expect(proved(true)).toMatchObject({
      mark: 'done',
      words: expect.stringMatching(/\(all works\)$/) as string,
    })
    expect(proved(false)).toMatchObject({
      mark: 'open',
      words: expect.stringMatching(/\(something does not: date\)$/) as string,
    })
  })

  it('answers for every part that came off', () => {
    const screws = { ...cameOff(2, 'screw'), count: 4 } as TrailEvent
    const off = [cameOff(1, 'back'), screws]
    const back = { id: 3, at: AT, kind: 'back', offId: 2, count: 3, reason: '' } as const
    const left = { id: 4, at: AT, kind: 'left-off', offId: 2, count: 1, reason: 'thread gone' } as const
    expect(linesOf('Off and on again', { trail: [...off, back] })).toEqual([
      'Back on | done | 3 case screws',
      'Still off | open | 1 case back, 1 case screw',
    ])
    expect(linesOf('Off and on again', { trail: [...off, back, left] })).toEqual([
      'Back on | done | 3 case screws',
      'Left off | left-out | case screw: “thread gone”',
      'Still off | open | 1 case back',
    ])
  })

  it('carries findings, own parts and hazards', () => {
    const tray = { ...keptTray().tray, crystalState: 'shattered' as const, oldLume: true }
    const lines = linesOf('Found', {
      tray,
      findings: [
        { id: 1, kind: 'back-tightness', words: 'too-easy' },
        { id: 2, kind: 'cannot-repair', words: 'gouge by 4' },
      ],
      looked: { 'crystal-gasket': { seen: 'cut', goesBack: false } },
      ticks: { 'hazard:movement-running': AT },
    })
    expect(lines).toEqual(
      expect.arrayContaining([
        'The back came off | plain | too easy',
        'Cannot be repaired | plain | “gouge by 4”',
        'Its own crystal gasket | plain | cut',
        'Stop the movement | done | movement stopped',
        'Glass splinters | open | not dealt with',
        'Old luminous paint | plain | stays; handled as such',
      ]),
    )
  })

  it('tells a wait by what it really took, why it was cut short, and that it runs', () => {
    const tray = { ...keptTray().tray, asked: ['marker' as const], looseMarkers: true }
    const { id } = caseOf({ tray }).procedure.steps.find(({ waitMinutes }) => waitMinutes > 0) ?? { id: '' }
    const begun = { [`step:${id}`]: '2026-11-24T10:00:00.000Z' }
    const over = { [`wait:${id}`]: '2026-11-24T10:25:00.000Z' }
    const waitOf = (kept: Partial<KeptTray>) =>
      linesOf('Work', { tray, ...kept }).find((line) => line.startsWith('Wait |'))
    expect(waitOf({ ticks: begun })).toMatch(/open \| .*: running$/)
    expect(waitOf({ ticks: { ...begun, ...over } })).toMatch(/done \| .*: 25 min$/)
    const leftOut = { [`wait:${id}`]: { reason: 'cured by light', at: '2026-11-24T10:05:00.000Z' } }
    expect(waitOf({ ticks: begun, leftOut })).toMatch(/left-out \| .*: cut short, “cured by light”$/)
    // Told once, not as a thing left out of its stage, too.
    const told = linesOf('Work', { tray, ticks: begun, leftOut }).filter((line) =>
      line.includes('cured by light'),
    )
    expect(told).toHaveLength(1)
  })

  it('says what a test for water is worth, and of a piece without a class that it is none for water', () => {
    const notesOf = (classBar: number | null) =>
      trayReport(caseOf({ tray: { ...keptTray().tray, classBar } }), BESIDE).notes.join(' ')
    expect(notesOf(5)).toMatch(/tight it was on its day/)
    expect(notesOf(null)).toMatch(/keep it from water/)
  })
})
