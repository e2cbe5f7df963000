import { pressedHome } from '../press/PressStep'
import { CAUTIONS } from '../procedure/cautions'
import { removableBezelOutlines } from '../section/jointOutlines'
import { bezelBeyondBore } from './assumedJoint'
import { dieOnEdge } from './caseDies'
import type { Construction } from './Construction'
import { HOLDING_BEZELS } from './kinds'
import type { RingCandidate } from './ring/assessPair'
import { RING_MISSED, ringInBore, ringUse } from './ring/ringInBore'
import type { RingSeat } from './ring/ringSeat'
import { ringedOutlines } from './ringedOutlines'
import { usualSpots } from './usualSpots'

/** Crystal, its gasket and a loose chapter ring live inside a removable bezel, pressed onto the case over a second gasket. */
export const pressInBezel: Construction<RingSeat, RingCandidate> = {
  id: 'press-in-bezel',
  words: {
    held: 'in a removable bezel',
    choice: 'Crystal with gasket',
    hold: 'squeeze',
    stand: 'rim',
    againstOld: { title: 'Height', more: 'higher', less: 'lower' },
    missed: RING_MISSED,
  },
  ...ringInBore('bezel-bore', 'bezel’s bore'),
  ring: ringUse('bezel-bore', false, false),
  bezel: {
    role: 'carries',
    by: { name: 'bore', dimension: 'bezel-bore' },
    owns: ['opening', 'seat-depth'],
  },
  goesWith: { bezelKind: HOLDING_BEZELS },
  pushedOutOf: 'bezel',
  dimensions: {
    'seat-depth': 'always',
    'crystal-diameter': 'unless-shaped',
    'gasket-wall': 'always',
    'gasket-height': 'always',
    'gasket-outer': 'always',
    'neck-outer': 'always',
    'bezel-inner': 'always',
    'bezel-bore': 'always',
    'bezel-gasket-wall': 'always',
    'key-spacing': 'always',
    'key-width': 'always',
  },
  reads: () => ({
    crystal: ['crystal-diameter'],
    seat: ['bezel-bore', 'seat-depth', 'key-spacing', 'key-width'],
    gasket: ['gasket-wall', 'bezel-gasket-wall'],
    fitted: [],
    beside: ['neck-outer', 'bezel-inner', 'hands-below-seat', 'bezel-outer'],
  }),
  steps: {
    out: [
      {
        id: 'crystal-out',
        stage: 'push-out',
        when: ({ crystalToRemove }) => crystalToRemove,
        title: 'Press the crystal out of its bezel, off the case',
        why: 'Off the case no hand stands under the press.',
        cautions: [CAUTIONS.splinters, CAUTIONS.press],
        activeMinutes: 4,
        takesOff: ['crystal'],
      },
    ],
    in: [
      {
        id: 'chapter-ring-in',
        stage: 'press-in',
        when: ({ crystalWork }) => crystalWork,
        title: ({ facts }) =>
          facts.chapterRing === 'none' || facts.chapterRing === 'fixed'
            ? 'New gasket into the bezel, off the case'
            : 'Chapter ring and new gasket into the bezel, off the case',
        why: 'What lives in the bezel goes in together, before the crystal.',
        activeMinutes: 3,
        putsBack: ['chapter-ring'],
      },
      {
        id: 'crystal-in',
        stage: 'press-in',
        when: ({ crystalWork }) => crystalWork,
        title: 'Press the crystal into the bezel, off the case',
        why: 'The other order leaves the hands exposed under a press: do not.',
        cautions: [CAUTIONS.press],
        activeMinutes: 5,
        check: 'Crystal level in its bezel.',
      },
    ],
    bezelOn: [
      {
        id: 'bezel-gasket',
        stage: 'align',
        when: ({ bezelOff }) => bezelOff,
        title: 'New gasket under the bezel, keys to 12 and 6',
        why: 'The second gasket seals bezel to case.',
        activeMinutes: 2,
      },
    ],
  },
  measureCase: 'Read the bezel’s bore, both gaskets and where its keys stand',
  cleanSeat: 'Seat cleaned down to metal',
  matchRing: {
    title: 'Pick both gaskets, the pair that belongs to this bezel',
    why: 'Gaskets of another bezel do not serve this one.',
  },
  // Off the case: what lies on the support is the bezel.
  dies: (dies, { crystal, openingMm, bezelOuterMm }, policy) =>
    dieOnEdge(dies, { crystal, openingMm, caseDiameterMm: bezelOuterMm }, policy, 'bezel'),
  pressSteps: (situation) => [
    {
      action: 'Off the case: gasket and chapter ring into the bezel, seated all round',
      why: 'the other order leaves the hands exposed under a press',
    },
    ...pressedHome(situation),
  ],
  cautions: [],
  outlines: (section, joint, parts) => [
    ...removableBezelOutlines(section, joint),
    ...ringedOutlines(section.boreMm, parts),
  ],
  spots: (situation) => {
    const { edge, ringWall, seat } = usualSpots(situation)
    return [edge, ringWall, seat, ['bezel-gasket-wall', [-(situation.joint.neckOuterMm / 2 + 0.2), -1.3]]]
  },
  assumedJoint: bezelBeyondBore,
}
