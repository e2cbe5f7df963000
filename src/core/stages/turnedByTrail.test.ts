import fc from 'fast-check'
import { anyJobFacts } from '../../../tests/factories/anyJobFacts'
import { jobFacts } from '../../../tests/factories/jobFacts'
import { cameOff } from '../../../tests/factories/trailEvents'
import { procedure } from '../procedure/procedure'
import type { TrailPartId } from '../trail/parts'
import { TRAIL_PART_IDS } from '../trail/parts'
import { partsTrail } from '../trail/partsTrail'
import type { Order } from './inOrder'
import { againstStep } from './inOrder'
import { turnedByTrail } from './turnedByTrail'

const { steps } = procedure(jobFacts({ asked: ['crystal'], crystalState: 'whole' }))
const off = (...parts: readonly TrailPartId[]) => partsTrail(parts.map((part, i) => cameOff(i + 1, part)))

/** Nothing done of the job but these. */
function order(done: readonly string[], trail: Order['trail'] = []): Order {
  return { steps, open: steps.map(({ id }) => id).filter((id) => !done.includes(id)), waiting: [], trail }
}

describe('what the trail does to the steps', () => {
  it('does a step that is due, and takes it back with what it told', () => {
    expect(turnedByTrail(order([]), off('back'))).toEqual({ done: ['back-off'], undone: [] })
    expect(turnedByTrail(order(['back-off'], off('back')), [])).toEqual({ done: [], undone: ['back-off'] })
    const [back] = off('back')
    const on = back ? [{ ...back, back: 1, open: 0 }] : []
    const inside = ['movement-in', 'cell-in', 'cover-on', 'back-seal-in', 'underside-inspect']
    expect(turnedByTrail(order(['back-off', ...inside], off('back')), on).done).toEqual(['back-on'])
  })

  it('presses no crystal out through a back and a movement, whatever came off', () => {
    expect(turnedByTrail(order([]), off('crystal')).done).toEqual([])
    expect(turnedByTrail(order(['back-off'], off('back')), off('back', 'crystal')).done).toEqual([])
  })

  it('does what waited on the trail once its turn has come', () => {
    const early = order(['hands-off', 'hold-off', 'stem-out', 'cell-out'], off('crystal', 'movement'))
    expect(turnedByTrail(early, off('crystal', 'movement', 'back')).done).toEqual(
      expect.arrayContaining(['back-off', 'crystal-out']),
    )
    // The same where no part tells it, but a tick.
    const trail = off('crystal')
    const ready = order(['movement-out'], trail)
    expect(turnedByTrail(ready, trail, ['back-off']).done).toEqual(['crystal-out'])
    expect(turnedByTrail(ready, trail).done).toEqual([])
  })

  it('whatever job and whatever comes off in whatever order: no step is done before what it rests on', () => {
    fc.assert(
      fc.property(anyJobFacts, fc.shuffledSubarray([...TRAIL_PART_IDS]), (facts, parts) => {
        const of = procedure(facts).steps
        const after = off(...parts)
        const before: Order = { steps: of, open: of.map(({ id }) => id), waiting: [], trail: [] }
        const { done } = turnedByTrail(before, after)
        const open = before.open.filter((id) => !done.includes(id))
        const early = of.filter(
          (step) => done.includes(step.id) && againstStep(step, { ...before, open, trail: after }) !== null,
        )
        expect(early).toEqual([])
      }),
    )
  })
})
