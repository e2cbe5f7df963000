import { bezelBeyondBore, bezelOnOpening } from './assumedJoint'

describe('proportions nobody measured', () => {
  it('have a bezel close on what the crystal goes into, over a neck inside it', () => {
    expect(bezelOnOpening(30)).toEqual({ bezelInnerMm: 30, neckOuterMm: 28.8 })
  })

  it('have a bezel with a bore of its own sit over a neck outside that bore', () => {
    expect(bezelBeyondBore(30)).toEqual({ neckOuterMm: 31, bezelInnerMm: 32.2 })
  })
})
