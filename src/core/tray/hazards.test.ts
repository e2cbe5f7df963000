import type { PieceAsItCame } from './hazards'
import { allHazards, standingHazards, usuallyDealtWith } from './hazards'

const FACTS: PieceAsItCame = {
  crystalState: 'shattered',
  crystalMaterial: 'mineral',
  movementKind: 'mechanical',
  oldLume: false,
  looseMarkers: false,
  steamedUp: false,
}
const standing = (over: Partial<PieceAsItCame>, ticks = {}) =>
  standingHazards({ ...FACTS, ...over }, ticks).map((h) => h.id)

describe('standingHazards', () => {
  it('stops the movement first, then looks for fragments and splinters', () => {
    expect(standing({})).toEqual(['movement-running', 'fragments-under-hands', 'glass-splinters'])
  })

  it('knows by when each is usually dealt with; nothing but dealing with it ends it', () => {
    const by = (stage: Parameters<typeof usuallyDealtWith>[1]) =>
      allHazards(FACTS, {}).filter(({ id }) => usuallyDealtWith(id, stage)).length
    expect([by('intake'), by('measure'), by('match'), by('close')]).toEqual([0, 1, 2, 3])
    expect(usuallyDealtWith('old-lume', 'hand-back')).toBe(false)
  })

  it('knows what does not splinter and what has no hands', () => {
    expect(standing({ crystalMaterial: 'acrylic' })).toEqual(['movement-running', 'fragments-under-hands'])
    expect(standing({ movementKind: 'digital' })).toEqual(['glass-splinters'])
    expect(standing({ crystalState: 'whole' })).toEqual([])
  })

  it('leaves the header once it is ticked, and keeps the time', () => {
    const ticks = { 'movement-running': '2026-11-24T10:05:00.000Z' }
    expect(standing({}, ticks)).not.toContain('movement-running')
    expect(allHazards(FACTS, ticks)[0]).toMatchObject({
      dealt: 'movement stopped',
      dealtAt: '2026-11-24T10:05:00.000Z',
    })
  })

  it('never ends for old luminous paint, ticked or not', () => {
    const paint = { crystalState: 'whole', oldLume: true } as const
    expect(standing(paint, { 'old-lume': '2026-11-24T10:05:00.000Z' })).toEqual(['old-lume'])
    expect(allHazards({ ...FACTS, ...paint }, {})[0]?.dealt).toBeNull()
  })

  it('speaks of a cell only where there is one', () => {
    const advice = (movementKind: PieceAsItCame['movementKind']) =>
      allHazards({ ...FACTS, movementKind }, {})[0]?.advice
    expect(advice('mechanical')).not.toMatch(/cell/)
    expect(advice('quartz')).toMatch(/cell out/)
  })

  it('warns of moisture and loose markers until they are looked after', () => {
    expect(standing({ crystalState: 'whole', steamedUp: true, looseMarkers: true })).toEqual([
      'loose-markers',
      'moisture',
    ])
  })
})
