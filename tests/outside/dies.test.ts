import { DIE_POLICY } from '@/core/dies/diePolicy'
import { pressInPusher } from '@/core/dies/pressInDies'
import { die } from '../factories/parts'

const pusher = (outerDiameterMm: number) => die({ id: outerDiameterMm * 10, outerDiameterMm })

describe('press-in pusher (common practice)', () => {
  it('takes a 29 mm die for a 30 mm crystal', () => {
    const dies = [26, 27, 28, 28.5, 29, 29.5, 30, 31].map(pusher)
    const outcome = pressInPusher(dies, { diameterMm: 30, topRiseMm: 0 }, DIE_POLICY)
    expect(outcome.ok && outcome.best.die.outerDiameterMm).toBe(29)
  })
})
