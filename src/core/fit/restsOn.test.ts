import { figure, ringSeatOf } from '../../../tests/factories/crystalSeats'
import { restsOn, unmeasured, weakestOrigin } from './restsOn'

const sheet = { ...figure(0.5), origin: 'sheet' as const }

describe('restsOn', () => {
  it('is as well known as the least known of what it rests on', () => {
    expect(weakestOrigin([])).toBe('measured')
    expect(weakestOrigin([{ origin: 'measured' }, { origin: 'assumed' }, { origin: 'sheet' }])).toBe(
      'assumed',
    )
    expect(weakestOrigin([{ origin: 'derived' }, { origin: 'measured' }])).toBe('derived')
  })

  it('tells hold, rim and hands apart', () => {
    const seat = ringSeatOf()
    expect(restsOn(seat)).toEqual({ hold: 'measured', stand: 'measured', hands: 'measured' })
    const handsBelowSeat = sheet
    const figures = { ...seat.figures, 'hands-below-seat': handsBelowSeat }
    expect(restsOn({ ...seat, handsBelowSeat, figures })).toMatchObject({ hold: 'measured', hands: 'sheet' })
    const assumedBore = { ...figure(31), origin: 'assumed' as const }
    expect(restsOn({ ...seat, figures: { ...seat.figures, bore: assumedBore } })).toMatchObject({
      hold: 'assumed',
      stand: 'measured',
    })
    expect(restsOn({ ...seat, level: null, handsBelowSeat: null })).toMatchObject({
      stand: null,
      hands: null,
    })
  })

  it('names what nobody measured', () => {
    expect(unmeasured({ bore: figure(31), 'hands-below-seat': sheet })).toEqual([
      ['hands-below-seat', 'sheet'],
    ])
  })
})
