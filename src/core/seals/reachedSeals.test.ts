import { jobFacts } from '../../../tests/factories/jobFacts'
import type { JobFacts } from '../procedure/JobFacts'
import { procedure } from '../procedure/procedure'
import { reachedSeals } from './reachedSeals'

const reached = (over: Partial<JobFacts>) => reachedSeals(procedure(jobFacts(over), {}))

describe('seals a job gets at', () => {
  it('are none of a head that stays shut', () => {
    const insert = {
      bezelKind: 'rotating-click',
      insertMaterial: 'aluminium',
      insertHold: 'adhesive',
    } as const
    expect(reached({ asked: ['insert'], ...insert })).toEqual([])
  })

  it('are both where the back comes off', () => {
    expect(reached({ asked: ['crystal'] })).toEqual(['back', 'disc', 'crown'])
    expect(reached({ asked: ['battery'], movementKind: 'quartz' })).toEqual(['back', 'disc', 'crown'])
  })

  it('are the crown’s alone where it all comes out through the front', () => {
    const front = { backKind: 'one-piece-front-loader', movementHold: 'back-alone' } as const
    expect(reached({ asked: ['crystal'], crystalState: 'shattered', ...front })).toEqual(['crown'])
    expect(reached({ asked: ['reseal'], ...front })).toEqual(['crown'])
  })
})
