import { caseSheet } from '../../../tests/factories/caseSheet'
import { keptPick, keptReading, keptTray } from '../../../tests/factories/keptTray'
import { stockCrystal, stockGasket } from '../../../tests/factories/parts'
import { stockIndex } from '../fit/stockIndex'
import { BUILT_IN_POLICY } from '../policy/ShopPolicy'
import { judgePair } from '../tray/judgePair'
import type { KeptTray } from '../tray/KeptTray'
import { trayCase } from '../tray/trayCase'
import type { OwnPartId, PartsLookedOver, Seen } from './OwnPart'
import { isOwn, OWN_PART_IDS, OWN_PARTS, serves } from './OwnPart'
import { shortlistWithOwn } from './ownShortlist'

/** A crystal of 30.02 × 1.01 with its ring of .50, out of a bore of 30.96: all of it was read. */
const READ = [
  keptReading(1, 'crystal-diameter', 30.02),
  keptReading(2, 'crystal-edge', 1.01),
  keptReading(3, 'gasket-wall', 0.5),
  keptReading(4, 'bore', 30.96),
  keptReading(5, 'seat-depth', 1.02),
]
const SHEET = caseSheet({ gasketHeightMm: 0.9, gasketMaterial: 'nylon', gasketColour: 'white' })
const SOUND: PartsLookedOver = {
  crystal: { seen: 'sound', goesBack: false },
  'crystal-gasket': { seen: 'sound', goesBack: false },
}
const DRAWERS = stockIndex(
  [stockCrystal({ id: 4 }), stockCrystal({ id: 5, diameterMm: 29.9 })],
  [stockGasket({ id: 7, heightMm: 0.9 })],
)

interface Given {
  readonly looked?: PartsLookedOver
  readonly asked?: KeptTray['tray']['asked']
  readonly over?: Partial<KeptTray['tray']>
  readonly readings?: KeptTray['readings']
  readonly sheet?: KeptTray['sheet']
  readonly kept?: Partial<KeptTray>
}

function opened(given: Given = {}) {
  const { looked = SOUND, asked = ['chapter-ring'], over = {}, readings = READ, sheet, kept = {} } = given
  const tray = { ...keptTray().tray, asked, ...over }
  const chapterRing = caseSheet({ ...SHEET, chapterRing: 'keyed' })
  return trayCase(keptTray({ tray, looked, readings, sheet: sheet ?? chapterRing, ...kept }), {
    policy: BUILT_IN_POLICY,
    schools: {},
    invented: false,
  })
}

function againstIn(given: Given): Record<string, string | null> {
  return Object.fromEntries(opened(given).own.parts.map(({ id, against }) => [id, against]))
}

function listed(given: Given) {
  const { now, own, rules } = opened(given)
  if (!now.readout.seat.ok) throw new Error(`${now.readout.seat.missing} missing`)
  const { seat } = now.readout.seat
  const { wishes } = now.readout
  const list = shortlistWithOwn(DRAWERS, seat, wishes, { policy: rules.policy.fit }, own)
  const name = ({ crystal, gasket }: (typeof list.fitting)[number]) =>
    `${isOwn(crystal) ? 'own' : crystal.id} ${gasket && isOwn(gasket) ? 'own' : String(gasket?.id)}`
  return { list, names: list.fitting.map(name), rejected: list.rejected.map((r) => name(r.candidate)) }
}

