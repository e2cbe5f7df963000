import { neckSeatOf } from '../../../../tests/factories/crystalSeats'
import { stockCrystal, stockGasket } from '../../../../tests/factories/parts'
import { FIT_POLICY } from '../../fit/fitPolicy'
import { assessNeck } from './assessNeck'

describe('assessNeck', () => {
  it('counts what is there: the last one of each is enough, none of either is not', () => {
    const stock = (crystals: number, rings: number) =>
      assessNeck(
        stockCrystal({ diameterMm: 29.8, quantity: crystals }),
        stockGasket({ quantity: rings }),
        neckSeatOf(),
        FIT_POLICY,
      ).constraints.find(({ name }) => name === 'stock')?.probability
    expect([stock(1, 1), stock(0, 1), stock(1, 0), stock(2, 3)]).toEqual([1, 0, 0, 1])
  })
})
