import { COMMON_MISSED } from '../fit/commonFailure'
import { turnedAndPressed } from '../press/PressStep'
import type { DrawnCrystal } from '../section/drawnParts'
import { cupOfCrystal, metalRingOutline } from '../section/jointOutlines'
import type { Outline } from '../section/outline'
import { caseOutlines } from '../section/sectionGeometry'
import type { AcrylicSeat } from './acrylic/acrylicSeat'
import { acrylicInSeat, NO_RING } from './acrylic/acrylicInSeat'
import type { AcrylicCandidate } from './acrylic/assessAcrylic'
import { bezelOnOpening } from './assumedJoint'
import { dieOnEdge } from './caseDies'
import type { Construction } from './Construction'
import { pressedOut } from './pressedOut'
import { usualSpots } from './usualSpots'

/** Wall of the skirt, and the least of it, where nobody measured it, as it is drawn, mm. Assumed. */
const SKIRT_WALL_MM = 0.7
const SHORTEST_SKIRT_MM = 1

/** Acrylic with a metal ring inside that spreads it against its bore. */
export const tensionRingAcrylic: Construction<AcrylicSeat, AcrylicCandidate> = {
  id: 'tension-ring-acrylic',
  words: {
    held: 'acrylic with a tension ring',
    choice: 'Acrylic for its seat',
    hold: 'over',
    stand: 'height',
    againstOld: { title: 'Height', more: 'higher', less: 'lower' },
    missed: {
      oversize: 'too small to hold or too large',
      dome: 'dome too low',
      'ring-height': 'metal ring too high or too low',
      ...COMMON_MISSED,
    },
  },
  ...acrylicInSeat('bore'),
  ring: NO_RING,
  bezel: null,
  goesWith: { crystalMaterial: ['acrylic'] },
  pressed: true,
  pushedOutOf: 'case',
  rimSeenAtPress: true,
  dimensions: {
    bore: 'unless-shaped',
    'dome-height': 'always',
    'ring-height': 'always',
    'crystal-diameter': 'unless-shaped',
  },
  reads: () => ({
    crystal: ['dome-height', 'crystal-diameter', 'ring-height'],
    seat: ['bore'],
    gasket: [],
    fitted: [],
    beside: ['hands-below-seat'],
  }),
  steps: {
    out: [pressedOut],
    in: [
      {
        id: 'crystal-in',
        stage: 'press-in',
        when: ({ crystalWork }) => crystalWork,
        title: 'Press the acrylic in by its tension ring',
        why: 'Pressed on the dome it crazes: the ring carries the load.',
        activeMinutes: 4,
        check: 'It does not turn under a thumb.',
      },
    ],
    bezelOn: [],
  },
  measureCase: 'Read the bore and the height of the tension ring',
  cleanSeat: 'Seat cleaned down to metal',
  matchRing: null,
  dies: dieOnEdge,
  pressSteps: () => [
    {
      action: 'Set the crystal’s metal ring square in the bore',
      why: 'cocked, it shaves the bore and leaks',
    },
    {
      action: 'Hollow die on the edge, never on the dome; press until it stops',
      why: 'pressed on the dome acrylic crazes: the ring carries the load',
    },
    ...turnedAndPressed(),
  ],
  cautions: [],
  outlines: (section, _, { crystal }) => [
    ...caseOutlines(section),
    ...(crystal ? ringedAcrylic(crystal) : []),
  ],
  spots: (situation) => {
    const { edge, hands } = usualSpots(situation)
    const { section } = situation
    return [
      ['dome-height', [-1.2, section.seatDepthMm]],
      edge,
      ['ring-height', [-(section.boreMm / 2 - 1), 0.6]],
      hands,
    ]
  },
  assumedJoint: bezelOnOpening,
}

function ringedAcrylic(it: DrawnCrystal): Outline[] {
  const heightMm = it.ringHeightMm ?? SHORTEST_SKIRT_MM
  const inner = it.skirtInnerMm ?? it.diameterMm - 2 * SKIRT_WALL_MM
  const skirtMm = Math.max(heightMm, SHORTEST_SKIRT_MM)
  // The rise of its underside is told from the skirt's foot: what is left above the skirt is the dome's.
  const roof = { ...it, undersideRiseMm: Math.max(0, it.undersideRiseMm - skirtMm) }
  return [cupOfCrystal(roof, inner, skirtMm, 0), metalRingOutline(inner, heightMm)]
}
