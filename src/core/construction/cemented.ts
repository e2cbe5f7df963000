import { COMMON_MISSED } from '../fit/commonFailure'
import { judgedShortlist } from '../fit/judgedShortlist'
import { CAUTIONS } from '../procedure/cautions'
import { crystalOutline } from '../section/crystalOutline'
import { cementOutline } from '../section/jointOutlines'
import { caseOutlines } from '../section/sectionGeometry'
import { NO_RING } from './acrylic/acrylicInSeat'
import { bezelOnOpening } from './assumedJoint'
import { BY_HAND } from './caseDies'
import type { CementCandidate } from './cement/assessCemented'
import { assessCemented } from './cement/assessCemented'
import type { CementSeat } from './cement/cementSeat'
import { cementOrder } from './cement/cementOrder'
import { cementSeat, rebateOpening, rebateWindow } from './cement/cementSeat'
import { cementFailure, cementReasons } from './cement/cementWords'
import { nearCemented } from './cement/nearCemented'
import type { Construction } from './Construction'
import { middleOf } from './middleOf'
import { usualSpots } from './usualSpots'

/** Clear crystal cement in a rebate, minutes. From memory: the tube's own time counts. */
const CURE_MINUTES = 60

/** Shaped or round crystal glued in a rebate. */
export const cemented: Construction<CementSeat, CementCandidate> = {
  id: 'cemented',
  words: {
    held: 'cemented in a rebate',
    choice: 'Crystal for the rebate',
    hold: 'gap',
    stand: 'rim',
    againstOld: { title: 'Height', more: 'higher', less: 'lower' },
    missed: {
      'gap-along': 'gap along too small or too wide',
      'gap-across': 'gap across too small or too wide',
      'gap-corner': 'corners too sharp',
      ...COMMON_MISSED,
    },
  },
  ring: NO_RING,
  bezel: null,
  goesWith: {},
  pressed: false,
  pushedOutOf: null,
  rimSeenAtPress: false,
  dimensions: {
    bore: 'unless-shaped',
    'crystal-diameter': 'unless-shaped',
    'rebate-length': 'unless-round',
    'rebate-width': 'unless-round',
    'rebate-depth': 'always',
    'rebate-corner': 'unless-round',
    'crystal-length': 'unless-round',
    'crystal-width': 'unless-round',
  },
  reads: ({ crystalOutline: outline }) => ({
    crystal: outline === 'round' ? ['crystal-diameter'] : ['crystal-length', 'crystal-width'],
    seat:
      outline === 'round'
        ? ['bore', 'rebate-depth']
        : ['rebate-length', 'rebate-width', 'rebate-depth', 'rebate-corner'],
    gasket: [],
    fitted: [],
    beside: ['hands-below-seat'],
  }),
  opening: rebateOpening,
  seat: cementSeat,
  seatSize: (_, sheet, policy) => {
    const known = sheet.crystalDiameterMm !== null && sheet.crystalLengthMm === null
    const round = sheet.crystalOutline === null ? known : sheet.crystalOutline === 'round'
    if (!round) return null
    return {
      seat: 'Rebate less cement',
      dimension: rebateOpening(sheet),
      above: middleOf(rebateWindow(policy)),
    }
  },
  wants: ({ outline }) => ({ build: outline === 'round' ? 'disc' : 'shaped', ring: false }),
  assess: (crystal, _, seat, policy) => assessCemented(crystal, seat, policy),
  search: (index, seat, wishes, options) =>
    judgedShortlist(
      nearCemented(index, seat, options.policy),
      (name, candidate) => cementFailure(name, candidate, seat, options.policy),
      wishes,
      options,
    ),
  failure: cementFailure,
  reasons: cementReasons,
  squeezeBand: () => null,
  toOrder: (seat, _, policy) => cementOrder(seat, policy),
  steps: {
    out: [
      {
        id: 'crystal-out',
        stage: 'push-out',
        when: ({ crystalToRemove }) => crystalToRemove,
        title: 'Loosen the old cement and press the crystal out from inside',
        why: 'It is glued all round: pressed at one corner it breaks.',
        cautions: [CAUTIONS.splinters],
        activeMinutes: 8,
        takesOff: ['crystal'],
      },
    ],
    in: [
      {
        id: 'crystal-in',
        stage: 'press-in',
        when: ({ crystalWork }) => crystalWork,
        title: 'Thin bead of clear cement in the rebate, crystal in, excess off',
        why: 'An even gap all round keeps the bead unseen.',
        activeMinutes: 6,
        waitMinutes: CURE_MINUTES,
        check: 'Gap even on both axes.',
      },
    ],
    bezelOn: [],
  },
  measureCase: 'Read the rebate in two axes and its depth',
  cleanSeat: 'Old cement out of the rebate, down to metal',
  matchRing: null,
  dies: () => BY_HAND,
  pressSteps: () => [
    {
      action: 'Lay the crystal in dry: even gap all round, none of it proud',
      why: 'cement does not mend a tight corner',
    },
    {
      action: 'Thin unbroken bead of clear cement on the shelf',
      why: 'a break in the bead is where it leaks',
    },
    {
      action: 'Crystal in, weighted level, squeeze-out off before it skins',
      why: 'dry it takes the polish with it',
    },
    { action: 'Leave it for the cement’s own time', why: 'handled early it creeps off its place' },
  ],
  cautions: ['Cement and its solvent: ventilate, no flame near, off the skin.'],
  outlines: (section, _, { crystal }) => [
    ...caseOutlines(section),
    ...(crystal
      ? [
          cementOutline(section.boreMm, crystal.diameterMm, crystal.undersideMm, crystal.edgeThicknessMm),
          crystalOutline(crystal, crystal.undersideMm),
        ]
      : []),
  ],
  spots: (situation) => {
    const { edge, hands } = usualSpots(situation)
    return [edge, ['rebate-depth', [-situation.section.boreMm / 2, 0]], hands]
  },
  across: ({ crystalOutline: shape }, known) =>
    shape === 'round' || (shape === null && known('crystal-diameter'))
      ? 'crystal-diameter'
      : 'crystal-length',
  assumedJoint: bezelOnOpening,
  foundHold: () => null,
}
