import type { JobAtStage } from './hazards'
import { allHazards, standingHazards } from './hazards'

const FACTS: JobAtStage = {
  crystalState: 'shattered',
  crystalMaterial: 'mineral',
  movementKind: 'mechanical',
  oldLume: false,
  looseMarkers: false,
  steamedUp: false,
  stage: 'intake',
}
const standing = (over: Partial<JobAtStage>, ticks = {}) =>
  standingHazards({ ...FACTS, ...over }, ticks).map((h) => h.id)

describe('standingHazards', () => {
  it('stops the movement first, and warns of splinters until the new crystal is in', () => {
    expect(standing({})).toEqual(['movement-running', 'fragments-under-hands', 'glass-splinters'])
    expect(standing({ stage: 'match' })).toEqual(['glass-splinters'])
    expect(standing({ stage: 'close' })).toEqual([])
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
    const paint = { crystalState: 'whole', oldLume: true, stage: 'hand-back' } as const
    expect(standing(paint, { 'old-lume': '2026-11-24T10:05:00.000Z' })).toEqual(['old-lume'])
    expect(allHazards({ ...FACTS, ...paint }, {})[0]?.dealt).toBeNull()
  })

  it('speaks of a cell only where there is one', () => {
    const advice = (movementKind: JobAtStage['movementKind']) =>
      allHazards({ ...FACTS, movementKind }, {})[0]?.advice
    expect(advice('mechanical')).not.toMatch(/cell/)
    expect(advice('quartz')).toMatch(/cell out/)
  })

  it('warns of moisture and loose markers until they are looked after', () => {
    expect(standing({ crystalState: 'whole', steamedUp: true, looseMarkers: true })).toEqual([
      'loose-markers',
      'moisture',
    ])
    expect(standing({ crystalState: 'whole', steamedUp: true, stage: 'close' })).toEqual([])
  })
})
