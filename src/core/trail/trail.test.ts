import fc from 'fast-check'
import { SIZE_MARKS, partsText, TRAIL_PART_IDS, TRAIL_PARTS } from './parts'
import type { SizeMark, TrailPartId } from './parts'
import type { TrailEvent, TrailLine } from './partsTrail'
import {
  goesInNew,
  isOffAlready,
  lastStanding,
  missingBefore,
  missingText,
  movementOpenSince,
  NO_PLACE,
  partsTrail,
  replayOrder,
} from './partsTrail'
import { proposedTrail, stillUsual } from './proposedTrail'

const at = '2026-11-24T10:00:00.000Z'
let nextId = 1
const off = (
  part: TrailPartId,
  count = 1,
  size: SizeMark = '',
  clockHour: number | null = null,
): TrailEvent => ({
  ...NO_PLACE,
  id: nextId++,
  at,
  kind: 'off',
  part,
  count,
  size,
  clockHour,
})
const answer = (
  kind: 'back' | 'renewed' | 'left-off',
  event: TrailEvent,
  count = 1,
  reason = '',
): TrailEvent => ({
  id: nextId++,
  at,
  kind,
  offId: event.id,
  count,
  reason,
})
const undo = (event: TrailEvent): TrailEvent => ({ id: nextId++, at, kind: 'undo', undoes: event.id })

describe('partsTrail', () => {
  it('adds like parts in a row into one line, and keeps lengths and places apart', () => {
    const lines = partsTrail([
      off('shell-screw', 1, 'long', 1),
      off('shell-screw', 1, 'long', 1),
      off('shell-screw', 1, 'short', 1),
      off('shell-screw', 1, 'short', 7),
      off('shell'),
      off('shell-screw', 2, 'long', 1),
    ])
    expect(lines.map((l) => [l.count, l.size, l.part, l.clockHour])).toEqual([
      [2, 'long', 'shell-screw', 1],
      [1, 'short', 'shell-screw', 1],
      [1, 'short', 'shell-screw', 7],
      [1, '', 'shell', null],
      [2, 'long', 'shell-screw', 1],
    ])
  })

  it('has the one part there is off once more on a line of its own, and puts the new one back, not another new one', () => {
    const [first, again] = [off('insert'), off('insert')]
    const lines = partsTrail([first, answer('renewed', first), again])
    expect(lines.map(({ count, renewed, open }) => [count, renewed, open])).toEqual([
      [1, 1, 0],
      [1, 0, 1],
    ])
    const isNew = (line: TrailLine | undefined, all = lines) => line && goesInNew(line, all, ['insert'])
    expect([isNew(lines[0]), isNew(lines[1])]).toEqual([true, false])
    expect(lines[0] && goesInNew(lines[0], lines, [])).toBe(false)
    // Of rings there may be two, both new.
    const [one, other] = [off('crystal-gasket'), off('crystal-gasket')]
    const rings = partsTrail([one, answer('renewed', one), off('stem'), other])
    const last = rings.at(-1)
    expect(last && goesInNew(last, rings, ['crystal-gasket'])).toBe(true)
  })

  it('counts what went back, was renewed or stays off', () => {
    const screws = off('screw', 4)
    const events = [
      screws,
      answer('back', screws, 2),
      answer('renewed', screws),
      answer('left-off', screws, 1, 'sheared'),
    ]
    expect(partsTrail(events)[0]).toMatchObject({
      back: 2,
      renewed: 1,
      leftOff: 1,
      reason: 'sheared',
      open: 0,
    })
  })

  it('forgets what was undone, and only that', () => {
    const [first, second] = [off('clamp'), off('spacer', 2)]
    expect(partsTrail([first, second, undo(second)]).map((l) => l.part)).toEqual(['clamp'])
    const back = answer('back', first)
    expect(partsTrail([first, back, undo(back)])[0]?.open).toBe(1)
    expect(lastStanding([first, second, undo(second)])).toBe(first)
    expect(lastStanding([])).toBeNull()
  })

  it('loses no part: what came off is back, renewed, left off or open', () => {
    const anyOff = fc.tuple(
      fc.constantFrom(...TRAIL_PART_IDS),
      fc.integer({ min: 1, max: 6 }),
      fc.constantFrom(...SIZE_MARKS),
    )
    fc.assert(
      fc.property(fc.array(anyOff, { maxLength: 20 }), fc.nat(), (removals, seed) => {
        const offs = removals.map(([part, count, size]) => off(part, count, size))
        const answers = offs.filter((_, i) => (seed >> (i % 16)) & 1).map((event) => answer('back', event))
        const lines = partsTrail([...offs, ...answers])
        const came = removals.reduce((sum, [, count]) => sum + count, 0)
        expect(lines.reduce((sum, l) => sum + l.count, 0)).toBe(came)
        expect(lines.reduce((sum, l) => sum + l.open, 0)).toBe(came - answers.length)
        expect(replayOrder(replayOrder(lines))).toEqual(lines)
      }),
    )
  })

  it('goes back in the reverse order', () => {
    const lines = partsTrail([off('back'), off('stem'), off('movement')])
    expect(replayOrder(lines).map((l) => l.part)).toEqual(['movement', 'stem', 'back'])
  })
})

