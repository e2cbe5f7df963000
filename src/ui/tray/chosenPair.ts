import type { Candidate } from '@/core/fit/Candidate'
import type { TrayView } from '@/services/tray/trayView'

/** What is chosen in the shortlist, drawn in the planned half. */
export interface ChosenPair {
  readonly crystalId: number
  /** null where no ring goes with the crystal */
  readonly gasketId: number | null
}

/** The pair drawn as planned: the chosen one if it is still listed, else the pick, else the best. */
export function chosenPairOf({
  chosen,
  view,
  other,
}: {
  readonly chosen: ChosenPair | null
  readonly view: TrayView
  readonly other: { readonly candidate: Candidate } | null
}): ChosenPair | null {
  if (chosen && pairOf(view, chosen, other?.candidate)) return chosen
  if (view.press) return chosenOf(view.press)
  const best = view.shortlist?.fitting[0]
  return best ? chosenOf(best) : null
}

/** The second ring that goes with a pick: the chosen one if it is still listed, else the likeliest. */
export function bezelRingOf({
  bezelRingId,
  view,
}: {
  readonly bezelRingId: number | null
  readonly view: TrayView
}): number | null {
  const rings = view.shortlist?.bezelRings ?? []
  const ring = rings.find(({ gasket }) => gasket.id === bezelRingId) ?? rings[0]
  return ring?.gasket.id ?? null
}

/** What tells one choice from another. */
export function chosenOf({ crystal, gasket }: Pick<Candidate, 'crystal' | 'gasket'>): ChosenPair {
  return { crystalId: crystal.id, gasketId: gasket?.id ?? null }
}

/** Everything the shortlist shows, fitting ones first. */
function listedPairs({ shortlist }: TrayView): readonly Candidate[] {
  return shortlist ? [...shortlist.fitting, ...shortlist.rejected.map((r) => r.candidate)] : []
}

/** The choice's figures, when it is listed; null else. */
export function pairOf(
  view: TrayView,
  chosen: ChosenPair | null,
  other: Candidate | null = null,
): Candidate | null {
  const listed = listedPairs(view).find((p) => isPair(p, chosen))
  return listed ?? (other && isPair(other, chosen) ? other : null)
}

/** The pair `by` places further down the shortlist; stays inside the list. */
export function pairAfter(view: TrayView, chosen: ChosenPair | null, by: 1 | -1): ChosenPair | null {
  const listed = listedPairs(view)
  const at = listed.findIndex((p) => isPair(p, chosen))
  const next = listed[Math.min(Math.max(at + by, 0), listed.length - 1)]
  return next ? chosenOf(next) : null
}

/** True when this is the choice. */
export function isPair(pair: Pick<Candidate, 'crystal' | 'gasket'>, chosen: ChosenPair | null): boolean {
  return pair.crystal.id === chosen?.crystalId && (pair.gasket?.id ?? null) === chosen.gasketId
}
