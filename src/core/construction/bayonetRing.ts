import { COMMON_MISSED, commonFailure } from '../fit/commonFailure'
import type { FitPolicy } from '../fit/fitPolicy'
import { judgedShortlist } from '../fit/judgedShortlist'
import { originClause } from '../fit/originWords'
import { CAUTIONS } from '../procedure/cautions'
import { crystalOutline } from '../section/crystalOutline'
import type { DrawnParts } from '../section/drawnParts'
import type { Outline } from '../section/outline'
import { outline } from '../section/outline'
import type { SectionCase } from '../section/sectionGeometry'
import { caseOutlines } from '../section/sectionGeometry'
import { formatMm, formatPercent, formatShare, formatShares } from '../units/formatMm'
import { bezelOnOpening } from './assumedJoint'
import type { BayonetCandidate } from './bayonet/assessBayonet'
import { assessBayonet, flatSqueezeState, nearBayonet } from './bayonet/assessBayonet'
import type { BayonetSeat } from './bayonet/bayonetSeat'
import { bayonetSeat, playWindow } from './bayonet/bayonetSeat'
import { BY_HAND } from './caseDies'
import type { Construction } from './Construction'
import { middleOf } from './middleOf'
import { usualSpots } from './usualSpots'
import { reaches, within } from '../units/within'

/** How far the ring bears on the glass, as it is drawn, mm. Assumed. */
const RING_BEARS_MM = 0.8

/** Glass on a flat gasket in a rebate, held down by a threaded or bayonet ring that is turned to its stop. */
export const bayonetRing: Construction<BayonetSeat, BayonetCandidate> = {
  id: 'bayonet-ring',
  words: {
    held: 'on a flat gasket, under a turned ring',
    choice: 'Glass and flat gasket',
    hold: 'squeeze',
    stand: 'edge',
    againstOld: { title: 'Edge', more: 'thicker', less: 'thinner' },
    missed: {
      'axial-squeeze': 'gasket squeezed too little or too much',
      'glass-play': 'glass too tight or too loose in the rebate',
      'gasket-play': 'gasket off its rebate',
      ...COMMON_MISSED,
    },
  },
  ring: { takes: true, sealsWith: () => true, mayServeAgain: false, atFace: false, bore: null },
  bezel: null,
  goesWith: {},
  pressed: false,
  pushedOutOf: null,
  rimSeenAtPress: false,
  dimensions: {
    bore: 'always',
    'rebate-depth': 'always',
    'ring-stroke': 'always',
    'crystal-diameter': 'always',
    'gasket-wall': 'always',
    'gasket-height': 'always',
    'gasket-outer': 'always',
  },
  reads: () => ({
    crystal: ['crystal-diameter'],
    seat: ['bore', 'rebate-depth', 'ring-stroke'],
    gasket: ['gasket-height', 'gasket-wall'],
    fitted: [],
    beside: ['hands-below-seat', 'gasket-outer'],
  }),
  opening: () => 'bore',
  seat: bayonetSeat,
  seatSize: (_, __, policy) => ({
    seat: 'Rebate less its play',
    dimension: 'bore',
    above: middleOf(playWindow(policy)),
  }),
  wants: () => ({ build: 'disc', ring: true }),
  assess: (crystal, gasket, seat, policy) =>
    gasket?.section === 'flat' ? assessBayonet(crystal, gasket, seat, policy) : null,
  search: (index, seat, wishes, options) =>
    judgedShortlist(
      nearBayonet(index, seat, options.policy),
      (name, candidate) => failure(name, candidate, options.policy),
      wishes,
      options,
    ),
  failure: (name, candidate, _, policy) => failure(name, candidate, policy),
  reasons: (candidate, seat, policy) => {
    const { gasket, squeeze, fitProbability, crystal, playMm } = candidate
    return [
      `At its stop the ring squeezes the ${gasket.material} gasket ${formatShare(squeeze)} of ${bandText(policy)}, right with ${formatPercent(fitProbability)}${originClause('rebate', seat.depth)}${originClause('ring', seat.stroke)}.`,
      `The glass drops in with ${formatMm(playMm)} across to spare; its edge of ${formatMm(crystal.edgeThicknessMm)} is what the squeeze hangs on.`,
    ]
  },
  squeezeBand: (_, { flatSqueeze }) => flatSqueeze,
  toOrder: () => [],
  steps: {
    out: [
      {
        id: 'crystal-out',
        stage: 'push-out',
        when: ({ crystalToRemove }) => crystalToRemove,
        title: 'Turn the ring out by its notches, lift glass and gasket',
        why: 'A ring key in both notches, pressed down: one that slips scores ring and glass.',
        tools: ['ring key that fills both notches'],
        cautions: [CAUTIONS.slip, CAUTIONS.splinters],
        activeMinutes: 4,
        takesOff: ['crystal'],
        check: 'Mark where the ring stopped: it must come there again.',
      },
    ],
    in: [
      {
        id: 'crystal-in',
        stage: 'press-in',
        when: ({ crystalWork }) => crystalWork,
        title: 'Gasket on the shelf, glass on it, ring turned to its stop',
        why: 'The stop, not the hand, sets how far the gasket is squeezed.',
        tools: ['ring key that fills both notches'],
        cautions: [CAUTIONS.slip],
        activeMinutes: 5,
        check: 'The ring is at its mark, the glass does not turn.',
      },
    ],
    bezelOn: [],
  },
  measureCase: 'Read the rebate, its depth and the ring’s stroke',
  cleanSeat: 'Shelf and thread clean and dry, no lint',
  matchRing: {
    title: 'Flat gasket by its height',
    why: 'Its height and the glass’s edge decide the squeeze once the ring is at its stop.',
  },
  dies: () => BY_HAND,
  pressSteps: () => [
    { action: 'Flat gasket on the shelf, nowhere under the thread', why: 'a pinched one leaks' },
    { action: 'Glass on the gasket, free all round', why: 'the ring must not push it aside' },
    { action: 'Ring started backwards until it drops, then turned', why: 'a crossed thread is felt there' },
    { action: 'Turn by both notches to the stop, no further', why: 'past it only the glass gives way' },
  ],
  cautions: ['The ring is turned, not pressed: a key that slips out of a notch cuts and scratches.'],
  outlines: bayonetOutlines,
  spots: (situation) => {
    const { edge, hands } = usualSpots(situation)
    const bore = situation.section.boreMm / 2
    return [
      edge,
      ['gasket-height', [-(bore - situation.wallMm / 2), 0.1]],
      ['ring-stroke', [-bore, situation.section.seatDepthMm]],
      ['rebate-depth', [-bore, 0]],
      hands,
    ]
  },
  across: () => 'crystal-diameter',
  assumedJoint: bezelOnOpening,
  foundHold: ({ mm }, _, policy) => {
    const [depth, stroke, edge] = [mm('rebate-depth'), mm('ring-stroke'), mm('crystal-edge')]
    const height = mm('gasket-height')
    if (depth === null || stroke === null || edge === null || height === null) return null
    return flatSqueezeState(1 - (depth - stroke - edge) / height, policy)
  },
}

