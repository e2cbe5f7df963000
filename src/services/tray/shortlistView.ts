import { bezelRings } from '@/core/fit/bezelRings'
import type { BezelRing } from '@/core/fit/bezelRings'
import type { Candidate } from '@/core/fit/Candidate'
import type { Construction, ConstructionWords } from '@/core/construction/Construction'
import { constructionOf } from '@/core/construction/constructions'
import { withCrystalHere } from '@/core/fit/crystalHere'
import type { CrystalSeat } from '@/core/fit/CrystalSeat'
import type { RejectedCandidate } from '@/core/fit/rejectedCandidate'
import type { RestsOn } from '@/core/fit/restsOn'
import { restsOn } from '@/core/fit/restsOn'
import type { OrderProposal } from '@/core/fit/OrderProposal'
import { ordersByNow } from '@/core/fit/OrderProposal'
import type { Shortlist } from '@/core/fit/shortlistTypes'
import type { StockIndex } from '@/core/fit/stockIndex'
import { isOwn } from '@/core/own-parts/OwnPart'
import { shortlistWithOwn } from '@/core/own-parts/ownShortlist'
import type { Choice } from '@/core/tray/choiceOf'
import { choiceOf } from '@/core/tray/choiceOf'
import { bezelJoint } from '@/core/tray/setInBezel'
import type { TrayCase } from '@/core/tray/trayCase'

/** What fits, with its reasons in words. */
export type CandidateView = Candidate & Choice

export interface ShortlistView extends Omit<Shortlist, 'fitting' | 'rejected'> {
  readonly words: ConstructionWords
  /** false where what is picked goes in by hand */
  readonly pressed: boolean
  readonly fitting: readonly CandidateView[]
  readonly rejected: readonly RejectedCandidate<CandidateView>[]
  /** crystals of the wanted build in the drawers, times the rings that go with them */
  readonly choicesInStock: number
  /** how well what the columns show is known */
  readonly restsOn: RestsOn
  /** something that fits lies in the drawers */
  readonly fromDrawers: boolean
  /** nearest sizes to order where nothing does, the likeliest first; empty where none can be told */
  readonly toOrder: readonly OrderProposal[]
  /** sizes could be told, but none before more is read */
  readonly orderWaits: boolean
  /** second rings of a removable bezel, the likeliest first; empty for other constructions */
  readonly bezelRings: readonly BezelRing[]
}

/** The shortlist of a tray, each with its reasons. */
export function shortlistView(drawers: StockIndex, opened: TrayCase, seat: CrystalSeat): ShortlistView {
  const { sheet, readout } = opened.now
  const construction = constructionOf(sheet.retention)
  const policy = opened.rules.policy.fit
  const list = shortlistWithOwn(drawers, seat, readout.wishes, { policy }, opened.own)
  const fromDrawers = list.fitting.some(({ crystal }) => !isOwn(crystal))
  const nearest = fromDrawers ? [] : withCrystalHere(construction.toOrder(seat, sheet, policy), drawers)
  const toOrder = ordersByNow(nearest, opened.unread, policy)
  const withChoice = (candidate: Candidate): CandidateView => ({
    ...candidate,
    ...choiceOf(candidate, seat, list.between, opened),
  })
  return {
    ...list,
    words: construction.words,
    pressed: construction.pressed,
    restsOn: restsOn(seat),
    fromDrawers,
    toOrder,
    orderWaits: nearest.length > 0 && toOrder.length === 0,
    fitting: list.fitting.map(withChoice),
    rejected: list.rejected.map(({ candidate, failures }) => ({
      candidate: withChoice(candidate),
      failures,
    })),
    choicesInStock: choicesInStock(drawers, construction.wants(seat)),
    bezelRings:
      construction.bezel?.role === 'carries'
        ? bezelRings(drawers.otherGaskets, bezelJoint(readout.measured, sheet), policy)
        : [],
  }
}

function choicesInStock(drawers: StockIndex, { build, ring }: ReturnType<Construction['wants']>): number {
  const crystals =
    build === 'disc'
      ? drawers.inStock.reduce((sum, lines) => sum + lines, 0)
      : drawers.otherBuilds.filter((c) => c.build === build && c.quantity > 0).length
  return crystals * (ring ? drawers.ringsInStock : 1)
}
