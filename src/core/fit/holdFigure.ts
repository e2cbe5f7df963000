import type { SqueezeState } from '../section/gasketTint'
import { squeezeState } from '../section/gasketTint'
import { formatMm, formatShare, formatSignedMm } from '../units/formatMm'
import type { Candidate } from './Candidate'
import type { CaseFacts } from './CaseFacts'
import type { FitPolicy } from './fitPolicy'

/** What holds a crystal, as one figure and how good it is. */
export interface HoldFigure {
  readonly title: 'Squeeze' | 'Oversize' | 'Gap'
  readonly value: string
  readonly state: SqueezeState
}

/** Head of the column that shows what holds a crystal. */
export const HOLD_HEADS: Readonly<Record<CaseFacts['held'], string>> = {
  ring: 'squeeze',
  neck: 'squeeze',
  acrylic: 'over',
  cement: 'gap',
}

export function holdFigure(candidate: Candidate, policy: FitPolicy): HoldFigure {
  switch (candidate.held) {
    case 'ring': {
      const band = policy.interferenceBands[candidate.gasket.material]
      return {
        title: 'Squeeze',
        value: formatShare(candidate.squeeze, 1),
        state: squeezeState(candidate.interferenceMm, band),
      }
    }
    case 'neck': {
      const { squeeze, band } = candidate
      return {
        title: 'Squeeze',
        value: formatShare(squeeze),
        state: squeezeState(squeeze, { lowMm: band.low, highMm: band.high }),
      }
    }
    case 'acrylic': {
      const { oversizeMm, window } = candidate
      return {
        title: 'Oversize',
        value: formatSignedMm(oversizeMm),
        state: squeezeState(oversizeMm, window),
      }
    }
    case 'cement': {
      const { alongMm, acrossMm } = candidate
      return {
        title: 'Gap',
        value: formatMm(Math.min(alongMm, acrossMm)),
        state: gapState(candidate, policy),
      }
    }
  }
}

/** A gap too small is tight, too large is slack: the other way round than a squeeze. */
function gapState(
  { alongMm, acrossMm }: Extract<Candidate, { held: 'cement' }>,
  { cementGap }: FitPolicy,
): SqueezeState {
  const [least, most] = [Math.min(alongMm, acrossMm), Math.max(alongMm, acrossMm)]
  if (least < 0) return 'crushed'
  if (least < cementGap.lowMm) return 'tight'
  return most > cementGap.highMm ? 'slack' : 'good'
}