function bandText({ flatSqueeze: { low, high } }: FitPolicy): string {
  return formatShares(low, high)
}

function failure(name: string, candidate: BayonetCandidate, policy: FitPolicy): string {
  const { flatSqueeze, glassPlay } = policy
  const { squeeze, squeezeUncertainty, playMm, gasket } = candidate
  switch (name) {
    case 'axial-squeeze': {
      const wants = `a flat gasket wants ${bandText(policy)}`
      if (squeeze < 0)
        return `the ring stops before it touches: ${formatShare(-squeeze)} of the gasket short; ${wants}`
      if (!reaches(squeeze, flatSqueeze.low)) return `hardly squeezed: ${formatShare(squeeze)}; ${wants}`
      if (!reaches(flatSqueeze.high, squeeze))
        return `crushed before the ring stops: ${formatShare(squeeze)}; ${wants}`
      return `squeeze ${formatShare(squeeze)} too uncertain (±${formatShare(2 * squeezeUncertainty)}) for ${bandText(policy)}`
    }
    case 'glass-play':
      if (within(playMm, glassPlay.lowMm, glassPlay.highMm))
        return `${formatMm(playMm)} to spare is too near its limits of ${formatMm(glassPlay.lowMm)}–${formatMm(glassPlay.highMm)}`
      return playMm < glassPlay.lowMm
        ? `glass ${playMm < 0 ? `is ${formatMm(-playMm)} larger than` : `has only ${formatMm(playMm)} in`} the rebate; needs ${formatMm(glassPlay.lowMm)}`
        : `glass wanders by ${formatMm(playMm)}; at most ${formatMm(glassPlay.highMm)}`
    case 'gasket-play':
      return `gasket ${formatMm(gasket.outerDiameterMm)} across does not lie in the rebate`
    default:
      return commonFailure(name, candidate, policy)
  }
}

/** Case, gasket on its shelf, glass on it, and the ring from the rim down to the glass. */
function bayonetOutlines(section: SectionCase, _: unknown, { crystal, ring }: DrawnParts): Outline[] {
  const wall = section.boreMm / 2
  const rim = section.seatDepthMm
  const under = crystal && ring && crystal.undersideMm === 0 ? Math.min(ring.heightMm, rim / 3) : null
  const underside = under ?? crystal?.undersideMm ?? 0
  const glassTop = underside + (crystal?.edgeThicknessMm ?? 0)
  const bearing = crystal ? Math.min(crystal.diameterMm / 2, wall) - RING_BEARS_MM : wall
  return [
    ...caseOutlines(section),
    ...(ring
      ? [
          outline('gasket', [
            [wall - ring.wallMm, 0],
            [wall, 0],
            [wall, crystal ? underside : ring.heightMm],
            [wall - ring.wallMm, crystal ? underside : ring.heightMm],
          ]),
        ]
      : []),
    ...(crystal ? [crystalOutline(crystal, underside)] : []),
    ...(crystal && glassTop < rim
      ? [
          outline('metal-ring', [
            [bearing, glassTop],
            [wall, glassTop],
            [wall, rim],
            [bearing, rim],
          ]),
        ]
      : []),
  ]
}
