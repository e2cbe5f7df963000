import { lastedText, waitText } from './dryWords'

describe('times of a dry test', () => {
  it('are rounded up where somebody has to wait, and never told longer than they were', () => {
    expect([59.2, 200].map(waitText)).toEqual(['60 s', '4 min'])
    expect([59.2, 179.9, 180, 199.9, 300].map(lastedText)).toEqual([
      '59 s',
      '179 s',
      '3 min',
      '3 min 19 s',
      '5 min',
    ])
  })
})
