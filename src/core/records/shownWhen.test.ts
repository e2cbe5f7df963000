import { CASE_SHEET_FIELDS } from './caseSheetFields'
import { CONSTRUCTION_FIELDS } from './constructionFields'
import { checkField } from './checkRecord'
import { isShown, manyOf } from './Field'
import { TRAY_FIELDS } from './jobFields'

const shown = (values: Record<string, string | boolean>, fields = CONSTRUCTION_FIELDS) =>
  fields.filter((field) => isShown(field, (name) => values[name])).map((field) => field.name)

const figures = (values: Record<string, string | boolean>) => shown(values, CASE_SHEET_FIELDS)

describe('isShown', () => {
  it('asks only what matters for such a back, bezel and movement', () => {
    expect(shown({ backKind: 'screw-notched' })).toEqual(
      expect.arrayContaining(['notchCount', 'notchCircleMm', 'notchShape']),
    )
    expect(shown({ backKind: 'snap' })).toContain('lipHour')
    expect(shown({ backKind: 'snap' })).not.toContain('notchCount')
    expect(shown({ backKind: 'screw-polygon' })).toEqual(expect.arrayContaining(['backGripMm', 'backSides']))
    expect(shown({ backKind: 'screw-coin-edge' })).not.toContain('backSides')
    expect(figures({ retention: 'tension-gasket', bezelKind: 'rotating-click' })).toContain('neckOuterMm')
    expect(figures({ retention: 'press-in-bezel', bezelKind: 'none' })).toContain('neckOuterMm')
    expect(figures({ retention: 'tension-gasket', bezelKind: 'none' })).not.toContain('neckOuterMm')
    expect(shown({ bezelKind: 'none' })).not.toContain('insertMaterial')
    expect(shown({ bezelKind: 'rotating-click', insertMaterial: 'ceramic' })).toContain('insertHold')
    expect(shown({ movementKind: 'digital' })).not.toContain('stemRelease')
  })

  it('asks the inner seal of a back that is ticked as of two parts, in whatever way the tick is sent', () => {
    for (const tick of [true, 'true', 'on'])
      expect(figures({ twoPartBack: tick })).toContain('discGrooveInnerMm')
    for (const none of [false, 'false', ''])
      expect(figures({ twoPartBack: none })).not.toContain('discGrooveInnerMm')
    expect(figures({ backKind: 'screw-coin-edge' })).toContain('backPitchMm')
    expect(figures({ backKind: 'snap' })).not.toContain('backPitchMm')
  })

  it('asks the sides of a cemented crystal until somebody says it is round, and its diameter until it is shaped', () => {
    const cemented = (crystalOutline: string) => figures({ retention: 'cemented', crystalOutline })
    const [sides, across] = [
      ['rebateLengthMm', 'crystalWidthMm'],
      ['boreMm', 'crystalDiameterMm'],
    ]
    expect(cemented('')).toEqual(expect.arrayContaining([...sides, ...across]))
    expect(cemented('round')).toEqual(expect.arrayContaining([...across]))
    for (const side of sides) expect(cemented('round')).not.toContain(side)
    for (const one of across) expect(cemented('shaped')).not.toContain(one)
  })

  it('asks a ring’s figures only where a ring may hold the crystal', () => {
    expect(figures({ retention: 'neck-and-bezel' })).toContain('gasketWallMm')
    for (const retention of ['snap-acrylic', 'tension-ring-acrylic', 'cemented'])
      expect(figures({ retention })).not.toEqual(expect.arrayContaining(['gasketWallMm']))
  })
})

describe('a field of several', () => {
  const asked = TRAY_FIELDS.find((field) => field.name === 'asked')
  const check = (text: string) => (asked ? checkField(asked, text) : null)

  it('holds its options once each, and nothing strange', () => {
    expect(check('crystal,battery,crystal')).toEqual({ ok: true, value: 'crystal,battery' })
    expect(check('')).toEqual({ ok: true, value: '' })
    expect(check('crystal,<b>')).toMatchObject({
      ok: false,
      message: expect.stringMatching(/“<b>” is not one of/) as string,
    })
    expect(manyOf('')).toEqual([])
  })
})
