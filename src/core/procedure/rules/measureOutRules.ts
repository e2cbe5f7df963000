import { constructionOf } from '../../construction/constructions'
import type { Job } from '../Job'
import type { StepRule } from '../Step'

/** Its own insert fitted here before: only another one is chosen by what is read. */
const choosesInsert = ({ insertWork, facts }: Job) => insertWork && !facts.ownBack.includes('insert')

/** Read once it is out, still before cleaning. */
export const MEASURE_OUT_RULES: readonly StepRule[] = [
  {
    id: 'measure-diameter',
    stage: 'clean',
    when: ({ crystalToRemove, facts }) => crystalToRemove && facts.crystalState !== 'shattered',
    title: 'Read the crystal across several directions, out of the case',
    why: 'In the case the bevel makes it read small by twice the bevel.',
    tools: ['caliper'],
    activeMinutes: 3,
  },
  {
    id: 'measure-case',
    stage: 'clean',
    when: ({ crystalWork }) => crystalWork,
    title: ({ facts }) => constructionOf(facts.retention).measureCase,
    why: 'The case decides what fits; the old crystal may have been the wrong one.',
    tools: ['caliper', 'depth gauge'],
    activeMinutes: 4,
  },
  {
    id: 'measure-bezel',
    stage: 'clean',
    when: (job) => choosesInsert(job) || (job.bezelOff && job.facts.asked.includes('bezel')),
    title: (job) =>
      choosesInsert(job)
        ? 'Read the insert seat: outer and inner diameter, depth'
        : 'Read the old bezel and what it goes over',
    why: 'Families that look alike differ by tenths and are not interchangeable.',
    tools: ['caliper', 'depth gauge'],
    activeMinutes: 3,
  },
]
