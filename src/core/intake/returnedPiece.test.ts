import type { EarlierTray } from './returnedPiece'
import { returnedPiece } from './returnedPiece'

const OPENED = new Date('2026-11-24T09:00:00Z')
const piece = { ownerId: 3, ownerMark: 'no. 9', openedAt: OPENED }
const earlier = (over: Partial<EarlierTray> = {}): EarlierTray => ({
  ...{
    trayId: 7,
    trayNumber: 203,
    ownerId: 3,
    ownerMark: 'No. 9 ',
    finishedAt: new Date('2026-11-10T09:00:00Z'),
  },
  ...over,
})

describe('a piece that is back', () => {
  it('is told by its owner and its mark, the last time first', () => {
    const before = earlier({ trayId: 5, trayNumber: 180, finishedAt: new Date('2026-03-01T09:00:00Z') })
    expect(returnedPiece(piece, [before, earlier()])).toEqual({
      ...{
        trayId: 7,
        trayNumber: 203,
        finishedAt: new Date('2026-11-10T09:00:00Z'),
        daysAfter: 14,
        maybe: false,
      },
    })
  })

  it('may be another one where no mark tells', () => {
    expect(returnedPiece({ ...piece, ownerMark: '' }, [earlier({ ownerMark: '' })])).toMatchObject({
      maybe: true,
    })
  })

  it('is no piece of another owner, of another mark, of longer ago or of later', () => {
    const none = [
      earlier({ ownerId: 4 }),
      earlier({ ownerMark: 'no. 17' }),
      earlier({ finishedAt: new Date('2025-11-20T09:00:00Z') }),
      earlier({ finishedAt: new Date('2026-11-25T09:00:00Z') }),
    ]
    expect(returnedPiece(piece, none)).toBeNull()
  })
})
