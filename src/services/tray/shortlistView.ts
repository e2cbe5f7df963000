import { bezelRings } from '@/core/fit/bezelRings'
import type { BezelRing } from '@/core/fit/bezelRings'
import type { Candidate } from '@/core/fit/Candidate'
import type { CaseFacts, FitWishes } from '@/core/fit/CaseFacts'
import { wantedBuild } from '@/core/fit/assessCandidate'
import type { FitPolicy } from '@/core/fit/fitPolicy'
import { fitReasons } from '@/core/fit/fitReasons'
import { shortlist } from '@/core/fit/shortlist'
import type { Shortlist } from '@/core/fit/shortlistTypes'
import type { StockIndex } from '@/core/fit/stockIndex'
import type { WaterClass } from '@/core/intake/jobWords'
import type { ShopPolicy } from '@/core/policy/ShopPolicy'
import { strengthSentence, thinWarning } from '@/core/plate/crystalStrength'
import type { CaseSheet } from '@/core/tray/CaseSheet'
import { bezelJoint } from '@/core/tray/setInBezel'
import type { TrayReadout } from '@/core/tray/trayReadout'

/** What fits, with its reasons in words. */
export type CandidateView = Candidate & {
  readonly reasons: readonly string[]
  /** null where nothing warns */
  readonly warning: string | null
}

export interface ShortlistView extends Omit<Shortlist, 'fitting'> {
  readonly held: CaseFacts['held']
  readonly fitting: readonly CandidateView[]
  /** crystals of the wanted build in the drawers, times the rings that go with them */
  readonly choicesInStock: number
  /** second rings of a removable bezel, the likeliest first; empty for other constructions */
  readonly bezelRings: readonly BezelRing[]
}

export interface ShortlistBasis {
  readonly facts: CaseFacts
  readonly readout: TrayReadout
  readonly sheet: CaseSheet
  readonly waterClass: WaterClass
  readonly policy: ShopPolicy
}

/** The shortlist of a tray, each with its reasons. */
export function shortlistView(drawers: StockIndex, basis: ShortlistBasis): ShortlistView {
  const { facts, readout, sheet, waterClass } = basis
  const { fit: policy, strength: bears } = basis.policy
  const wishes = wishesOf(readout, policy)
  const list = shortlist(drawers, facts, wishes, { policy })
  return {
    ...list,
    held: facts.held,
    fitting: list.fitting.map((candidate) => {
      const strength = strengthSentence(
        candidate.crystal,
        waterClass,
        candidate.standing.handClearanceMm,
        bears,
      )
      const reasons = fitReasons(candidate, facts, wishes, policy)
      return {
        ...candidate,
        reasons: strength === null ? reasons : [...reasons, strength],
        warning: thinWarning(candidate.crystal, waterClass, bears),
      }
    }),
    choicesInStock: choicesInStock(drawers, facts),
    bezelRings:
      sheet.retention === 'press-in-bezel'
        ? bezelRings(drawers.otherGaskets, bezelJoint(readout.measured, sheet), policy)
        : [],
  }
}

/** The owner's wishes, and the shop's where the case sheet asks for none. */
export function wishesOf({ wishes }: TrayReadout, { preferredColour }: FitPolicy): FitWishes {
  return { ...wishes, gasketColour: wishes.gasketColour ?? (preferredColour || null) }
}

function choicesInStock(drawers: StockIndex, facts: CaseFacts): number {
  const { build, ring } = wantedBuild(facts)
  const crystals =
    build === 'disc'
      ? drawers.inStock.reduce((sum, lines) => sum + lines, 0)
      : drawers.otherBuilds.filter((c) => c.build === build && c.quantity > 0).length
  return crystals * (ring ? drawers.gaskets.filter(({ quantity }) => quantity > 0).length : 1)
}
