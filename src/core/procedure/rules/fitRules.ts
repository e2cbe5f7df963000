import { isPressedOn, turns } from '../../construction/kinds'
import { constructionOf } from '../../construction/constructions'
import { CAUTIONS } from '../cautions'
import type { Job } from '../Job'
import { bezelBaresDial } from '../jobOf'
import type { StepRule } from '../Step'
import { constructionSteps } from './constructionSteps'
import { movementBack } from './movementBackRules'
import { judged, UNDERSIDE } from './questions'
import { bezelOnAfter } from './reachedAfter'

/** Cures, minutes. Common practice. */
const RING_CURE_MINUTES = 30
const INSERT_CURE_MINUTES = 60
/** Clear flexible cement skins over: what lies in it still turns for so long, minutes. From memory. */
const CEMENT_OPEN_MINUTES = 5

const ringWork = ({ facts }: Job) => facts.asked.includes('chapter-ring') && facts.chapterRing !== 'none'

/** Press in: everything that sits under the crystal first, then the crystal. */
export const PRESS_RULES: readonly StepRule[] = [
  {
    id: 'crystal-clean',
    stage: 'press-in',
    when: ({ crystalWork }) => crystalWork,
    title: 'Clean the crystal even if it came packed; finger cots from here on',
    why: 'Manufacturing haze and a smudge on the underside mean opening again.',
    tools: ['finger cots', 'lint-free cloth'],
    activeMinutes: 2,
    check: 'Underside never touched.',
  },
  {
    id: 'ring-dry',
    stage: 'press-in',
    when: ringWork,
    title: 'Crystal’s ring back in the case if it came along; chapter ring laid in dry',
    why: 'A chapter ring cemented over a ring that is missing has to come out again.',
    activeMinutes: 2,
    putsBack: ['chapter-ring'],
  },
  {
    id: 'movement-for-reference',
    stage: 'press-in',
    when: ringWork,
    title: 'Movement into the case for reference, stem in, back finger-tight',
    why: 'The dial is what the ring is set to.',
    activeMinutes: 4,
    putsBack: ['movement', 'stem'],
  },
  {
    id: 'ring-align',
    stage: 'press-in',
    when: ringWork,
    title: ({ facts }) =>
      facts.chapterRing === 'loose'
        ? 'Turn the loose chapter ring to the dial at 12 and 6'
        : 'File the key that holds the ring wrong; turn it to the dial at 12 and 6',
    why: 'The movement in its place, back finger-tight, is the only true reference.',
    tools: ['pegwood'],
    after: ['ring-dry', 'movement-for-reference'],
    activeMinutes: 8,
    check: '12 and 6 both stand on the dial’s marks.',
  },
  {
    id: 'ring-fix',
    stage: 'press-in',
    when: (job) => ringWork(job) && job.schools['ring-fixing'].option === 'cement-dots',
    title: 'Three to six small dots of flexible cement on the chapter ring',
    why: 'They hold it while the crystal goes in.',
    tools: ['flexible cement', 'fine needle'],
    activeMinutes: 4,
    waitMinutes: RING_CURE_MINUTES,
    openMinutes: CEMENT_OPEN_MINUTES,
    school: 'ring-fixing',
  },
  ...movementBack('press-in'),
  ...constructionSteps('in'),
  {
    id: 'rim-level',
    stage: 'press-in',
    when: ({ crystalWork, facts }) => crystalWork && constructionOf(facts.retention).rimSeenAtPress,
    title: 'Rim level all round',
    why: 'Presses are never quite parallel: a side left high leaks on the other. An indicator tells how much, an eye only whether.',
    tools: ['dial indicator', 'loupe'],
    after: ['crystal-in'],
    activeMinutes: 2,
    question: judged('even by eye at 12, 3, 6 and 9', 'high on a side', 'Where, and by how much'),
  },
]

