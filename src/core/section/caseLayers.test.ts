import { describe, expect, it } from '@jest/globals'
import type { TrailPartId } from '../trail/parts'
import { caseLayers, crystalIsHome, materialsAway } from './caseLayers'
import { outline } from './outline'

const OUTLINES = (
  ['back', 'case', 'dial', 'movement', 'gasket', 'crystal', 'back-seal', 'bezel', 'gasket'] as const
).map((material) => outline(material, [[0, 0]]))
const off = (part: TrailPartId, open = 1) => ({ part, open })

describe('caseLayers', () => {
  it('lists what is drawn, from above, each once', () => {
    expect(caseLayers(OUTLINES, true, []).map(({ part }) => part)).toEqual([
      'bezel',
      'crystal',
      'crystal-gasket',
      'hand',
      'movement',
      'back-seal',
      'back',
    ])
    expect(caseLayers(OUTLINES, false, []).map(({ part }) => part)).not.toContain('hand')
  })

  it('knows what is off from the trail, and what is back again', () => {
    const layers = caseLayers(OUTLINES, true, [off('back'), off('movement'), off('crystal', 0), off('strap')])
    expect(layers.filter(({ away }) => away).map(({ part }) => part)).toEqual(['hand', 'movement', 'back'])
    expect([...materialsAway(layers)].sort()).toEqual(['back', 'dial', 'movement'])
  })

  it('has hands go with the movement and an insert with its bezel, unless they came off themselves', () => {
    const ofBezel = [outline('bezel', []), outline('insert', [])]
    const insertIn = (trail: Parameters<typeof caseLayers>[2]) =>
      caseLayers(ofBezel, false, trail).find(({ part }) => part === 'insert')
    expect(insertIn([off('bezel')])).toEqual({ part: 'insert', away: true, awayWith: 'bezel' })
    expect(insertIn([off('bezel'), off('insert')])).toEqual({ part: 'insert', away: true, awayWith: null })
    expect(insertIn([off('insert')])).toEqual({ part: 'insert', away: true, awayWith: null })
    expect(insertIn([off('bezel', 0)])).toEqual({ part: 'insert', away: false, awayWith: null })
  })

  it('knows a crystal that is home from one that never came off, and from one that is off', () => {
    expect(crystalIsHome([off('crystal', 0), off('movement')])).toBe(true)
    expect(crystalIsHome([off('movement', 0)])).toBe(false)
    expect(crystalIsHome([off('crystal', 0), off('crystal', 1)])).toBe(false)
  })

  it('has the metal ring in an acrylic go with it', () => {
    const layers = caseLayers([outline('crystal', []), outline('metal-ring', [])], false, [off('crystal')])
    expect(layers).toEqual([{ part: 'crystal', away: true, awayWith: null }])
    expect([...materialsAway(layers)].sort()).toEqual(['crystal', 'metal-ring'])
  })
})
