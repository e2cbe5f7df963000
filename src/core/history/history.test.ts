import fc from 'fast-check'
import { actLines } from './actLines'
import { actsOf } from './actsOf'
import { actWords } from './actWords'
import { benchName, benchNameObjection, MOST_NAME } from './benchName'
import type { Change } from './Change'
import type { Known } from './changeWords'
import { changeWords } from './changeWords'

const NOBODY: Known = {
  row: undefined,
  calls: ({ tableName, id }) => `${tableName} ${id}`,
  timeText: (iso) => `at ${iso}`,
}

function change(given: Partial<Change>): Change {
  return {
    id: 1,
    at: new Date('2026-11-24T10:00:00Z'),
    by: 'EB',
    doing: 'takeReading',
    tableName: 'readings',
    rowId: 7,
    trayId: 3,
    kind: 'added',
    was: null,
    now: null,
    ...given,
  }
}

describe('benchName', () => {
  it.each([
    ['EB', 'EB'],
    ['  Eva   B. ', 'Eva B.'],
    ['Ø', 'Ø'],
    ['李', '李'],
    ['3', '3'],
    ['', null],
    ['   ', null],
    ['--', null],
    ['a\u0000b', null],
    ['\ud83d', null],
    ['x'.repeat(MOST_NAME + 1), null],
    [undefined, null],
  ])('%j is kept as %j', (said, kept) => expect(benchName(said)).toBe(kept))

  it('says what is against a name exactly where it keeps none, and one that is kept is kept the same again', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 60 }), (said) => {
        const kept = benchName(said)
        expect(kept === null).toBe(benchNameObjection(said) !== null)
        if (kept !== null) expect(benchName(kept)).toBe(kept)
      }),
    )
  })
})

describe('actsOf', () => {
  it('takes together what one person did in one action at one moment, in the order it was done', () => {
    const at = new Date('2026-11-24T10:00:00.123Z')
    const later = new Date('2026-11-24T10:00:00.124Z')
    const acts = actsOf([
      change({ id: 5, at: later }),
      change({ id: 4, at, by: 'MR' }),
      change({ id: 3, at }),
      change({ id: 2, at }),
      change({ id: 1, at, doing: 'pickPair' }),
    ])
    expect(acts.map((act) => act.changes.map(({ id }) => id))).toEqual([[5], [4], [2, 3], [1]])
  })
})

describe('changeWords', () => {
  it('tells a reading that was added by its place and figure', () => {
    const row = { id: 7, dimension: 'crystal-diameter', shown_mm: 30.02 }
    expect(changeWords(change({}), { ...NOBODY, row })).toEqual({
      one: 'Reading',
      name: expect.stringMatching(/^.+: 30\.02 mm$/) as string,
      values: [],
    })
  })

  it('tells what changed as its form calls it, before and after', () => {
    const words = changeWords(
      change({
        tableName: 'trays',
        kind: 'changed',
        was: {
          old_lume: false,
          due_at: '2026-11-24T10:00:00+00:00',
          owner_id: 4,
          asked: ['crystal'],
          wear: null,
        },
        now: {
          old_lume: true,
          due_at: '2026-11-25T10:00:00+00:00',
          owner_id: 5,
          asked: ['crystal', 'bezel'],
          wear: 3,
        },
      }),
      { ...NOBODY, row: { number: 1031 } },
    )
    expect([words.one, words.name]).toEqual(['Tray', '1031'])
    expect(words.values).toEqual([
      { label: 'Old luminous paint on dial or hands', was: 'no', now: 'yes' },
      { label: 'Due', was: 'at 2026-11-24T10:00:00+00:00', now: 'at 2026-11-25T10:00:00+00:00' },
      { label: 'Owner', was: 'owners 4', now: 'owners 5' },
      { label: 'Asked for', was: 'crystal', now: expect.stringContaining(', ') as string },
      { label: 'Wear', was: null, now: '3' },
    ])
  })

  it('opens what is kept as a document: only what is another one in it, with its group', () => {
    const words = changeWords(
      change({
        tableName: 'shop_settings',
        kind: 'changed',
        was: { fit_policy: { crazeStrain: 1, snapGripMm: 0.1 }, clock: '24', schools: {} },
        now: {
          fit_policy: { crazeStrain: 1, snapGripMm: 0.2, gone: 4 },
          clock: '12',
          schools: { 'crystal-gasket': 'renew-always' },
        },
      }),
      NOBODY,
    )
    expect(words.values).toEqual([
      { label: 'Acrylic: in a groove, least oversize', was: '0.10', now: '0.20' },
      { label: 'gone', was: null, now: '4' },
      { label: 'Clock', was: '24', now: '12' },
      { label: 'Crystal gasket', was: null, now: 'always new' },
    ])
  })

  it('tells what was removed by what it was', () => {
    const removed = change({ tableName: 'photos', kind: 'removed', was: { id: 7, caption: 'chip at 4' } })
    expect(changeWords(removed, NOBODY)).toEqual({ one: 'Picture removed', name: 'chip at 4', values: [] })
  })

  it('tells of tables and columns nobody knows by their own names, of whatever they hold', () => {
    const value = fc.oneof(
      fc.string(),
      fc.double(),
      fc.boolean(),
      fc.constant(null),
      fc.array(fc.string()),
      fc.object(),
    )
    const rows = fc.dictionary(fc.string(), value)
    fc.assert(
      fc.property(
        fc.string(),
        rows,
        rows,
        fc.constantFrom('added', 'changed', 'removed'),
        (tableName, was, now, kind) => {
          const words = changeWords(change({ tableName, was, now, kind }), { ...NOBODY, row: was })
          expect(typeof words.one).toBe('string')
        },
      ),
    )
  })
})

describe('actLines', () => {
  const words = (one: string, name: string, values = 0) => ({
    one,
    name,
    values: Array.from({ length: values }, () => ({ label: 'Wear', was: null, now: '3' })),
  })

  it('leaves out the kind where the act says it', () => {
    const two = [words('Reading', 'a'), words('Reading', 'b')]
    expect(actLines(two, 'Reading taken')).toEqual([{ one: null, names: ['a', 'b'], values: [] }])
    expect(actLines(two, null)).toEqual([{ one: 'Reading', names: ['a', 'b'], values: [] }])
  })

  it('keeps apart what is of another kind or has values', () => {
    const all = [words('Tray', '7', 1), words('Pick', ''), words('Step', 'a'), words('Step', 'b')]
    const lines = actLines(all, 'Parts picked')
    expect(lines.map(({ one, names }) => [one, names])).toEqual([
      ['Tray', ['7']],
      ['Pick', []],
      ['Step', ['a', 'b']],
    ])
  })
})

it('says nothing in words for what nobody did, and for names every object has', () => {
  expect(actWords(null)).toBeNull()
  expect(actWords('constructor')).toBeNull()
  expect(actWords('takeReading')).toBe('Reading taken')
})
