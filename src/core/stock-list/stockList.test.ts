import { PARTS } from '../parts/parts'
import fc from 'fast-check'
import type { ListReading } from './checkListRow'
import { listRowChecker } from './checkListRow'
import { guessColumns } from './listColumns'
import { listNumber, toMm } from './listNumber'

describe('listNumber', () => {
  it.each([
    ['30.0', 30],
    ['30,0', 30],
    ['1.234,50 €', 1234.5],
    ['1,234.50', 1234.5],
    ['EUR 12.90', 12.9],
    ['12’345.5', 12345.5],
    ['1.234.567', 1234567],
    ['0.070 in', 0.07],
    ['-0,05', -0.05],
    [' 31 mm ', 31],
  ])('reads %s', (text, value) => {
    expect(listNumber(text)).toEqual({ ok: true, value })
  })

  it.each(['', 'abc', '30x1', '1,2,3.4.5', '--1', '.'])('does not read “%s”', (text) => {
    expect(listNumber(text).ok).toBe(false)
  })

  it('reads a figure back as it was printed, with point or comma', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 99_999 }), fc.constantFrom('.', ','), (hundredths, sign) => {
        const printed = (hundredths / 100).toFixed(2).replace('.', sign)
        expect(listNumber(printed)).toEqual({ ok: true, value: hundredths / 100 })
      }),
    )
  })

  it('turns every unit into mm', () => {
    expect(toMm(300, 'tenths of mm')).toBe(30)
    expect(toMm(3005, 'hundredths of mm')).toBe(30.05)
    expect(toMm(1.181, 'inch')).toBe(29.997)
  })
})

describe('guessColumns', () => {
  it('knows our own headings, suppliers’ words, and units by heading or by size', () => {
    const headings = ['Art.-No.', 'Ø 1/10', 'Thickness', 'Glass', 'Net price', 'Remark']
    const sample = [['GG 1', '300', '1,0', 'Mineral', '6,90', '']]
    const mapping = guessColumns('crystal', headings, sample)
    expect(mapping).toEqual({
      'Art.-No.': { field: 'supplierCode', unit: 'mm' },
      'Ø 1/10': { field: 'diameterMm', unit: 'tenths of mm' },
      Thickness: { field: 'edgeThicknessMm', unit: 'mm' },
      Glass: { field: 'material', unit: 'mm' },
      'Net price': { field: 'priceCents', unit: 'mm' },
    })
    expect(guessColumns('crystal', ['Diameter'], [['312'], ['298']])['Diameter']?.unit).toBe('tenths of mm')
    const twice = {
      A: { field: 'diameterMm', unit: 'mm' },
      B: { field: 'diameterMm', unit: 'inch' },
    } as const
    expect(guessColumns('crystal', ['A', 'B'], [], twice)).toEqual({ A: twice.A })
    expect(guessColumns('crystal', ['Diameter (inch)'], [['1.18']])['Diameter (inch)']?.unit).toBe('inch')
    const own = guessColumns(
      'crystal',
      PARTS.crystal.fields.map(({ label }) => label),
      [],
    )
    expect(Object.keys(own)).toHaveLength(PARTS.crystal.fields.length)
  })

  it('takes what was set last over what it would guess, and no field twice', () => {
    const remembered = { Code: { field: 'code', unit: 'mm' as const } }
    expect(guessColumns('crystal', ['Code', 'Item'], [], remembered)).toEqual({
      Code: { field: 'code', unit: 'mm' },
      Item: { field: 'supplierCode', unit: 'mm' },
    })
  })
})

describe('listRowChecker', () => {
  const headings = ['Item', 'Ø', 'T', 'Glass', 'Price']
  const reading: ListReading = {
    kind: 'crystal',
    supplier: 'Greystone Glass',
    mapping: {
      Item: { field: 'supplierCode', unit: 'mm' },
      Ø: { field: 'diameterMm', unit: 'tenths of mm' },
      T: { field: 'edgeThicknessMm', unit: 'mm' },
      Glass: { field: 'material', unit: 'mm' },
      Price: { field: 'priceCents', unit: 'mm' },
    },
    defaults: {},
    prefix: 'GG-',
  }
  const check = listRowChecker(headings, reading)

  it('makes a whole record of a row, with what is usual where the list says nothing', () => {
    expect(check(['300/10', '300', '1,0', 'Sapphire crystal', '28,90'])).toEqual({
      ok: true,
      values: expect.objectContaining({
        code: 'GG-300/10',
        supplier: 'Greystone Glass',
        diameterMm: 30,
        edgeThicknessMm: 1,
        centreThicknessMm: 1,
        material: 'sapphire',
        profile: 'flat',
        build: 'disc',
        priceCents: 2890,
        quantity: 0,
        widthMm: null,
      }) as object,
    })
  })

  it.each([
    [['1', 'abc', '1.0', 'mineral', '1'], 'Ø', /“abc” is not a figure/],
    [['1', '3100', '1.0', 'mineral', '1'], 'Ø', /310 mm is outside 8.00–60.00/],
    [['1', '310', '', 'mineral', '1'], 'T', /Edge thickness is missing/],
    [['1', '310', '1.0', 'wood', '1'], 'Glass', /“wood” is not one of/],
    [['', '310', '1.0', 'mineral', '1'], 'Code', /Code is missing/],
    [['1', '310', '1.0', 'mineral', 'cheap'], 'Price', /“cheap” is not an amount of money/],
  ])('names row, column and reason: %j', (row, column, reason) => {
    const outcome = check(row)
    const errors = outcome.ok ? [] : outcome.errors
    expect(errors).toHaveLength(1)
    expect(errors[0]?.column).toBe(column)
    expect(errors[0]?.reason).toMatch(reason)
  })

  it('reads dies and chapter rings as it reads any other part', () => {
    const unit = 'mm' as const
    const die = listRowChecker(['No', 'OD', 'Bore', 'Each'], {
      ...reading,
      kind: 'die',
      mapping: {
        No: { field: 'supplierCode', unit },
        OD: { field: 'outerDiameterMm', unit },
        Bore: { field: 'openingMm', unit },
        Each: { field: 'priceCents', unit },
      },
      defaults: { role: 'support', material: 'nylon' },
    })
    expect(die(['S32', '36,0', '32', '24'])).toMatchObject({
      ok: true,
      values: {
        role: 'support',
        outerDiameterMm: 36,
        openingMm: 32,
        recessDepthMm: 0,
        priceCents: 2400,
        sides: null,
      },
    })
    expect(die(['P29', '29', '', '19'])).toMatchObject({ ok: true, values: { openingMm: 0 } })
    const rings = (defaults: Record<string, string>) =>
      listRowChecker(['No', 'OD', 'ID', 'H'], {
        ...reading,
        kind: 'chapter-ring',
        mapping: {
          No: { field: 'supplierCode', unit },
          OD: { field: 'outerMm', unit },
          ID: { field: 'innerMm', unit },
          H: { field: 'heightMm', unit },
        },
        defaults: { material: 'plastic', ...defaults },
      })(['CR1', '30.9', '27.6', '1.2'])
    // How it is held is not the same for all: nothing is taken for granted.
    expect(rings({})).toEqual({
      ok: false,
      errors: [{ column: 'Held', reason: 'Held is missing: fill it in.' }],
    })
    expect(rings({ form: 'keyed' })).toMatchObject({ ok: true, values: { form: 'keyed', heightMm: 1.2 } })
  })

  it('never throws, whatever a row holds', () => {
    fc.assert(fc.property(fc.array(fc.string(), { maxLength: 8 }), (row) => void check(row)))
  })
})
