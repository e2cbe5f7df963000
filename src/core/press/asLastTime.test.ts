import { otherwiseThanLast } from './asLastTime'

const LAST = { pressId: 1, pusherId: 2, supportId: 3, quarterTurns: 4, cushion: 'film' }
const NAMES = { press: (id: number | null) => `press ${id}`, die: (id: number | null) => `D${id}` }

describe('otherwiseThanLast', () => {
  it('is silent where everything is as last time', () => {
    expect(otherwiseThanLast({ ...LAST, cushion: ' film ' }, LAST, NAMES)).toEqual([])
  })

  it('names what is done otherwise, and how it was', () => {
    const now = { ...LAST, pusherId: 5, quarterTurns: 0, cushion: '' }
    expect(otherwiseThanLast(now, LAST, NAMES)).toEqual([
      'pusher D5 (last time D2)',
      'quarter turns 0 (last time 4)',
      'cushion none (last time film)',
    ])
  })
})