describe('parts of the piece itself', () => {
  it('are told by what was read of them', () => {
    const { crystal, gasket } = opened().own
    expect(crystal?.part).toMatchObject({ diameterMm: 30.02, edgeThicknessMm: 1.01, build: 'disc' })
    expect(crystal?.diameter.standardUncertaintyMm).toBeGreaterThan(0.005)
    expect(gasket?.part).toMatchObject({
      outerDiameterMm: 30.96,
      wallMm: 0.5,
      heightMm: 0.9,
      footMm: 0,
      material: 'nylon',
      colour: 'white',
    })
  })

  it('go back once looked over, and only when they look so that they serve', () => {
    expect(againstIn({ looked: {} })).toEqual({
      crystal: 'look the crystal over first: sound, scratched, chipped, cracked',
      'crystal-gasket': 'look the crystal gasket over first: sound, flattened, hard, cut',
      'chapter-ring': 'look the chapter ring over first: sound, scratched, bent, cracked',
      'back-seal': 'look the back seal over first: sound, flattened, hard, cut',
    })
    expect(againstIn({})).toMatchObject({ crystal: null, 'crystal-gasket': null })
    const cut: PartsLookedOver = { ...SOUND, 'crystal-gasket': { seen: 'cut', goesBack: false } }
    expect(againstIn({ looked: cut })['crystal-gasket']).toBe('it is cut and does not go back')
    expect(opened({ looked: cut }).own.gasket).toBeNull()
    expect(OWN_PART_IDS.map((id) => OWN_PARTS[id].seen.filter((way: Seen) => serves(way)))).toEqual([
      ['sound', 'scratched'],
      ['sound'],
      ['sound', 'scratched'],
      ['sound', 'scratched'],
      ['sound', 'scratched'],
      ['sound'],
    ])
  })

  it('want a ring that was seen cut to be replaced, and the look to stay a step that is done', () => {
    const ids = (looked: PartsLookedOver) => opened({ looked }).procedure.steps.map(({ id }) => id)
    expect(ids(SOUND)).not.toContain('match-gasket')
    const cut = ids({ 'crystal-gasket': { seen: 'cut', goesBack: false } })
    expect(cut).toEqual(expect.arrayContaining(['gasket-inspect', 'match-gasket']))
    const clean = (looked: PartsLookedOver) =>
      opened({ looked }).stages.find(({ stage }) => stage === 'clean')
    expect(clean({})?.stepsDone).not.toContain('gasket-inspect')
    expect(clean(SOUND)?.stepsDone).toContain('gasket-inspect')
  })

  it('want a back seal that was seen hard, or a chapter ring seen bent, to be replaced, and ask for it', () => {
    const matchOf = (looked: PartsLookedOver, over: Partial<KeptTray> = {}) =>
      opened({ looked, kept: over })
        .stages.find(({ stage }) => stage === 'match')
        ?.demands.flatMap(({ subject, met }) => (met ? [] : [subject]))
    const look = (id: OwnPartId, seen: Seen): PartsLookedOver => ({ [id]: { seen, goesBack: false } })
    expect(matchOf(look('back-seal', 'sound'))).not.toContain('seals-out')
    const hard = look('back-seal', 'hard')
    expect(matchOf(hard)).toContain('seals-out')
    const out = (kind: 'gasket' | 'o-ring', partId: number) => ({
      partsOut: [{ kind, partId, count: 1, since: new Date() }],
    })
    expect(matchOf(hard, out('o-ring', 1))).not.toContain('seals-out')
    expect(matchOf(hard, out('gasket', 9))).not.toContain('seals-out')
    // The ring that is picked with the crystal seals no back.
    const picked = { ...keptPick(1), gasket: { id: 9, footMm: 0 } }
    expect(matchOf(hard, { ...out('gasket', 9), picked })).toContain('seals-out')
    expect(matchOf(look('chapter-ring', 'scratched'))).not.toContain('chapter-ring-out')
    expect(matchOf(look('chapter-ring', 'bent'))).toContain('chapter-ring-out')
  })

  it('ask for a bezel where a new one was asked for, until one is out or its own is said to go back', () => {
    const sheet = caseSheet({ retention: 'press-in-bezel', bezelKind: 'fixed-friction', bezelBoreMm: 31.35 })
    const demanded = (looked: PartsLookedOver, kept: Partial<KeptTray> = {}) =>
      opened({ asked: ['bezel'], sheet, looked, kept })
        .stages.find(({ stage }) => stage === 'match')
        ?.demands.some(({ subject, met }) => subject === 'bezel-out' && !met)
    expect(demanded({})).toBe(true)
    expect(demanded({ bezel: { seen: 'scratched', goesBack: true } })).toBe(false)
    expect(demanded({ bezel: { seen: 'bent', goesBack: true } })).toBe(true)
    const since = new Date()
    expect(demanded({}, { partsOut: [{ kind: 'bezel', partId: 3, count: 1, since }] })).toBe(false)
  })

  it('follow the school, the wish and the construction', () => {
    const always = opened({ over: { schools: { 'crystal-gasket': 'renew-always' } } }).own
    expect(always.parts.find(({ id }) => id === 'crystal-gasket')?.against).toMatch(/^a new one: /)
    const byAge = (gasketAgeYears: number | null) =>
      againstIn({ over: { gasketAgeYears, schools: { 'crystal-gasket': 'up-to-3-years' } } })[
        'crystal-gasket'
      ]
    expect(byAge(4)).toBe('a new one: 4 years old, 3 is the most here')
    expect(byAge(null)).toBe('a new one: nobody knows how old it is, and 3 years is the most here')
    expect(byAge(3)).toBeNull()
    expect(againstIn({ asked: ['chapter-ring', 'gasket'] })['crystal-gasket']).toBe('a new one was asked for')
    const broke = opened({ asked: ['crystal'], over: { crystalState: 'shattered' } }).own
    expect(broke.parts.map(({ id }) => id)).toEqual(['crystal-gasket', 'back-seal'])
    expect(broke.gasket).toBeNull()
    expect(againstIn({ over: { gasketPresent: false } })).not.toHaveProperty('crystal-gasket')
    expect(opened({ asked: ['battery'] }).own.parts.map(({ id }) => id)).toEqual(['back-seal'])
    expect(opened({ asked: ['reseal'] }).own.parts).toEqual([])
  })

  it('name what is to be measured first', () => {
    const without = (id: number) => READ.filter((one) => one.id !== id)
    expect(againstIn({ readings: without(1) }).crystal).toBe('measure its crystal diameter first')
    expect(againstIn({ readings: without(3) })['crystal-gasket']).toBe('measure its gasket wall first')
  })
})

