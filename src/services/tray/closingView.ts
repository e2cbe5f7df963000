import { backClosing } from '@/core/closing/backClosing'
import type { ClosingRing } from '@/core/closing/closingRing'
import { closingGasket, closingRing } from '@/core/closing/closingRing'
import type { ClosingLine } from '@/core/closing/closingWords'
import { closingBasis, closingLines, closingTroubles } from '@/core/closing/closingWords'
import type { BackSeal } from '@/core/construction/kinds'
import type { Figure } from '@/core/fit/CrystalSeat'
import { isScrewedBack } from '@/core/opening/backKinds'
import { opensBack } from '@/core/procedure/opensBack'
import type { DimensionId } from '@/core/readings/dimensions'
import { DIMENSIONS } from '@/core/readings/dimensions'
import { grooveOfBack } from '@/core/seals/resealSet'
import type { SealItem } from '@/core/seals/SealItem'
import { figureOf } from '@/core/tray/caseFigures'
import { renewedParts } from '@/core/tray/renewedParts'
import type { DrawersInMemory } from '../drawers/drawersInMemory'
import type { OpenedCase } from './openTrayCases'

/** How a screwed back is brought home, as Close shows it. */
export interface ClosingView {
  /** labels of what has to be read before anything can be said */
  readonly measure: readonly string[]
  /** null while something is missing */
  readonly home: {
    readonly ring: string
    readonly from: ClosingRing['from']
    readonly lines: readonly ClosingLine[]
    readonly fromTouchDeg: number
    readonly pastHandDeg: { readonly low: number; readonly high: number }
  } | null
  readonly troubles: readonly string[]
  readonly basis: string
}

/** What its thread and its ring have to be read by. */
const READ: readonly DimensionId[] = [
  'back-thread',
  'back-pitch',
  'back-groove-inner',
  'back-groove-width',
  'back-groove-depth',
]

/** Seals that a back squeezes as it is turned home. */
const CLOSED_ON: readonly BackSeal[] = ['o-ring', 'flat-gasket']
/** Common practice. */
const PLASTIC =
  'A gasket of plastic hardly gives: by hand until it stops, then snug with the tool. No torque can be told for it.'

function ownSizes(figure: (id: DimensionId) => Figure | null) {
  const [inner, section] = [figure('back-ring-inner'), figure('back-ring-section')]
  return inner && section ? { innerMm: inner.valueMm, heightMm: section.valueMm } : null
}

function isRenewed(opened: OpenedCase): boolean {
  return (
    renewedParts(opened).includes('back-seal') ||
    opened.trail.some(({ part, renewed }) => part === 'back-seal' && renewed > 0)
  )
}

/** Null where no back with a ring is screwed on in this job. */
export function closingView(
  opened: OpenedCase,
  drawers: DrawersInMemory,
  seals: readonly SealItem[],
): ClosingView | null {
  const { now, kept, rules, procedure } = opened
  const { sheet, readout } = now
  if (!isScrewedBack(sheet.backKind) || !CLOSED_ON.includes(sheet.backSeal) || !opensBack(procedure))
    return null
  const figure = (id: DimensionId) => figureOf(id, readout.measured, sheet)
  const basis = closingBasis(rules.policy.closing)
  const missing = READ.filter((id) => !figure(id)).map((id) => DIMENSIONS[id].label)
  const groove = grooveOfBack(figure)
  const [outer, pitch] = [figure('back-thread'), figure('back-pitch')]
  if (!groove || !outer || !pitch) return { measure: missing, home: null, troubles: [], basis }
  const there = {
    partsOut: kept.partsOut,
    item: isRenewed(opened) ? seals.find(({ id }) => id === 'back') : undefined,
    own: ownSizes(figure),
  }
  const ring =
    sheet.backSeal === 'o-ring'
      ? closingRing(groove, { ...there, parts: drawers.oRings }, rules.policy.seal)
      : closingGasket(groove, { ...there, parts: drawers.index.otherGaskets }, rules.policy.flat)
  if (!ring) return { measure: [DIMENSIONS['back-ring-section'].label], home: null, troubles: [], basis }
  const troubles = closingTroubles(ring, kept.findings)
  if (!ring.load || ring.squeeze <= 0) {
    const stiff = ring.squeeze > 0 ? [PLASTIC] : []
    return { measure: [], home: null, troubles: [...troubles, ...stiff], basis }
  }
  const closing = backClosing(
    ring.load,
    { outerMm: outer.valueMm, pitchMm: pitch.valueMm },
    rules.policy.closing,
  )
  return {
    measure: [],
    home: {
      ring: ring.words,
      from: ring.from,
      lines: closingLines(closing),
      fromTouchDeg: closing.fromTouchDeg,
      pastHandDeg: closing.pastHandDeg,
    },
    troubles,
    basis,
  }
}
