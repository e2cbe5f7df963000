import { DIE_POLICY } from '@/core/dies/diePolicy'
import type { Die } from '@/core/dies/Die'
import { STRENGTH_POLICY } from '@/core/plate/strengthPolicy'
import type { PressAsked } from '@/core/press/plan/pressPlan'
import type { PressCase } from '@/core/press/plan/PressCase'
import { caseSheet } from './caseSheet'
import { jobFacts } from './jobFacts'
import { die, stockCrystal, stockGasket } from './parts'

export const readFigure = (valueMm: number) =>
  ({ valueMm, standardUncertaintyMm: 0.01, origin: 'measured' }) as const

/** Full and hollow pushers and supports that serve a 38 mm case with a 30.0 crystal. */
export const PRESS_DIES: readonly Die[] = [
  ...[24, 26, 27, 28, 29].map((outerDiameterMm, i) =>
    die({ id: i + 1, code: `P${outerDiameterMm}`, outerDiameterMm }),
  ),
  die({ id: 11, code: 'PH33', outerDiameterMm: 33, openingMm: 30.6, recessDepthMm: 2 }),
  die({ id: 12, code: 'PH35', outerDiameterMm: 35, openingMm: 31, recessDepthMm: 2 }),
  die({ id: 21, code: 'S32', role: 'support', outerDiameterMm: 36, openingMm: 32, recessDepthMm: 7 }),
]

/** A 38 mm case whose 30.0 × 1.0 mineral crystal is pushed out and replaced; override what the test is about. */
export function pressCase(over: Partial<PressCase> = {}): PressCase {
  return {
    sheet: caseSheet({ caseDiameterMm: 38, dialOpeningMm: 27, crownHour: 3, ...over.sheet }),
    known: {
      crystal: readFigure(30),
      edgeMm: 1,
      centreMm: 1,
      chapterRing: null,
      chapterRingHeightMm: null,
      bezelOuter: null,
      insertOuter: null,
      insertInner: null,
      ...over.known,
    },
    picked: over.picked === undefined ? PICKED : over.picked,
    dies: over.dies ?? PRESS_DIES,
    facts: jobFacts({ crystalMaterial: 'mineral', crystalState: 'whole', ...over.facts }),
    policy: over.policy ?? { die: DIE_POLICY, strength: STRENGTH_POLICY },
  }
}

const PICKED = { crystal: stockCrystal(), gasket: stockGasket(), openingMm: 30.96 }

export const LEVER = { name: 'Lever press', kind: 'lever', mostForceN: null } as const
export const SCREW = { name: 'Screw press', kind: 'screw', mostForceN: null } as const

export function pressAsked(over: Partial<PressAsked> = {}): PressAsked {
  return { press: LEVER, force: null, crystalDies: null, ...over }
}
