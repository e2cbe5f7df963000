import type { Die } from '@/core/dies/Die'
import { pressInPusher } from '@/core/dies/pressInDies'

function pusher(outerDiameterMm: number): Die {
  return {
    id: outerDiameterMm * 10,
    code: `P${outerDiameterMm}`,
    role: 'pusher',
    material: 'nylon',
    place: 'block',
    outerDiameterMm,
    openingMm: 0,
    recessDepthMm: 0,
    sides: null,
  }
}

describe('press-in pusher (common practice)', () => {
  it('takes a 29 mm die for a 30 mm crystal', () => {
    const dies = [26, 27, 28, 28.5, 29, 29.5, 30, 31].map(pusher)
    const outcome = pressInPusher(dies, { diameterMm: 30, topRiseMm: 0 })
    expect(outcome.ok && outcome.best.die.outerDiameterMm).toBe(29)
  })
})
