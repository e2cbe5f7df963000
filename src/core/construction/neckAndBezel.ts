import { COMMON_MISSED } from '../fit/commonFailure'
import { judgedShortlist } from '../fit/judgedShortlist'
import type { PressSituation, PressStep } from '../press/PressStep'
import { CAUTIONS } from '../procedure/cautions'
import { crystalOutline } from '../section/crystalOutline'
import { squeezeState } from '../section/gasketTint'
import { cupOfCrystal, neckOutlines, neckRingOutline } from '../section/jointOutlines'
import { bezelOnOpening } from './assumedJoint'
import { BY_HAND } from './caseDies'
import type { Construction } from './Construction'
import { HOLDING_BEZELS } from './kinds'
import type { NeckCandidate } from './neck/assessNeck'
import { assessNeck } from './neck/assessNeck'
import { nearNeck } from './neck/nearNeck'
import type { NeckSeat } from './neck/neckSeat'
import { neckSeat } from './neck/neckSeat'
import { neckSize } from './neck/neckSize'
import { neckFailure, neckReasons } from './neck/neckWords'
import { usualSpots } from './usualSpots'

/** Skirt of a cup below its roof, as it is drawn, mm. Assumed. */
const CUP_SKIRT_MM = 1.3

/** A crystal over a raised case neck, squeezed from outside by a pressed-on bezel. */
export const neckAndBezel: Construction<NeckSeat, NeckCandidate> = {
  id: 'neck-and-bezel',
  words: {
    held: 'over a neck, under a bezel',
    choice: 'Crystal for the neck',
    hold: 'squeeze',
    stand: 'edge',
    againstOld: { title: 'Edge', more: 'thicker', less: 'thinner' },
    missed: {
      'neck-squeeze': 'squeezed too little or too much',
      'over-neck': 'skirt off the neck',
      'neck-room': 'ring crushed at the neck',
      edge: 'edge too thick or too thin',
      'gasket-bore': 'gasket off its bore',
      ...COMMON_MISSED,
    },
  },
  ring: {
    takes: true,
    // A cup is its own seal.
    sealsWith: (material) => material !== 'acrylic',
    mayServeAgain: false,
    atFace: false,
    bore: null,
  },
  bezel: { role: 'clamps', by: { name: 'inside', dimension: 'bezel-inner' }, owns: [] },
  goesWith: { bezelKind: HOLDING_BEZELS },
  pressed: false,
  pushedOutOf: null,
  rimSeenAtPress: false,
  dimensions: {
    'crystal-diameter': 'unless-shaped',
    'gasket-wall': 'always',
    'gasket-height': 'always',
    'gasket-outer': 'always',
    'neck-outer': 'always',
    'bezel-inner': 'always',
    'skirt-inner': 'always',
    'skirt-outer': 'always',
    'dome-height': 'always',
  },
  reads: ({ crystalMaterial }) => {
    const cup = crystalMaterial === 'acrylic'
    return {
      crystal: ['crystal-diameter', ...(cup ? (['skirt-inner', 'skirt-outer'] as const) : [])],
      seat: ['neck-outer', 'bezel-inner'],
      gasket: cup ? [] : ['gasket-wall'],
      fitted: [],
      beside: ['hands-below-seat', 'bezel-outer'],
    }
  },
  opening: () => 'bezel-inner',
  seat: neckSeat,
  seatSize: neckSize,
  wants: ({ crystal }) => (crystal === 'cup' ? { build: 'cup', ring: false } : { build: 'disc', ring: true }),
  assess: (crystal, gasket, seat, policy) =>
    gasket || crystal.skirtInnerMm !== null ? assessNeck(crystal, gasket, seat, policy) : null,
  search: (index, seat, wishes, options) =>
    judgedShortlist(
      nearNeck(index, seat, options.policy),
      (name, candidate) => neckFailure(name, candidate, seat, options.policy),
      wishes,
      options,
    ),
  failure: neckFailure,
  reasons: neckReasons,
  squeezeBand: ({ material }, { neckSqueezeBands }) => neckSqueezeBands[material],
  toOrder: () => [],
  steps: {
    out: [
      {
        id: 'crystal-out',
        stage: 'push-out',
        when: ({ crystalToRemove }) => crystalToRemove,
        title: 'Lift the crystal off the neck',
        why: 'With the bezel off nothing squeezes it any more.',
        cautions: [CAUTIONS.splinters],
        activeMinutes: 2,
        takesOff: ['crystal'],
      },
    ],
    in: [
      {
        id: 'crystal-in',
        stage: 'press-in',
        when: ({ crystalWork }) => crystalWork,
        title: ({ crystalGasketNew }) =>
          crystalGasketNew
            ? 'New gasket and crystal over the neck'
            : 'Crystal over the neck: the acrylic is the seal',
        why: 'The bezel will squeeze what sits on the neck, so it must sit square.',
        activeMinutes: 3,
      },
    ],
    bezelOn: [],
  },
  measureCase: 'Read the neck, the bezel’s inside and what lies between them',
  cleanSeat: 'Seat cleaned down to metal',
  matchRing: null,
  // The bezel squeezes it, and is what is pressed: light, then final, once the case is aligned.
  dies: () => BY_HAND,
  pressSteps: overNeck,
  cautions: [],
  outlines: (section, joint, { crystal, ring }) => {
    const neck = {
      ...joint,
      crystalMm: crystal?.diameterMm ?? joint.neckOuterMm,
      edgeThicknessMm: crystal?.edgeThicknessMm ?? section.seatDepthMm,
    }
    const cup = crystal !== null && crystal.skirtInnerMm !== null
    return [
      ...neckOutlines(section, neck),
      ...(crystal
        ? [
            crystal.skirtInnerMm === null
              ? crystalOutline(crystal, 0)
              : cupOfCrystal(crystal, crystal.skirtInnerMm, CUP_SKIRT_MM, -CUP_SKIRT_MM),
          ]
        : []),
      ...(ring && !cup ? [neckRingOutline(neck, ring.wallMm)] : []),
    ]
  },
  spots: (situation) => {
    const { edge, ringWall, hands } = usualSpots(situation)
    const neck = situation.joint.neckOuterMm / 2
    return [
      edge,
      situation.crystalMaterial === 'acrylic' ? ['skirt-inner', [-neck, -0.5]] : ringWall,
      ['neck-outer', [-neck, -1.2]],
      hands,
    ]
  },
  across: () => 'crystal-diameter',
  assumedJoint: bezelOnOpening,
  foundHold: ({ crystalMm, wallMm, openingMm }, { gasketMaterial }, policy) => {
    const { low, high } = policy.neckSqueezeBands[gasketMaterial ?? 'nylon']
    return squeezeState(1 - (openingMm - crystalMm) / (2 * wallMm), { lowMm: low, highMm: high })
  },
}

function overNeck({ ringed }: Pick<PressSituation, 'ringed'>): PressStep[] {
  return [
    ringed
      ? { action: 'New ring round the crystal, both square on the neck', why: 'a rolled ring lifts one side' }
      : { action: 'Crystal square over the neck', why: 'the acrylic itself is the seal' },
    {
      action: 'Laid on by hand, looked at all round: no edge stands up',
      why: 'what lies askew is squeezed askew',
    },
    {
      action: 'Left there until the bezel goes on, light and then final',
      why: 'it is the bezel that is pressed, and squeezes it',
    },
  ]
}
