import { movedSince } from './movedSince'
import { partMoves } from './partMoves'
import type { TrailEvent } from './partsTrail'
import { NO_PLACE } from './partsTrail'

const AT = (minute: number) => `2026-11-24T10:${String(minute).padStart(2, '0')}:00.000Z`
const off = (id: number, part: 'insert' | 'bezel'): TrailEvent => ({
  id,
  at: AT(id),
  kind: 'off',
  part,
  count: 1,
  size: '',
  ...NO_PLACE,
})
const answer = (id: number, offId: number, kind: 'back' | 'renewed' | 'left-off'): TrailEvent => ({
  id,
  at: AT(id),
  kind,
  offId,
  count: 1,
  reason: '',
})

describe('what moved by the trail', () => {
  it('is what came off, went back or went in new, at its time', () => {
    expect(
      partMoves([off(1, 'insert'), off(2, 'bezel'), answer(3, 2, 'back'), answer(4, 1, 'renewed')]),
    ).toEqual([
      { part: 'insert', at: AT(1) },
      { part: 'bezel', at: AT(2) },
      { part: 'bezel', at: AT(3) },
      { part: 'insert', at: AT(4) },
    ])
  })

  it('is nothing that was taken back, and nothing that stays off', () => {
    const events: TrailEvent[] = [off(1, 'insert'), { id: 2, at: AT(2), kind: 'undo', undoes: 1 }]
    expect(partMoves(events)).toEqual([])
    expect(partMoves([off(1, 'bezel'), answer(2, 1, 'left-off')])).toHaveLength(1)
  })

  it('leaves a look of before behind, and no look of afterwards', () => {
    const moves = partMoves([off(1, 'insert'), answer(5, 1, 'back')])
    expect(movedSince(['insert', 'bezel'], AT(3), moves)).toBe('insert moved since')
    expect(movedSince(['insert'], AT(5), moves)).toBeNull()
    expect(movedSince(['bezel'], AT(0), moves)).toBeNull()
  })
})