/** Align and refit the bezel. */
export const ALIGN_RULES: readonly StepRule[] = [
  {
    id: 'bezel-spring-on',
    stage: 'align',
    when: ({ bezelOff, facts }) => bezelOff && turns(facts.bezelKind),
    title: 'Spring in its place, teeth lined up',
    why: 'Turned over it does not click.',
    activeMinutes: 2,
    putsBack: ['bezel-spring'],
  },
  ...constructionSteps('bezelOn'),
  {
    id: 'dial-uncovered',
    stage: 'align',
    when: bezelBaresDial,
    title: 'Cover off the dial, blown clean; underside of the glass looked at, then the bezel on at once',
    why: 'Once the bezel is on, a hair under it is only seen through the glass.',
    tools: ['loupe', 'hand blower'],
    activeMinutes: 2,
    question: UNDERSIDE,
  },
  {
    id: 'bezel-light',
    stage: 'align',
    when: ({ bezelOff, facts }) => bezelOff && isPressedOn(facts.bezelKind),
    title: 'Bezel laid on square, a small even gap in sight: light fit first',
    why: 'Expect to take it off once more to correct it.',
    tools: (_, { bezelOn }) => bezelOn,
    activeMinutes: 3,
    laysIn: ['bezel'],
    after: bezelOnAfter,
    check: '12 stands at 12.',
  },
  ...movementBack('align'),
  {
    id: 'magnifier-check',
    stage: 'align',
    when: ({ facts, crystalWork }) =>
      crystalWork && facts.magnifier !== 'none' && !facts.asked.includes('magnifier-off'),
    title: 'Magnifier over the date: crystal turned, bezel off and on again, until it stands right',
    why: 'Off by a hair is what the owner sees first; the stem keeps the movement from turning.',
    tools: ['loupe', 'level'],
    // Read with the movement in; the bezel over it is laid on light, so that it comes off again.
    after: ['movement-in', 'bezel-light', 'crystal-in'],
    activeMinutes: 3,
  },
  {
    id: 'bezel-home',
    stage: 'align',
    when: ({ bezelOff, facts }) => bezelOff && !isPressedOn(facts.bezelKind),
    title: 'Bezel on, all screws seated in star order, then snug',
    why: 'Tightened one after the other round the ring, it tilts.',
    activeMinutes: 4,
    putsBack: ['bezel', 'bezel-screw'],
    after: bezelOnAfter,
    check: 'No gap all round, no screw left over.',
  },
  {
    id: 'bezel-home',
    stage: 'align',
    when: ({ bezelOff, facts }) => bezelOff && isPressedOn(facts.bezelKind),
    title: ({ facts }) =>
      turns(facts.bezelKind) ? 'Press the bezel until it clicks home' : 'Press the bezel home',
    why: 'The die bears on the bezel only: its opening is larger than the crystal.',
    tools: (_, { bezelOn }) => bezelOn,
    cautions: [CAUTIONS.press],
    activeMinutes: 3,
    putsBack: ['bezel'],
    after: bezelOnAfter,
    check: ({ facts }) =>
      turns(facts.bezelKind) ? 'Both directions tried, clicks counted, no back play.' : 'No gap all round.',
  },
  {
    id: 'bezel-kept',
    stage: 'align',
    // What turns may have turned with the case, and what lay over it may have left grit under it.
    when: ({ crystalWork, bezelOff, facts }) => crystalWork && !bezelOff && turns(facts.bezelKind),
    title: 'Bezel that stayed on: protection off, once round by hand, back on its mark',
    why: 'Tape, polish and splinters of glass get under a bezel that was pressed past.',
    after: ['crystal-in'],
    activeMinutes: 2,
    question: judged('turns as it did, on its mark', 'gritty, loose or off its mark', 'What it does now'),
  },
  {
    id: 'insert-in',
    stage: 'align',
    when: ({ insertWork }) => insertWork,
    title: ({ schools }) => INSERT_FITTING[schools['insert-fixing'].option] ?? 'Insert in, pip to 12',
    why: 'The pip is turned to 12 while it still moves.',
    activeMinutes: 8,
    putsBack: ['insert'],
    after: ['match-insert'],
    waitMinutes: ({ schools }) =>
      schools['insert-fixing'].option === 'flexible-cement' ? INSERT_CURE_MINUTES : 0,
    openMinutes: ({ schools }) =>
      schools['insert-fixing'].option === 'flexible-cement' ? CEMENT_OPEN_MINUTES : 0,
    check: 'Pip on 12, insert flush all round.',
    school: 'insert-fixing',
  },
]

const INSERT_FITTING: Readonly<Record<string, string>> = {
  'flexible-cement': 'Clear flexible cement by fine needle, insert in, pip to 12, squeeze-out wiped when dry',
  'double-sided-ring': 'Double-sided ring, narrower than the insert, then the insert with its pip on 12',
  'backed-insert': 'Peel, set the pip to 12 above the seat, then press',
}
