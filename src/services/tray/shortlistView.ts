import { bezelRings } from '@/core/fit/bezelRings'
import type { BezelRing } from '@/core/fit/bezelRings'
import type { Candidate } from '@/core/fit/Candidate'
import type { Construction, ConstructionWords } from '@/core/construction/Construction'
import { constructionOf } from '@/core/construction/constructions'
import type { CrystalSeat } from '@/core/fit/CrystalSeat'
import type { FitWishes } from '@/core/fit/FitWishes'
import type { OrderProposal } from '@/core/fit/OrderProposal'
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
  readonly words: ConstructionWords
  /** false where what is picked goes in by hand */
  readonly pressed: boolean
  readonly fitting: readonly CandidateView[]
  /** crystals of the wanted build in the drawers, times the rings that go with them */
  readonly choicesInStock: number
  /** nearest sizes to order where nothing fits, the likeliest first; empty where none can be told */
  readonly toOrder: readonly OrderProposal[]
  /** second rings of a removable bezel, the likeliest first; empty for other constructions */
  readonly bezelRings: readonly BezelRing[]
}

export interface ShortlistBasis {
  readonly seat: CrystalSeat
  readonly readout: TrayReadout
  readonly sheet: CaseSheet
  readonly waterClass: WaterClass
  readonly policy: ShopPolicy
}

/** The shortlist of a tray, each with its reasons. */
export function shortlistView(drawers: StockIndex, basis: ShortlistBasis): ShortlistView {
  const { seat, readout, sheet, waterClass } = basis
  const construction = constructionOf(sheet.retention)
  const { fit: policy, strength: bears } = basis.policy
  const wishes = wishesOf(readout, policy)
  const list = shortlist(drawers, seat, wishes, { policy })
  return {
    ...list,
    words: construction.words,
    pressed: construction.pressed,
    toOrder: list.fittingCount === 0 ? construction.toOrder(seat, sheet, policy) : [],
    fitting: list.fitting.map((candidate) => {
      const strength = strengthSentence(
        candidate.crystal,
        waterClass,
        candidate.standing.handClearanceMm,
        bears,
      )
      const reasons = fitReasons(candidate, seat, wishes, policy)
      return {
        ...candidate,
        reasons: strength === null ? reasons : [...reasons, strength],
        warning: thinWarning(candidate.crystal, waterClass, bears),
      }
    }),
    choicesInStock: choicesInStock(drawers, construction.wants(seat)),
    bezelRings:
      construction.bezel?.role === 'carries'
        ? bezelRings(drawers.otherGaskets, bezelJoint(readout.measured, sheet), policy)
        : [],
  }
}

/** The owner's wishes, and the shop's where the case sheet asks for none. */
export function wishesOf({ wishes }: TrayReadout, { preferredColour }: FitPolicy): FitWishes {
  return { ...wishes, gasketColour: wishes.gasketColour ?? (preferredColour || null) }
}

function choicesInStock(drawers: StockIndex, { build, ring }: ReturnType<Construction['wants']>): number {
  const crystals =
    build === 'disc'
      ? drawers.inStock.reduce((sum, lines) => sum + lines, 0)
      : drawers.otherBuilds.filter((c) => c.build === build && c.quantity > 0).length
  return crystals * (ring ? drawers.gaskets.filter(({ quantity }) => quantity > 0).length : 1)
}
