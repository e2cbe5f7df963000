import { hasOldRing } from '../../construction/hasOldRing'
import type { BezelEntry } from '../../construction/kinds'
import { isPressedOn } from '../../construction/kinds'
import { constructionSteps } from './constructionSteps'
import { CAUTIONS } from '../cautions'
import type { Job } from '../Job'
import { bezelBaresDial, ringLivesInBezel, turningBezelOff } from '../jobOf'
import type { StepRule } from '../Step'
import { judged } from './questions'

const asksForRing = ({ facts }: Job) => facts.asked.includes('chapter-ring')

/** Where a lever or blade goes in; the joint is the same for both. */
function enterAt(entry: BezelEntry | null): string {
  return entry === 'none' ? 'between the lugs, no gap shows' : 'at the gap or slot, between the lugs'
}

const BEZEL_OFF: Readonly<Record<string, (at: string) => string>> = {
  'plastic-lever': (at) =>
    `Bezel off: plastic lever in ${at}, up by a hair, on by a quarter, until it lets go all round`,
  'four-jaw': () =>
    'Bezel off: four jaws under its edge, each a quarter turn at a time, opposite before neighbour',
  'steel-blade': (at) =>
    `Bezel off: blade in ${at}, lightly, all the way round, never levered against the case`,
  'grip-ball': () => 'Bezel off: rubber ball pressed on, turned and drawn by hand',
}
const BEZEL_OFF_TOOLS: Readonly<Record<string, readonly string[]>> = {
  'plastic-lever': ['nylon or ABS lever'],
  'four-jaw': ['four-jaw remover'],
  'steel-blade': ['thin blade', 'film under it'],
  'grip-ball': ['rubber grip ball'],
}

/** Ways that can slip into the other hand. */
const PRIED: readonly string[] = ['plastic-lever', 'steel-blade']

/** Off with its old adhesive left on the seat: everything but a soak. */
const offDry = ({ schools }: Job) => schools['insert-removal'].option !== 'soak'

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
    when: ({ bezelOff, facts, schools }) =>
      bezelOff && isPressedOn(facts.bezelKind) && schools['bezel-removal'].option !== 'grip-ball',
    title: 'Two layers of tape across bezel and case, one down the joint',
    why: 'What the lever touches is scarred.',
    tools: ['masking tape'],
    activeMinutes: 3,
    school: 'bezel-removal',
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
    title: ({ facts, schools }) =>
      BEZEL_OFF[schools['bezel-removal'].option]?.(enterAt(facts.bezelEntry)) ?? 'Bezel off',
    tools: ({ schools }) => BEZEL_OFF_TOOLS[schools['bezel-removal'].option] ?? [],
    why: ({ facts }) =>
      facts.insertMaterial === 'ceramic'
        ? 'Even lift all round: a ceramic insert shatters when pried.'
        : 'Even lift all round: a bezel pried on one side bends.',
    cautions: ({ schools }) => (PRIED.includes(schools['bezel-removal'].option) ? [CAUTIONS.blade] : []),
    activeMinutes: 6,
    takesOff: ['bezel'],
    school: ({ bezelMustOff }) => (bezelMustOff ? 'bezel-removal' : 'bezel-at-the-press'),
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
    id: 'insert-blade-off',
    stage: 'push-out',
    when: ({ insertWork, schools }) => insertWork && schools['insert-removal'].option === 'blade',
    title: 'Insert out from the front: thin blade under its edge, small moves all round',
    why: 'Lifted at one spot it bends or chips; the tape keeps the blade off bezel and crystal.',
    tools: ['masking tape', 'thin blade', 'pegwood'],
    cautions: [CAUTIONS.blade],
    activeMinutes: 6,
    takesOff: ['insert'],
    school: 'insert-removal',
  },
  {
    id: 'adhesive-off',
    stage: 'push-out',
    when: (job) => job.insertWork && offDry(job) && job.facts.insertHold !== 'friction',
    title: 'Old adhesive off with hot water and detergent; what stays, with its own solvent',
    why: 'A lump left behind tilts the new insert. Alcohol takes film and its glue, acetone cement, on the bare bezel alone.',
    tools: ['hot water and detergent', 'pegwood', 'alcohol or acetone on a cloth'],
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
    id: 'crystal-ring-seen',
    stage: 'push-out',
    when: (job) => asksForRing(job) && job.facts.chapterRing !== 'none' && hasOldRing(job.facts),
    title: 'Look where the crystal’s own ring stayed, before anything else is laid in',
    why: 'It slips out unseen with crystal or chapter ring; a chapter ring cemented over its empty place has to come out again.',
    tools: ['loupe'],
    after: ['chapter-ring-out'],
    activeMinutes: 1,
    question: {
      asks: 'Seen',
      answers: [
        { words: 'still in the case', good: true },
        { words: 'came out with the crystal, laid by', good: true },
        { words: 'nowhere to be found', good: false },
      ],
      detail: { label: 'Where, and how it looks', needed: false },
    },
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
    check: 'Bond let go by itself: nothing was levered.',
  },
  {
    id: 'heat-level',
    stage: 'push-out',
    when: ({ facts, crystalWork }) =>
      facts.asked.includes('magnifier-off') && facts.magnifier !== 'none' && !crystalWork,
    title: 'After the heat: crystal still fast, and as high all round as it was',
    why: 'Too much heat loosens the ring it sits in; found now, it is pressed home once more.',
    tools: ['dial indicator', 'loupe'],
    after: ['magnifier-off'],
    activeMinutes: 2,
    question: judged('fast and even all round', 'moved or high on a side', 'Where, and by how much'),
  },
]