describe('isOffAlready', () => {
  it('is true of what a case has one of until it is back, never of what it may have several of', () => {
    const movement = off('movement')
    expect(isOffAlready([], 'movement')).toBe(false)
    expect(isOffAlready(partsTrail([movement]), 'movement')).toBe(true)
    expect(isOffAlready(partsTrail([movement]), 'bezel')).toBe(false)
    expect(isOffAlready(partsTrail([movement, answer('back', movement)]), 'movement')).toBe(false)
    for (const part of ['spacer', 'crystal-gasket', 'back-seal'] as const)
      expect(isOffAlready(partsTrail([off(part)]), part)).toBe(false)
  })
})

describe('missingBefore', () => {
  const strap = off('strap')
  const spacers = off('spacer', 2)
  const lines = partsTrail([strap, spacers])

  it('holds a tray at its closing while a spacer is missing, and says which', () => {
    expect(missingBefore(lines, 'close')).toEqual([])
    expect(missingText(missingBefore(lines, 'prove'))).toBe('2 spacers')
    const oneBack = partsTrail([strap, spacers, answer('back', spacers)])
    expect(missingText(missingBefore(oneBack, 'prove'))).toBe('1 spacer')
  })

  it('lets the strap wait until the tray is handed back', () => {
    const done = partsTrail([strap, spacers, answer('back', spacers, 2)])
    expect(missingBefore(done, 'hand-back')).toEqual([])
    expect(missingText(missingBefore(done, 'finished'))).toBe('1 strap or bracelet')
  })

  it('takes a stated reason', () => {
    const told = partsTrail([spacers, answer('left-off', spacers, 2, 'perished, owner told')])
    expect(missingBefore(told, 'finished')).toEqual([])
  })
})

describe('movementOpenSince', () => {
  it('runs from the movement coming out until it is back', () => {
    const out = off('movement')
    expect(movementOpenSince(partsTrail([out]))).toBe(at)
    expect(movementOpenSince(partsTrail([out, answer('back', out)]))).toBeNull()
  })
})

describe('proposedTrail', () => {
  const trail = (...events: TrailEvent[]) => partsTrail(events)

  it('learns what usually comes off, with the usual count, in the newest order', () => {
    const past = [
      trail(off('back'), off('clamp', 2), off('spacer')),
      trail(off('back'), off('clamp', 2)),
      trail(off('back'), off('clamp', 3), off('cell')),
    ]
    expect(proposedTrail(past).map((p) => [p.part, p.count, p.seen, p.of])).toEqual([
      ['back', 1, 3, 3],
      ['clamp', 2, 3, 3],
    ])
    expect(proposedTrail([])).toEqual([])
  })

  it('offers only what has not come off yet', () => {
    const proposed = proposedTrail([trail(off('back'), off('clamp', 2))])
    const now = trail(off('back'), off('clamp'))
    expect(stillUsual(proposed, now).map((p) => [p.part, p.count])).toEqual([['clamp', 1]])
  })
})

describe('TRAIL_PARTS', () => {
  it('gives every keyed part a key of its own, clear of the page’s keys', () => {
    const keys = TRAIL_PART_IDS.map((id) => TRAIL_PARTS[id].key as string).filter(Boolean)
    expect(new Set(keys).size).toBe(keys.length)
    for (const key of keys) expect('dginp0123456789'.includes(key)).toBe(false)
  })

  it('reads in words', () => {
    expect(partsText('shell-screw', 4, 'long')).toBe('4 long shell screws')
    expect(partsText('back', 1, '')).toBe('case back')
  })
})
