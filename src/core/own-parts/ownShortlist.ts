import { constructionOf } from '../construction/constructions'
import { assessCandidate } from '../fit/assessCandidate'
import type { CrystalSeat } from '../fit/CrystalSeat'
import { failureText } from '../fit/failureText'
import type { FitPolicy } from '../fit/fitPolicy'
import type { FitWishes } from '../fit/FitWishes'
import { judgedShortlist } from '../fit/judgedShortlist'
import type { StockCrystal, StockGasket } from '../fit/parts'
import type { JudgedShortlist } from '../fit/shortlist'
import { shortlist } from '../fit/shortlist'
import type { Shortlist, ShortlistOptions } from '../fit/shortlistTypes'
import type { StockIndex } from '../fit/stockIndex'
import { withCrystals, withGaskets } from '../fit/stockIndex'
import { isOwn } from './OwnPart'
import type { OwnCandidates, RatherOwn } from './ownParts'

/** Own parts are shown in two combinations of a kind at most: the drawers must stay in sight. */
const MOST_OWN = 2

/** What of a choice is the piece's own; null for what comes from the drawers, or is not there at all. */
interface OwnOf {
  readonly crystal: StockCrystal | null
  readonly gasket: StockGasket | null
}

/**
 * The shortlist of a case with the piece's own parts among those of the drawers, judged by the same rules: its crystal
 * with its ring, its crystal with a ring of the drawers, its ring with crystals of the drawers. Combinations that are as
 * the job would rather have them stand first; how well an own part's size is known is as it was read.
 */
export function shortlistWithOwn(
  index: StockIndex,
  seat: CrystalSeat,
  wishes: FitWishes,
  options: ShortlistOptions,
  own: OwnCandidates & { readonly rather: RatherOwn },
): JudgedShortlist {
  const drawers = shortlist(index, seat, wishes, options)
  const ringed = constructionOf(seat.retention).wants(seat).ring
  const combinations = combinationsOf(own, ringed)
  if (combinations.length === 0) return drawers
  const { between } = drawers
  const lists = combinations.map((ownOf) => ({
    agrees: agreement(ownOf, own.rather),
    list: listOf(
      ownOf,
      ringed,
      index,
      seat,
      { ...wishes, between },
      {
        ...options,
        most: MOST_OWN,
        policy: policyWithOwn(options.policy, ownOf, own),
      },
    ),
  }))
  const ofDrawers = { agrees: agreement({ crystal: null, gasket: null }, own.rather), list: drawers }
  // Where nothing is preferred the drawers come first: what came out is a choice, not the rule.
  const ranked = [ofDrawers, ...lists].sort((a, b) => b.agrees - a.agrees).map(({ list }) => list)
  // What should go back and does not fit is worth more than a near miss of the drawers: it says why a new one is needed.
  const unfitting = lists.filter(({ agrees, list }) => agrees > ofDrawers.agrees && list.fittingCount === 0)
  return {
    fitting: ranked.flatMap(({ fitting }) => fitting),
    fittingCount: ranked.reduce((sum, { fittingCount }) => sum + fittingCount, 0),
    rejected: [...unfitting.flatMap(({ list }) => list.rejected), ...drawers.rejected],
    rejectedCount: ranked.reduce((sum, { rejectedCount }) => sum + rejectedCount, 0),
    rejectedBy: drawers.rejectedBy,
    between,
  }
}

/** In how many parts a choice is as the job would rather have it: 0 to 2. */
function agreement({ crystal, gasket }: OwnOf, rather: RatherOwn): number {
  return Number((crystal !== null) === rather.crystal) + Number((gasket !== null) === rather.gasket)
}

function combinationsOf(own: OwnCandidates, ringed: boolean): OwnOf[] {
  const crystal = own.crystal?.part ?? null
  const gasket = ringed ? (own.gasket?.part ?? null) : null
  return [
    ...(crystal && gasket ? [{ crystal, gasket }] : []),
    ...(crystal ? [{ crystal, gasket: null }] : []),
    ...(gasket ? [{ crystal: null, gasket }] : []),
  ]
}

/** What is all its own is judged however far it is off; what goes with a part of the drawers is searched there. */
function listOf(
  { crystal, gasket }: OwnOf,
  ringed: boolean,
  index: StockIndex,
  seat: CrystalSeat,
  wishes: FitWishes,
  options: ShortlistOptions,
): Shortlist {
  if (crystal && (gasket !== null) === ringed) {
    const judged = assessCandidate(crystal, gasket, seat, options.policy)
    return judgedShortlist(
      judged ? [judged] : [],
      (name, candidate) => failureText(name, candidate, seat, options.policy),
      wishes,
      options,
    )
  }
  const withCrystal = crystal ? withCrystals(index, [crystal]) : index
  const searched = gasket ? withGaskets(withCrystal, [gasket]) : withCrystal
  return constructionOf(seat.retention).search(searched, seat, wishes, options)
}

/** The limits for a choice: an own part's size is known as well as it was read, not as a supplier's is. */
export function policyWithOwn(policy: FitPolicy, { crystal, gasket }: OwnOf, own: OwnCandidates): FitPolicy {
  return {
    ...policy,
    ...(crystal && isOwn(crystal) && own.crystal
      ? { crystalDiameterUncertaintyMm: own.crystal.diameter.standardUncertaintyMm }
      : {}),
    ...(gasket && isOwn(gasket) && own.gasket
      ? { gasketWallUncertaintyMm: own.gasket.wall.standardUncertaintyMm }
      : {}),
  }
}
