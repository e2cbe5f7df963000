import { diverFacts } from '../../../tests/factories/jobFacts'
import { procedure } from './procedure'

const wetTest = (school: string) =>
  procedure(diverFacts({ asked: ['reseal'] }), { 'wet-test': school }).steps.find(
    ({ id }) => id === 'wet-test',
  )

describe('a wet test', () => {
  it('is none unless the shop says so, then only after the dry one, with its danger said', () => {
    expect(wetTest('dry-only')).toBeUndefined()
    const step = wetTest('after-dry')
    expect(step?.after).toEqual(['pressure-test'])
    expect(step?.cautions.join(' ')).toMatch(/can flood a movement.*only after a dry test was passed/)
    expect(step?.title).toMatch(/125.%/)
  })
})
