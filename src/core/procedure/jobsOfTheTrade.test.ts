import { diverFacts, jobFacts } from '../../../tests/factories/jobFacts'
import type { JobFacts } from './JobFacts'
import { procedure } from './procedure'

// Jobs as they come to a bench, invented pieces, common practice in their order. What each asks of the hands is kept
// word for word beside this file: a rule that changes shows there what it changes, in every job it touches.
const JOBS: Readonly<Record<string, JobFacts>> = {
  'crystal shattered, marker loose, quartz': jobFacts({
    crystalState: 'shattered',
    movementKind: 'quartz',
    looseMarkers: true,
    asked: ['crystal', 'gasket', 'marker', 'battery'],
  }),
  'bezel that holds the crystal, dented': jobFacts({
    retention: 'press-in-bezel',
    bezelKind: 'crystal-retaining',
    bezelEntry: 'gap',
    chapterRing: 'keyed',
    asked: ['bezel', 'gasket'],
  }),
  'crystal in a bezel, shattered': jobFacts({
    retention: 'press-in-bezel',
    bezelKind: 'crystal-retaining',
    bezelEntry: 'lifting-slot',
    crystalState: 'shattered',
  }),
  'glass over a neck in gold, screws turned in': jobFacts({
    retention: 'neck-and-bezel',
    bezelKind: 'fixed-friction',
    bezelEntry: 'none',
    caseMaterial: 'gold',
    crystalMaterial: 'sapphire',
    crystalState: 'shattered',
    magnifier: 'outside',
    movementHold: 'screws-turn-in',
    use: 'dress',
    classBar: 3,
  }),
  'acrylic cup over a neck, lens over the date': jobFacts({
    retention: 'neck-and-bezel',
    bezelKind: 'crystal-retaining',
    crystalMaterial: 'acrylic',
    crystalProfile: 'single-dome',
    crystalState: 'cracked',
    magnifier: 'outside',
  }),
  'scratched, back too easy, own ring again': jobFacts({
    sealsDoubtful: true,
    shopSchools: { 'crystal-gasket': 'renew-when-damaged' },
  }),
  'domed sapphire under a turning bezel that stays on': diverFacts({ asked: ['crystal'] }),
  'insert off its mark, magnifier off': diverFacts({
    asked: ['insert', 'magnifier-off'],
    magnifier: 'outside',
    shopSchools: { 'insert-removal': 'soak', 'insert-fixing': 'flexible-cement' },
  }),
  'hands and digital, cracked, old lume': jobFacts({
    movementKind: 'hands-and-digital',
    movementHold: 'spacers',
    crystalState: 'cracked',
    backKind: 'plate-screws',
    oldLume: true,
    asked: ['crystal', 'battery'],
  }),
  'two-part back resealed': diverFacts({
    backKind: 'screw-coin-edge',
    twoPartBack: true,
    asked: ['reseal'],
    sealsDoubtful: true,
  }),
  'turning bezel with ceramic insert off and on': diverFacts({
    insertMaterial: 'ceramic',
    asked: ['bezel-off'],
  }),
  'insert to become ceramic': diverFacts({
    insertHold: 'adhesive',
    shopSchools: { 'insert-removal': 'push-out' },
  }),
  'chapter ring straight, keyed': jobFacts({
    chapterRing: 'keyed',
    asked: ['chapter-ring'],
    shopSchools: { 'ring-fixing': 'cement-dots' },
  }),
  'chapter ring straight, loose': jobFacts({ chapterRing: 'loose', asked: ['chapter-ring'] }),
  'snap back, split stem, battery': jobFacts({
    backKind: 'snap',
    movementKind: 'quartz',
    stemRelease: 'split-stem',
    asked: ['battery'],
  }),
  'digital in a resin shell': jobFacts({
    bezelKind: 'resin-shell',
    caseMaterial: 'resin',
    movementKind: 'digital',
    backKind: 'plate-screws',
    crownKind: 'none',
    stemRelease: 'no-stem',
    movementHold: 'back-alone',
    asked: ['resin-shell'],
  }),
  'digital, crystal gone': jobFacts({
    bezelKind: 'resin-shell',
    movementKind: 'digital',
    backKind: 'plate-screws',
    crownKind: 'none',
    crystalState: 'missing',
    gasketPresent: false,
  }),
  'shaped glass cemented in a rebate': jobFacts({
    retention: 'cemented',
    crystalState: 'cracked',
    gasketPresent: false,
  }),
  'acrylic in a groove, loads through the front': jobFacts({
    retention: 'snap-acrylic',
    crystalMaterial: 'acrylic',
    crystalProfile: 'single-dome',
    backKind: 'one-piece-front-loader',
    backSeal: 'none',
    movementHold: 'holding-ring',
    gasketPresent: false,
  }),
  'acrylic with a tension ring, screwed bezel': jobFacts({
    retention: 'tension-ring-acrylic',
    crystalMaterial: 'acrylic',
    bezelKind: 'screwed',
    crystalState: 'cracked',
    asked: ['crystal', 'bezel-off'],
  }),
  'glass under a turned ring, polygon back': jobFacts({
    retention: 'bayonet-ring',
    backKind: 'screw-polygon',
  }),
}

describe('the steps of a job', () => {
  it.each(Object.entries(JOBS))('%s', (_, facts) => {
    const { steps, activeMinutes, waitMinutes } = procedure(facts)
    const lines = steps.map(
      (step) =>
        `${step.stage.padEnd(9)} ${step.title} (${step.activeMinutes}${step.waitMinutes > 0 ? ` + ${step.waitMinutes}` : ''})`,
    )
    expect([...lines, `${activeMinutes} of work, ${waitMinutes} of waiting`].join('\n')).toMatchSnapshot()
  })
})
