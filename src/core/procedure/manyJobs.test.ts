import { createHash } from 'node:crypto'
import fc from 'fast-check'
import { anyJobFacts } from '../../../tests/factories/anyJobFacts'
import { procedure } from './procedure'

const JOBS = 150

// As many jobs as a shop sees in months, drawn once and for all: the steps of each, and a sum of all they say. A rule
// that changes is read here job by job before it is approved with -u.
describe('the steps of many jobs', () => {
  test('are the approved ones', () => {
    const lines = fc.sample(anyJobFacts, { numRuns: JOBS, seed: 12 }).map((facts, at) => {
      const { steps, activeMinutes, waitMinutes } = procedure(facts)
      const ids = steps.map(({ id, school }) => (school ? `${id}(${school.option})` : id)).join(' ')
      const all = createHash('sha256').update(JSON.stringify(steps)).digest('hex').slice(0, 8)
      return `${at + 1}. ${facts.retention}, ${facts.crystalState}, ${facts.asked.join('+')}: ${ids}; ${activeMinutes} + ${waitMinutes} min; ${all}`
    })
    expect(lines.join('\n')).toMatchSnapshot()
  })
})