describe('a shaped crystal that came out of its cement', () => {
  const sheet = caseSheet({
    retention: 'cemented',
    crystalOutline: 'shaped',
    rebateLengthMm: 24.06,
    rebateWidthMm: 20.05,
    rebateDepthMm: 0.95,
    crystalProfile: 'flat',
  })
  const read = [keptReading(1, 'crystal-length', 24), keptReading(2, 'crystal-edge', 1)]
  const given = { sheet, asked: ['gasket'] as const }

  it('goes back by both its sides, without a ring', () => {
    expect(againstIn({ ...given, readings: read })).toMatchObject({
      crystal: 'measure its crystal, 3 to 9 first',
    })
    const both = [...read, keptReading(3, 'crystal-width', 20)]
    const { crystal, gasket } = opened({ ...given, readings: both }).own
    expect(crystal?.part).toMatchObject({ build: 'shaped', diameterMm: 24, widthMm: 20, edgeThicknessMm: 1 })
    expect(gasket).toBeNull()
    const { names, rejected } = listed({ ...given, readings: both })
    expect([...names, ...rejected][0]).toBe('own undefined')
  })
})

describe('the shortlist with own parts', () => {
  it('puts first what the job would rather have, and keeps the drawers in sight', () => {
    expect(listed({}).names).toEqual(['own own', 'own 7', '4 own', '4 7'])
    expect(listed({ asked: ['crystal'] }).names[0]).toBe('4 own')
    expect(listed({ asked: ['crystal', 'gasket'] }).names).toEqual(['4 7', 'own 7'])
  })

  it('shows what nobody looked over after the drawers', () => {
    expect(listed({ looked: {} }).names[0]).toBe('4 7')
  })

  it('judges an own part by how well it was read, and a pair as the list does', () => {
    const tray = opened()
    const { list } = listed({})
    const [first] = list.fitting
    if (!first || !tray.now.readout.seat.ok) throw new Error('nothing fits')
    const pair = judgePair(first, tray.now.readout.seat.seat, list.between, tray)
    expect(pair?.failures).toEqual([])
    expect(pair?.candidate.fitProbability).toBeCloseTo(first.fitProbability, 12)
    expect(pair?.candidate.reasons).toContain('Its own crystal looks sound, and nobody asked for a new one.')
    const closer = READ.map((one) => ({ ...one, maximumPermissibleErrorMm: 0.002 }))
    expect(listed({ readings: closer }).list.fitting[0]?.hold.standardUncertainty).toBeLessThan(
      first.hold.standardUncertainty,
    )
  })

  it('says why what should go back does not', () => {
    const large = READ.map((one) => (one.dimension === 'bore' ? { ...one, shownMm: 31.3 } : one))
    const { names, rejected } = listed({ readings: large })
    expect(names).not.toContain('own own')
    expect(rejected[0]).toBe('own own')
  })

  it('refuses what was not looked over, whatever its figures', () => {
    const tray = opened({ looked: {} })
    const { crystal, gasket } = tray.own
    if (!crystal || !gasket || !tray.now.readout.seat.ok) throw new Error('nothing of its own')
    const { seat } = tray.now.readout.seat
    const pair = judgePair({ crystal: crystal.part, gasket: gasket.part }, seat, null, tray)
    expect(pair?.candidate.refusal).toMatch(
      /^Its own crystal: look the crystal over first.* Its own crystal gasket:/,
    )
  })
})
