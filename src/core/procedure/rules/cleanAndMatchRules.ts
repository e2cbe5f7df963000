import { constructionOf } from '../../construction/constructions'
import { hasOldRing } from '../../construction/hasOldRing'
import { CAUTIONS } from '../cautions'
import { turningBezelOff } from '../jobOf'
import type { JobFacts } from '../JobFacts'
import type { StepRule } from '../Step'
import { handsComeOff } from './movementBackRules'

/** Nobody asked for another crystal, and this one is whole. */
function ownCrystalBack({ asked, crystalState }: JobFacts): boolean {
  return crystalState === 'whole' && !asked.includes('crystal')
}

/** Marker re-fixed with crystal cement, minutes. Common practice. */
const MARKER_CURE_MINUTES = 20

/** Clean and inspect, then choose. */
export const CLEAN_AND_MATCH_RULES: readonly StepRule[] = [
  {
    id: 'hands-off',
    stage: 'clean',
    when: handsComeOff,
    title: 'Hands off, each in its own pocket',
    why: 'Grains of glass lie under them and scratch the dial at the first turn.',
    tools: ['hand levers', 'dial protector'],
    cautions: ({ facts }) => (facts.oldLume ? [CAUTIONS.lume] : []),
    activeMinutes: 6,
    takesOff: ['hand'],
    school: 'hands-and-fragments',
  },
  {
    id: 'fragments-out',
    stage: 'clean',
    after: ['hands-off', 'crystal-out'],
    when: ({ crystalBroke, crystalWork }) => crystalBroke && crystalWork,
    title: 'Every fragment out of dial, hands and case, with putty and air',
    why: 'One grain left stops the hands or holds the new crystal off its seat.',
    tools: ['putty', 'hand blower', 'loupe'],
    cautions: ({ facts }) => [CAUTIONS.splinters, ...(facts.oldLume ? [CAUTIONS.lume] : [])],
    activeMinutes: 10,
    check: 'Nothing glitters under the loupe.',
    school: 'hands-and-fragments',
  },
  {
    id: 'marker-refix',
    stage: 'clean',
    after: ['movement-out', 'crystal-out', 'fragments-out'],
    when: ({ facts }) => facts.asked.includes('marker') || facts.looseMarkers,
    title: 'Re-fix the marker with crystal cement',
    why: 'A loose marker jams a hand.',
    tools: ['crystal cement', 'fine needle'],
    activeMinutes: 5,
    waitMinutes: MARKER_CURE_MINUTES,
    check: 'It does not move under pegwood.',
  },
  {
    id: 'gasket-inspect',
    stage: 'clean',
    when: ({ crystalWork, crystalGasketNew, facts }) =>
      crystalWork &&
      hasOldRing(facts) &&
      constructionOf(facts.retention).ring.mayServeAgain &&
      (!crystalGasketNew || facts.unfit.includes('crystal-gasket')),
    title: 'Look the gasket over: cut, split, warped or hard means a new one',
    why: 'The old ring goes back in only when it is perfect.',
    tools: ['loupe'],
    activeMinutes: 2,
    school: 'crystal-gasket',
  },
  {
    id: 'seat-clean',
    stage: 'clean',
    when: ({ crystalWork }) => crystalWork,
    title: ({ facts }) => constructionOf(facts.retention).cleanSeat,
    why: 'Dirt in the recess makes the new crystal sit high.',
    activeMinutes: 4,
    check: 'Seat bare all round.',
  },
  {
    id: 'bezel-clean',
    stage: 'clean',
    when: turningBezelOff,
    title: 'Bezel’s track and spring cleaned, spring greased thin',
    why: 'Grit under the bezel and a dry spring wear its clicks away.',
    tools: ['brush', 'silicone grease'],
    activeMinutes: 4,
    check: 'No tooth of the spring is worn or bent.',
  },
  {
    id: 'threads-clean',
    stage: 'clean',
    when: ({ backOff }) => backOff,
    title: 'Thread, lip and seal groove of the back cleaned',
    why: 'Dirt there feels like a tight back and leaks like a loose one.',
    activeMinutes: 4,
  },
  {
    id: 'match-crystal',
    stage: 'match',
    when: ({ crystalWork }) => crystalWork,
    title: ({ facts }) =>
      ownCrystalBack(facts) ? 'Pick its own crystal again, or a new one' : 'Pick the crystal',
    why: ({ facts }) =>
      ownCrystalBack(facts)
        ? 'What goes back is judged like what comes from a drawer, and the press goes by it.'
        : 'Size with its probability, thickness against hands and rim.',
    activeMinutes: 3,
    check: 'It clears the hands inside and stands right outside.',
  },
  {
    id: 'match-gasket',
    stage: 'match',
    when: ({ crystalGasketNew }) => crystalGasketNew,
    title: ({ facts }) => constructionOf(facts.retention).matchRing?.title ?? 'Pick a new crystal gasket',
    why: ({ facts, schools }) =>
      constructionOf(facts.retention).matchRing?.why ??
      `Crystal gasket: ${schools['crystal-gasket'].because}.`,
    activeMinutes: 2,
    school: 'crystal-gasket',
  },
  {
    id: 'match-insert',
    stage: 'match',
    when: ({ insertWork }) => insertWork,
    title: ({ facts }) =>
      facts.ownBack.includes('insert')
        ? 'Its own insert goes back'
        : 'Pick the insert: outer and inner diameter, thickness, flat or slope',
    why: ({ facts }) =>
      facts.ownBack.includes('insert')
        ? 'It fitted here before: nothing of it or its seat has to be read.'
        : 'Proud it is knocked off, sunk it holds dirt.',
    activeMinutes: 3,
  },
  {
    id: 'match-bezel',
    stage: 'match',
    when: ({ bezelNew }) => bezelNew,
    title: ({ facts }) =>
      facts.ownBack.includes('bezel')
        ? 'Its own bezel goes back'
        : 'Pick the bezel: bore, inside, keys, hold',
    why: ({ facts }) =>
      facts.ownBack.includes('bezel')
        ? 'It fitted here before.'
        : 'A bezel that is tight on the case squeezes the crystal; one that is loose lets it go.',
    activeMinutes: 3,
  },
  {
    id: 'match-chapter-ring',
    stage: 'match',
    when: ({ chapterRingNew }) => chapterRingNew,
    title: 'Pick the chapter ring: outside, height, form, keys',
    why: 'Its own was seen not to serve.',
    activeMinutes: 3,
  },
  {
    id: 'match-seals',
    stage: 'match',
    when: ({ facts, backSealNew }) => backSealNew || facts.asked.includes('reseal'),
    title: ({ facts }) =>
      facts.asked.includes('reseal') ? 'Pick back seal and crown seal as one set' : 'Pick the back seal',
    why: 'Crown seals are the commonest leak after the back.',
    activeMinutes: 3,
    school: 'back-seal',
  },
]
