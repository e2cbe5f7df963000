import { keptTray } from '../../../tests/factories/keptTray'
import { cameOff } from '../../../tests/factories/trailEvents'
import { BUILT_IN_POLICY } from '../policy/ShopPolicy'
import { told } from '../report/Report'
import type { KeptTray } from '../tray/KeptTray'
import { trayCase } from '../tray/trayCase'
import type { TrailEvent } from '../trail/partsTrail'
import { MOST_LINE_LENGTH, OWN_LINE } from './OwnerLetter'
import type { LetterBeside } from './writeLetter'
import { writeLetter } from './writeLetter'

const NOW = new Date('2026-11-24T10:00:00Z')
const BESIDE: LetterBeside = {
  caseName: 'Harrowmere Deckwatch 38',
  complaint: 'Steamed up',
  fitted: [told('Crystal', '30.0 × 1.0 flat mineral, MF-300-10'), told('Crystal gasket', 'its own')],
  ready: true,
  dayText: (iso) => iso.slice(0, 10),
}

const letterOf = (kept: Partial<KeptTray> = {}, beside: Partial<LetterBeside> = {}) =>
  writeLetter(
    trayCase(keptTray(kept), { policy: BUILT_IN_POLICY, schools: {}, invented: false }),
    { ...BESIDE, ...beside },
    NOW,
  )
const linesOf = (id: string, kept: Partial<KeptTray> = {}) =>
  letterOf(kept)
    .parts.filter((part) => part.id === id)
    .flatMap(({ lines }) => lines.filter(({ leftOut }) => !leftOut).map(({ words }) => words))

/** A back seal that came off and was renewed. */
const RESEALED: readonly TrailEvent[] = [
  cameOff(1, 'back-seal'),
  { id: 2, kind: 'renewed', offId: 1, count: 1, reason: '', at: NOW.toISOString() },
]

describe('what an owner is told', () => {
  it('is drafted from the record in plain words', () => {
    expect(linesOf('came-in')).toContain('You told us: “Steamed up”')
    expect(linesOf('done')).toEqual(
      expect.arrayContaining([
        'New crystal: 30.0 × 1.0 flat mineral, MF-300-10.',
        'Crystal gasket: its own.',
      ]),
    )
    expect(linesOf('tested')).toEqual(['It was not tested for water: keep it dry.'])
    expect(linesOf('care')).toContain('Keep it from water, steam and the shower.')
  })

  it('tells a back that gave way, nothing of one that did not, and what cannot be repaired with what was not done', () => {
    const findings = [
      { id: 4, kind: 'back-tightness', words: 'too-easy' },
      { id: 5, kind: 'cannot-repair', words: 'tube worn out' },
    ] as const
    expect(linesOf('found', { findings })).toEqual([expect.stringMatching(/more easily than it should/)])
    expect(linesOf('not-done', { findings })).toContain(
      'Cannot be put right here: tube worn out. What it would cost, a specialist has to say.',
    )
    expect(linesOf('found', { findings: [{ id: 4, kind: 'back-tightness', words: 'usual' }] })).toEqual([])
  })

  it('is worded by the technician line by line, and drafted again where that is taken back', () => {
    const written = letterOf({
      ownerWords: { complaint: 'It was damp inside.', asked: '', [OWN_LINE]: 'Greetings.' },
    })
    const lines = written.parts.flatMap((part) => part.lines)
    const by = (key: string) => lines.find((line) => line.key === key)
    expect(by('complaint')).toMatchObject({
      words: 'It was damp inside.',
      drafted: 'You told us: “Steamed up”',
      leftOut: false,
    })
    expect(by('asked')).toMatchObject({ leftOut: true })
    expect(by(OWN_LINE)).toMatchObject({ words: 'Greetings.' })
    expect(MOST_LINE_LENGTH).toBeGreaterThan(100)
    // A key every object has is no line somebody wrote.
    expect(
      letterOf({ ownerWords: {} })
        .parts.flatMap((part) => part.lines)
        .every((line) => !line.leftOut),
    ).toBe(true)
  })

  it('names a day for the seals only where they were seen to, by how it is worn', () => {
    expect(letterOf().nextSealAt).toBeNull()
    const tray = { ...keptTray().tray, use: 'diver' as const }
    expect(letterOf({ tray, trail: RESEALED }).nextSealAt?.slice(0, 10)).toBe('2027-11-24')
    expect(letterOf({ tray: { ...tray, use: 'dress' }, trail: RESEALED }).nextSealAt?.slice(0, 10)).toBe(
      '2029-11-24',
    )
    expect(linesOf('done', { trail: RESEALED })).toEqual(
      expect.arrayContaining(['New back seal.', 'In the bag with it: old back seal.']),
    )
  })

  it('is a short message as well: what was done, how it was tested; before it is ready, that it is not', () => {
    expect(letterOf().message).toBe(
      'Harrowmere Deckwatch 38 is ready. New crystal: 30.0 × 1.0 flat mineral, MF-300-10. Crystal gasket: its own. It was not tested for water: keep it dry.',
    )
    expect(letterOf({ ownerWords: { 'fitted-1': '' } }).message).not.toMatch(/gasket/)
    expect(letterOf({}, { ready: false }).message).toMatch(/still in work/)
  })
})
