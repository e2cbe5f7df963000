import { gaugeFigures, gaugeTexts } from './gaugeFields'

const texts = { levelBar: '99,4', uprightBar: '', edgeHeight: '0', cameraHeight: '300' }

describe('gaugeFigures', () => {
  it('reads commas, leaves out the upright bar, and lets an edge lie on the paper', () => {
    expect(gaugeFigures(texts)).toEqual({
      ok: true,
      figures: { levelBarMm: 99.4, uprightBarMm: null, edgeHeightMm: 0, cameraHeightMm: 300 },
    })
  })

  it.each([
    [{ levelBar: '' }, /Level bar is missing/],
    [{ uprightBar: 'short' }, /Upright bar: “short” is not a length/],
    [{ edgeHeight: '' }, /Edge height is missing/],
    [{ cameraHeight: 'arm’s length' }, /Camera height: “arm’s length” is not a length/],
  ])('names what is no figure: %j', (over, message) => {
    const outcome = gaugeFigures({ ...texts, ...over })
    expect(!outcome.ok && outcome.message).toMatch(message)
  })
})

describe('gaugeTexts', () => {
  it('gives back what it was given', () => {
    const settings = { levelBarMm: 99.4, uprightBarMm: null, cameraHeightMm: 320 }
    expect(gaugeFigures(gaugeTexts(settings, 1.2))).toEqual({
      ok: true,
      figures: { ...settings, edgeHeightMm: 1.2 },
    })
    expect(gaugeTexts(settings, null).edgeHeight).toBe('')
    expect(gaugeTexts({ ...settings, levelBarMm: null }, 1.2).levelBar).toBe('')
  })
})
