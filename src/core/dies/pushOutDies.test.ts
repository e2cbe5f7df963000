import { die } from '../../../tests/factories/parts'
import { pushOutPusher, pushOutSupport } from './pushOutDies'

const WAY = {
  crystalDiameterMm: 30,
  domeMm: 0,
  ringHeightMm: 0,
  apertureMm: 28.4,
  apertureIs: 'dial opening',
  looseRing: false,
}
const pusher = (outerDiameterMm: number) =>
  die({ id: outerDiameterMm, code: `P${outerDiameterMm}`, outerDiameterMm })
const support = (openingMm: number, recessDepthMm = 7) =>
  die({
    id: openingMm,
    role: 'support',
    code: `S${openingMm}`,
    openingMm,
    outerDiameterMm: 36,
    recessDepthMm,
  })

describe('pushOutPusher', () => {
  const set = [24, 26, 27, 27.5, 28, 29].map(pusher)
  const best = (looseRing: boolean) => {
    const outcome = pushOutPusher(set, { ...WAY, looseRing })
    return outcome.ok ? outcome.best.die.outerDiameterMm : null
  }

  it('is the largest that clears the way by half a millimetre, by a whole one past a loose ring', () => {
    expect(best(false)).toBe(27.5)
    expect(best(true)).toBe(27)
  })

  it('says what it goes through and how far it stays clear', () => {
    const said = (looseRing: boolean) => {
      const outcome = pushOutPusher(set, { ...WAY, looseRing })
      return outcome.ok ? outcome.best.reasons[0] : null
    }
    expect(said(false)).toBe('27.5 through 28.4 (dial opening): the largest that stays 0.5 clear')
    expect(said(true)).toBe(
      '27.0 through 28.4 (dial opening): the largest that stays 1.0 clear of the chapter ring',
    )
  })

  it('refuses one so small that it loads the centre, and hollow ones', () => {
    const outcome = pushOutPusher([pusher(20), die({ outerDiameterMm: 27, openingMm: 24 })], WAY)
    expect(outcome.ok ? '' : outcome.why).toBe('A full face of 21.9–27.9 would do.')
  })
})

describe('pushOutSupport', () => {
  it('lets the crystal fall through, deep enough for a dome', () => {
    const flat = pushOutSupport([support(30.2), support(31.5), support(33)], WAY, 38)
    expect(flat.ok && flat.best.die.code).toBe('S31.5')
    const domed = pushOutSupport([support(31.5, 2.5), support(33, 7)], { ...WAY, domeMm: 1 }, 38)
    expect(domed.ok && domed.best.die.code).toBe('S33')
    expect(pushOutSupport([support(33)], WAY, 35).ok).toBe(false)
  })
})
