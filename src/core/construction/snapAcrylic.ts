import { COMMON_MISSED } from '../fit/commonFailure'
import { crystalOutline } from '../section/crystalOutline'
import { grooveOutlines } from '../section/jointOutlines'
import type { AcrylicSeat } from './acrylic/acrylicSeat'
import { acrylicInSeat, NO_RING } from './acrylic/acrylicInSeat'
import type { AcrylicCandidate } from './acrylic/assessAcrylic'
import { bezelOnOpening } from './assumedJoint'
import { BY_HAND } from './caseDies'
import type { Construction } from './Construction'
import { usualSpots } from './usualSpots'

/** Acrylic slightly larger than its groove, sprung in. */
export const snapAcrylic: Construction<AcrylicSeat, AcrylicCandidate> = {
  id: 'snap-acrylic',
  words: {
    held: 'acrylic, snapped in',
    choice: 'Acrylic for its seat',
    hold: 'over',
    stand: 'height',
    againstOld: { title: 'Height', more: 'higher', less: 'lower' },
    missed: {
      oversize: 'too small to hold or too large',
      dome: 'dome too low',
      ...COMMON_MISSED,
    },
  },
  ...acrylicInSeat('groove'),
  ring: NO_RING,
  bezel: null,
  goesWith: { crystalMaterial: ['acrylic'] },
  pressed: false,
  pushedOutOf: null,
  rimSeenAtPress: false,
  dimensions: { groove: 'always', 'dome-height': 'always', 'crystal-diameter': 'unless-shaped' },
  reads: () => ({
    crystal: ['dome-height', 'crystal-diameter'],
    seat: ['groove'],
    gasket: [],
    fitted: [],
    beside: ['hands-below-seat'],
  }),
  steps: {
    out: [
      {
        id: 'crystal-out',
        stage: 'push-out',
        when: ({ crystalToRemove }) => crystalToRemove,
        title: 'Squeeze the acrylic at its rim and lift it out',
        why: 'It is a little larger than its groove: squeezed, it comes free.',
        tools: ['claw lift'],
        activeMinutes: 3,
        takesOff: ['crystal'],
      },
    ],
    in: [
      {
        id: 'crystal-in',
        stage: 'press-in',
        when: ({ crystalWork }) => crystalWork,
        title: 'Squeeze the acrylic and let it spring into its groove',
        why: 'Sprung evenly it grips all round.',
        activeMinutes: 4,
        check: 'It does not turn under a thumb.',
      },
    ],
    bezelOn: [],
  },
  measureCase: 'Read the groove and the height of the dome',
  cleanSeat: 'Seat cleaned down to metal',
  matchRing: null,
  dies: () => BY_HAND,
  pressSteps: () => [
    { action: 'Groove clean, no old acrylic in it', why: 'a crumb lifts the crystal there' },
    {
      action: 'Claw lift closed evenly round its edge, only until it clears the lip',
      why: 'squeezed further, or on one side, it crazes at the edge',
    },
    {
      action: 'Lower it level, open the claw: it springs into the groove',
      why: 'it must enter all round at once',
    },
    { action: 'Press it round with the fingers', why: 'what is not in its groove yet snaps in' },
    { action: 'Turn it under a thumb: it must not move', why: 'it holds by its own spring alone' },
  ],
  cautions: [],
  outlines: (section, _, { crystal }) => [
    ...grooveOutlines(section, crystal?.edgeThicknessMm ?? section.seatDepthMm),
    ...(crystal ? [crystalOutline(crystal, 0)] : []),
  ],
  spots: (situation) => {
    const { edge, hands } = usualSpots(situation)
    return [edge, ['dome-height', [-1.2, situation.section.seatDepthMm]], hands]
  },
  assumedJoint: bezelOnOpening,
}
