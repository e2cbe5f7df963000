import { diverFacts } from '../../../tests/factories/jobFacts'
import { procedure, stepsOf } from '../procedure/procedure'
import { offAgain } from './offAgain'
import type { TrailLine } from './partsTrail'

const STEPS = stepsOf(procedure(diverFacts({ asked: ['insert'], crystalState: 'whole' })), 'align')
const line = (part: TrailLine['part'], counts: Partial<TrailLine>) =>
  ({ part, count: 1, back: 0, renewed: 0, leftOff: 0, open: 0, ...counts }) as TrailLine

describe('offAgain', () => {
  it('is what this stage put back and is on, with how often it came off', () => {
    expect(offAgain(STEPS, [line('bezel', { back: 1 })])).toEqual([{ part: 'bezel', times: 1 }])
    expect(offAgain(STEPS, [line('bezel', { count: 2, back: 2 })])).toEqual([{ part: 'bezel', times: 2 }])
    expect(offAgain(STEPS, [line('insert', { renewed: 1 })])).toEqual([{ part: 'insert', times: 1 }])
  })

  it('is nothing that lies in the tray, was left off, never came off, or belongs to another stage', () => {
    expect(offAgain(STEPS, [])).toEqual([])
    expect(offAgain(STEPS, [line('bezel', { open: 1 })])).toEqual([])
    expect(offAgain(STEPS, [line('bezel', { back: 1 }), line('bezel', { open: 1 })])).toEqual([])
    expect(offAgain(STEPS, [line('insert', { leftOff: 1 })])).toEqual([])
    expect(offAgain(STEPS, [line('back', { back: 1 })])).toEqual([])
  })
})
