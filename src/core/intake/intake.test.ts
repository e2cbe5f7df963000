import { CONSTRUCTION_FIELDS } from '../records/constructionFields'
import { checkField } from '../records/checkRecord'
import { isShown } from '../records/Field'
import { TRAY_FIELDS } from '../records/jobFields'
import { procedure } from '../procedure/procedure'
import { CASE_KIND_IDS, CASE_KINDS } from '../construction/caseKinds'
import { isLooseBack, isTightness } from './Finding'
import { ASKED_FOR, ASKED_WORDS, BACK_TIGHTNESSES, isTightnessFinding } from './jobWords'
import { MOST_PHOTO_BYTES, tooLargeText } from './photoLimits'

describe('CASE_KINDS', () => {
  it('are complete and within every limit of the form: a case of a kind can be stored as it stands', () => {
    for (const id of CASE_KIND_IDS) {
      const kind: Readonly<Record<string, unknown>> = CASE_KINDS[id]
      for (const field of CONSTRUCTION_FIELDS.filter((f) => isShown(f, (name) => kind[name]))) {
        const check = checkField(field, (kind[field.name] ?? '') as string | boolean)
        expect([id, field.name, check.ok]).toEqual([id, field.name, true])
      }
      for (const name of ['classBar', 'diver', 'use']) {
        const field = TRAY_FIELDS.find((f) => f.name === name)
        expect(field && checkField(field, (kind[name] ?? '') as string | boolean | number).ok).toBe(true)
      }
    }
  })

  it('give a job that can be worked through, whatever is asked', () => {
    for (const id of CASE_KIND_IDS) {
      const { label, ...kind } = CASE_KINDS[id]
      const facts = {
        ...kind,
        caseMaterial: null,
        bezelEntry: null,
        notchShape: null,
        bezelClicks: null,
        crystalState: 'shattered',
        gasketPresent: true,
        gasketAgeYears: null,
        unfit: [],
        ownBack: [],
        oldLume: false,
        looseMarkers: false,
        sealsDoubtful: false,
        pushers: false,
        leaksSuspected: [],
        asked: [...ASKED_FOR],
        shopSchools: {},
      } as const
      const { steps } = procedure(facts)
      expect(label).not.toBe('')
      expect(steps.map((s) => s.id)).toEqual(
        expect.arrayContaining(['crystal-out', 'crystal-in', 'back-on', 'report']),
      )
    }
  })
})

describe('what was found', () => {
  it('calls a back that gave way too easily a finding, and the seals doubtful', () => {
    expect(BACK_TIGHTNESSES.filter(isTightnessFinding)).toEqual(['fell-open', 'too-easy'])
    expect(isLooseBack({ kind: 'back-tightness', words: 'too-easy' })).toBe(true)
    expect(isLooseBack({ kind: 'back-tightness', words: 'tight' })).toBe(false)
    expect(isLooseBack({ kind: 'other', words: 'too-easy' })).toBe(false)
    expect(isTightness('rusty')).toBe(false)
  })

  it('has words for everything that can be asked', () => {
    for (const asked of ASKED_FOR) expect(ASKED_WORDS[asked]).not.toBe('')
  })

  it('says by how much a picture is too large, and what to do', () => {
    expect(tooLargeText(40_000_000)).toMatch(/40 MB is more than 15 MB. Choose a smaller one/)
    expect(tooLargeText(MOST_PHOTO_BYTES + 1)).toMatch(/16 MB is more than/)
  })
})
