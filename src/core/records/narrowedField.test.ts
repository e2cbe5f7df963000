import { CONSTRUCTIONS } from '../construction/constructions'
import { checkField } from './checkRecord'
import { CONSTRUCTION_FIELDS } from './constructionFields'
import { narrowedField } from './Field'

const fieldOf = (name: string, values: Readonly<Record<string, unknown>>) => {
  const field = CONSTRUCTION_FIELDS.find((one) => one.name === name)
  if (!field) throw new Error(`no field ${name}`)
  return narrowedField(field, (other) => values[other])
}

describe('what a construction settles', () => {
  it('refuses what contradicts it, and says what would go', () => {
    const snapped = fieldOf('crystalMaterial', { retention: 'snap-acrylic' })
    expect(checkField(snapped, 'mineral')).toEqual({
      ok: false,
      message: 'Crystal material: “mineral” is not one of acrylic.',
    })
    expect(checkField(snapped, 'acrylic').ok).toBe(true)
    const carried = fieldOf('bezelKind', { retention: 'press-in-bezel' })
    expect(checkField(carried, 'none')).toMatchObject({ ok: false })
    expect(carried).toMatchObject({ options: [{ value: 'crystal-retaining' }, {}, {}, {}] })
  })

  it('leaves free what it says nothing of', () => {
    const ringed = fieldOf('bezelKind', { retention: 'tension-gasket' })
    expect(checkField(ringed, 'none').ok).toBe(true)
    expect(checkField(fieldOf('bezelKind', {}), 'none').ok).toBe(true)
  })

  it('reads no construction out of a word that happens to be known to the language', () => {
    for (const word of Object.getOwnPropertyNames(Object.prototype))
      expect(fieldOf('crystalMaterial', { retention: word })).toEqual(fieldOf('crystalMaterial', {}))
  })

  it('has a usual value among the options of its field for every construction', () => {
    for (const { id, goesWith } of CONSTRUCTIONS)
      for (const [name, values] of Object.entries(goesWith)) {
        const field = fieldOf(name, { retention: id })
        expect([id, name, field]).toEqual([id, name, expect.objectContaining({ kind: 'choice' })])
        expect('options' in field && field.options.map(({ value }) => value)).toEqual(values)
      }
  })
})
