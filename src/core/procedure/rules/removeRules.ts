import { constructionOf } from '../../construction/constructions'
import { hasOldRing } from '../../construction/hasOldRing'
import { isPressedOn } from '../../construction/kinds'
import { constructionSteps } from './constructionSteps'
import { CAUTIONS } from '../cautions'
import type { Job } from '../Job'
import { bezelBaresDial, ringLivesInBezel, turningBezelOff } from '../jobOf'
import type { StepRule } from '../Step'

const asksForRing = ({ facts }: Job) => facts.asked.includes('chapter-ring')

/** Its own insert fitted here before: only another one is chosen by what is read. */
const choosesInsert = ({ insertWork, facts }: Job) => insertWork && !facts.ownBack.includes('insert')

/** Measure, then take off: bezel, insert, crystal, magnifier. Thickness is read before anything presses on the glass. */
export const REMOVE_RULES: readonly StepRule[] = [
  {
    id: 'measure-thickness',
    stage: 'measure',
    when: ({ crystalToRemove }) => crystalToRemove,
    title: 'Read the thickness at three places, before pressing out',
    why: 'Crystals break on the way out; the reading decides which drawer to open.',
    tools: ['thickness gauge or micrometer'],
    activeMinutes: 3,
    check: 'Edge, and centre when domed.',
  },
  {
    id: 'tape-bezel',
    stage: 'push-out',
    when: ({ bezelOff, facts }) => bezelOff && isPressedOn(facts.bezelKind),
    title: 'Two layers of tape across bezel and case, one down the joint',
    why: 'What the lever touches is scarred.',
    tools: ['masking tape'],
    activeMinutes: 3,
  },
  {
    id: 'bezel-off',
    stage: 'push-out',
    when: ({ bezelOff, facts }) => bezelOff && !isPressedOn(facts.bezelKind),
    title: 'Bezel screws out, opposite before neighbour, lengths apart',
    why: 'They often come in two lengths.',
    tools: ['driver as wide as the slot'],
    activeMinutes: 4,
    takesOff: ['bezel-screw', 'bezel'],
    check: 'Every bezel screw is in the parts trail with its length.',
  },
  {
    id: 'bezel-off',
    stage: 'push-out',
    when: ({ bezelOff, facts }) => bezelOff && isPressedOn(facts.bezelKind),
    title: ({ facts }) =>
      facts.bezelEntry === 'none'
        ? 'Bezel off: no gap shows, so enter between the lugs'
        : 'Bezel off: enter at the gap or slot, between the lugs',
    why: ({ facts }) =>
      facts.insertMaterial === 'ceramic'
        ? 'Even lift all round: a ceramic insert shatters when pried.'
        : 'Even lift all round: a bezel pried on one side bends.',
    cautions: [CAUTIONS.blade],
    activeMinutes: 6,
    takesOff: ['bezel'],
    school: ({ bezelMustOff }) => (bezelMustOff ? null : 'bezel-at-the-press'),
  },
  {
    id: 'dial-covered',
    stage: 'push-out',
    when: bezelBaresDial,
    title: 'Dial covered at once: it lies bare under the bezel',
    why: 'Crystal and bezel came off as one: nothing is left between the hands and the bench.',
    tools: ['dust cover or dial dome'],
    activeMinutes: 1,
    check: 'It is covered, and stays so until the bezel goes on.',
  },
  {
    id: 'bezel-spring-off',
    stage: 'push-out',
    when: turningBezelOff,
    title: 'Spring off, its lie photographed',
    why: 'Its teeth set the clicks; turned over it does not click at all.',
    activeMinutes: 1,
    takesOff: ['bezel-spring'],
  },
  {
    id: 'insert-push-out',
    stage: 'push-out',
    when: ({ insertWork, schools }) => insertWork && schools['insert-removal'].option === 'push-out',
    title: 'Push the insert out from behind, evenly',
    why: 'From behind nothing soaks and nothing is pried.',
    tools: ['pegwood'],
    activeMinutes: 4,
    takesOff: ['insert'],
    school: 'insert-removal',
  },
  {
    id: 'adhesive-off',
    stage: 'push-out',
    when: ({ insertWork, schools, facts }) =>
      insertWork && schools['insert-removal'].option === 'push-out' && facts.insertHold !== 'friction',
    title: 'Old adhesive off with hot water and detergent',
    why: 'A lump left behind tilts the new insert.',
    activeMinutes: 12,
    check: 'Seat bare and smooth.',
  },
  {
    id: 'bezel-protected',
    stage: 'push-out',
    when: ({ crystalToRemove, bezelOff, facts }) =>
      crystalToRemove && !bezelOff && facts.bezelKind !== 'none' && facts.bezelKind !== 'resin-shell',
    title: 'Protect the bezel: tape or film where die and support come near',
    why: 'A bezel that stays on must bear no load.',
    activeMinutes: 2,
    school: 'bezel-at-the-press',
  },
  ...constructionSteps('out'),
  {
    id: 'chapter-ring-out',
    stage: 'push-out',
    when: (job) => ringLivesInBezel(job) || (asksForRing(job) && job.facts.chapterRing !== 'none'),
    title: (job) =>
      asksForRing(job)
        ? 'Chapter ring out, the ring under it looked for'
        : 'Chapter ring out of the bezel, which way round it lay noted',
    why: (job) =>
      asksForRing(job)
        ? 'What lies under it goes back before it: cemented over a missing ring it has to come out again.'
        : 'It goes into the bezel again before the crystal does.',
    activeMinutes: 2,
    takesOff: ['chapter-ring'],
  },
  {
    id: 'crystal-gasket-out',
    stage: 'push-out',
    when: ({ crystalWork, facts }) => crystalWork && hasOldRing(facts),
    title: 'Crystal gasket out, kept to be measured',
    why: 'Its wall and height choose the next one.',
    activeMinutes: 1,
    takesOff: ['crystal-gasket'],
  },
]

/** Off with a magnifier: heat, so the movement is out and no solvent is open. */
export const MAGNIFIER_RULES: readonly StepRule[] = [
  {
    id: 'magnifier-off',
    stage: 'push-out',
    when: ({ facts }) => facts.asked.includes('magnifier-off') && facts.magnifier !== 'none',
    title: 'Magnifier off: a few seconds of flame at a time, then pegwood',
    why: 'The bond lets go by heat before the crystal does; too much loosens the crystal too.',
    tools: ['small flame', 'pegwood', 'heatproof board'],
    cautions: [CAUTIONS.flame],
    activeMinutes: 10,
    check: 'Crystal still stands fast; if it moved, press it home again.',
  },
]

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
