import { pressedHome } from '../press/PressStep'
import { CAUTIONS } from '../procedure/cautions'
import { caseOutlines } from '../section/sectionGeometry'
import { bezelOnOpening } from './assumedJoint'
import { dieOnEdge } from './caseDies'
import type { Construction } from './Construction'
import { pressedOut } from './pressedOut'
import type { RingCandidate } from './ring/assessPair'
import { RING_MISSED, ringInBore, ringUse } from './ring/ringInBore'
import type { RingSeat } from './ring/ringSeat'
import { ringedOutlines } from './ringedOutlines'
import { usualSpots } from './usualSpots'

/** Flat or domed glass pressed into a bore of the case inside a ring gasket. */
export const tensionGasket: Construction<RingSeat, RingCandidate> = {
  id: 'tension-gasket',
  words: {
    held: 'glass in a ring gasket',
    choice: 'Crystal with gasket',
    hold: 'squeeze',
    stand: 'rim',
    againstOld: { title: 'Height', more: 'higher', less: 'lower' },
    missed: RING_MISSED,
  },
  ...ringInBore('bore', 'bore'),
  ring: ringUse('bore', true, true),
  bezel: null,
  goesWith: {},
  pushedOutOf: 'case',
  dimensions: {
    bore: 'unless-shaped',
    'seat-depth': 'always',
    'crystal-diameter': 'unless-shaped',
    'gasket-wall': 'always',
    'gasket-height': 'always',
    'gasket-outer': 'always',
  },
  reads: () => ({
    crystal: ['crystal-diameter'],
    seat: ['bore', 'seat-depth'],
    gasket: ['gasket-wall', 'gasket-height'],
    fitted: ['opening'],
    beside: ['opening', 'gasket-outer', 'hands-below-seat'],
  }),
  steps: {
    out: [pressedOut],
    in: [
      {
        id: 'gasket-in-case',
        stage: 'press-in',
        when: ({ crystalWork }) => crystalWork,
        title: ({ crystalGasketNew }) =>
          crystalGasketNew ? 'New gasket into the case first' : 'Gasket back into the case first',
        why: 'The crystal starts square only in a ring that already sits.',
        activeMinutes: 2,
        putsBack: ['crystal-gasket'],
      },
      {
        id: 'crystal-in',
        stage: 'press-in',
        when: ({ crystalWork }) => crystalWork,
        title: 'Start the crystal square by hand, bevel up, then press; quarter turn, press again',
        why: ({ schools, facts }) =>
          facts.asked.includes('chapter-ring') && schools['ring-fixing'].option === 'crystal-clamps'
            ? 'Presses are never quite parallel. Pressed a little further home it clamps the chapter ring.'
            : 'Presses are never quite parallel; stop when it is home: more force only breaks it.',
        tools: (_, { pressIn }) =>
          pressIn.length > 0
            ? pressIn
            : ['pusher about 1 mm under the crystal', 'support clear of crystal and crown'],
        cautions: [CAUTIONS.press, CAUTIONS.splinters],
        activeMinutes: 6,
        check: 'Rim the same all round.',
      },
    ],
    bezelOn: [],
  },
  measureCase: 'Read bore, opening with the gasket in, gasket wall, seat depth',
  cleanSeat: 'Seat cleaned down to metal',
  matchRing: null,
  dies: dieOnEdge,
  pressSteps: (situation) => [
    {
      action: 'Gasket into the case first, seated all round',
      why: 'a pinched ring tilts the crystal and leaks',
    },
    ...pressedHome(situation),
  ],
  cautions: [],
  outlines: (section, _, parts) => [...caseOutlines(section), ...ringedOutlines(section.boreMm, parts)],
  spots: (situation) => {
    const { edge, ringWall, seat, hands } = usualSpots(situation)
    return [edge, ringWall, seat, hands]
  },
  assumedJoint: bezelOnOpening,
}
