import { caseSheet } from '../../../tests/factories/caseSheet'
import { TYPICAL_INSTRUMENTS } from '../measure/InstrumentSpec'
import { crystalObjection, shapeObjection } from './shapeObjection'

const instrument = TYPICAL_INSTRUMENTS.caliper
const on = (sheet: Parameters<typeof caseSheet>[0] = { boreMm: 30.95 }) => ({
  measured: {},
  sheet: caseSheet(sheet),
})
const chord = (chordMm: number) => ({ kind: 'chord', chordMm, sagittaMm: 3, instrument }) as const

describe('shapeObjection', () => {
  it('takes no piece longer than the crystal, by the bore or else by the crystal of the sheet', () => {
    expect(shapeObjection(chord(30.9), 'caliper', on())).toBeNull()
    expect(shapeObjection(chord(32), 'caliper', on())).toBe(
      'Chord: 32.00 mm is wider than a crystal of this case can be (case bore 30.95 mm). Measure between the two ends of one piece’s rim.',
    )
    const bare = on({ boreMm: null, crystalDiameterMm: 30 })
    expect(shapeObjection(chord(29.9), 'caliper', bare)).toBeNull()
    expect(shapeObjection(chord(31), 'caliper', bare)).toMatch(/crystal diameter 30\.00/)
    expect(shapeObjection(chord(60), 'caliper', on({ boreMm: null, crystalDiameterMm: null }))).toBeNull()
  })

  it('counts both bevels to a top', () => {
    const top = (topMm: number, bevelMm: number) =>
      shapeObjection({ kind: 'visible-top', topMm, bevelMm, instrument }, 'caliper', on())
    expect(top(30.4, 0.25)).toBeNull()
    expect(top(30.9, 0.8)).toMatch(/^Top with its bevels: 32\.50 mm is wider/)
  })

  it('is read with what reaches across a crystal', () => {
    expect(shapeObjection(chord(20), 'thickness-gauge', on())).toMatch(/a thickness gauge does not reach it/)
    expect(shapeObjection({ kind: 'points', points: [] }, 'thickness-gauge', on())).toBeNull()
  })
})

describe('crystalObjection', () => {
  const found = (valueMm: number, standardUncertaintyMm = 0.02) => ({ valueMm, standardUncertaintyMm })
  it('takes no crystal that is surely wider than its bore, however it was found', () => {
    expect(crystalObjection(found(30.9), on())).toBeNull()
    expect(crystalObjection(found(33), on())).toMatch(
      /^Crystal diameter: 33\.00 mm is wider than its case bore, 30\.95 mm\./,
    )
  })

  it('takes one that grips its opening: snapped in, it is wider', () => {
    expect(crystalObjection(found(31.35), on())).toBeNull()
  })

  it('takes a little more where both are not known better, and anything where the bore is unknown', () => {
    expect(crystalObjection(found(31.7, 0.02), on())).not.toBeNull()
    expect(crystalObjection(found(31.7, 0.1), on())).toBeNull()
    expect(crystalObjection(found(60), on({ boreMm: null, crystalDiameterMm: 30 }))).toBeNull()
  })
})
