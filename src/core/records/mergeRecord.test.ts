import { CASE_SHEET_FIELDS } from './caseSheetFields'
import { mergeRecord } from './mergeRecord'

const merge = (was: Record<string, unknown>, typed: Record<string, unknown>, now: Record<string, unknown>) =>
  mergeRecord(CASE_SHEET_FIELDS, { was, typed, now })

describe('a form over a record that was changed while it was open', () => {
  it('takes what was changed elsewhere where nobody touched it here', () => {
    const merged = merge(
      { note: 'as it was', boreMm: '31', twoPartBack: false },
      { note: 'as it was', boreMm: '31.1', twoPartBack: false },
      { note: 'greased thin', boreMm: 31, twoPartBack: true },
    )
    expect(merged.conflicts).toEqual({})
    expect(merged.fields).toEqual({ note: 'greased thin', boreMm: '31.1', twoPartBack: true })
  })

  it('says where both changed it, with both values, and takes neither silently', () => {
    const merged = merge(
      { note: '', boreMm: '31' },
      { note: 'mine', boreMm: '31' },
      { note: 'theirs', boreMm: 31 },
    )
    expect(merged.conflicts).toEqual({
      note: 'Note: changed elsewhere to “theirs”, was nothing when this was opened. Take that, or store once more to keep yours.',
    })
    expect(merged.now).toEqual({ note: 'theirs' })
    expect(merged.fields).toMatchObject({ note: 'mine' })
    // Told, and stored once more: it is meant.
    expect(merge({ note: 'theirs' }, { note: 'mine' }, { note: 'theirs' }).conflicts).toEqual({})
  })

  it('finds nothing where both changed it to the same, or only spaces differ', () => {
    expect(merge({ note: 'a' }, { note: 'b ' }, { note: 'b' }).conflicts).toEqual({})
    expect(merge({ note: 'a' }, { note: 'b' }, { note: ' a' }).conflicts).toEqual({})
  })

  it('leaves alone what was not asked', () => {
    expect(merge({ boreMm: '31' }, {}, { boreMm: 32 })).toEqual({ fields: {}, conflicts: {}, now: {} })
  })
})
