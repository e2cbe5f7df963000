import type { ArCoating, Magnifier } from '../construction/kinds'
import type { TestPressure } from '../intake/waterClass'
import type { StrengthPolicy } from '../plate/strengthPolicy'
import type { Candidate } from './Candidate'
import type { CrystalSeat } from './CrystalSeat'
import type { FitWishes } from './FitWishes'
import type { FitPolicy } from './fitPolicy'
import type { CrystalMaterial, CrystalProfile, StockCrystal } from './parts'
import { priceOf, priceRank } from '../stock/price'
import { constructionOf } from '../construction/constructions'
import type { StockIndex } from './stockIndex'
import { stockIndex } from './stockIndex'
import type { BetweenSteps } from './thicknessStep'
import type { LoadedCrystal, UnderLoad } from './underLoad'
import { underLoad } from './underLoad'

/** What an owner may be offered: another material, another shape, with or without a magnifier or a coat. */
export interface Variant {
  readonly material: CrystalMaterial
  readonly profile: CrystalProfile
  readonly magnifier: Magnifier
  readonly arCoating: ArCoating
}

/** The best the drawers hold of one variant for this case. */
export interface Upgrade {
  readonly variant: Variant
  readonly candidate: Candidate
  /** what the class's pressure does to it; null where none loads it */
  readonly load: UnderLoad | null
  /** of crystal and ring; null where one of them has no price */
  readonly priceCents: number | null
  /** what changes for the owner, beside the figures */
  readonly notes: readonly string[]
}

const ANY_KIND = { material: null, profile: null, magnifier: null, arCoating: null } as const

/**
 * The best of every variant in the drawers that fits this case, what came out first, then by price.
 * @param loaded - the pressure of the class stated, null when none is, the crystal that was there, and the steps of
 * stock its level lies half-way between
 */
export function upgrades(
  { crystals, otherBuilds, gaskets }: StockIndex,
  seat: CrystalSeat,
  wishes: FitWishes,
  loaded: {
    readonly pressure: TestPressure | null
    readonly original: LoadedCrystal | null
    readonly between: BetweenSteps | null
  },
  { fit: policy, strength }: { readonly fit: FitPolicy; readonly strength: StrengthPolicy },
): Upgrade[] {
  const construction = constructionOf(seat.retention)
  const byVariant = new Map<string, StockCrystal[]>()
  for (const crystal of [...crystals, ...otherBuilds]) {
    if (crystal.quantity < 1) continue
    const key = `${crystal.material} ${crystal.profile} ${crystal.magnifier} ${crystal.arCoating}`
    const lines = byVariant.get(key) ?? []
    byVariant.set(key, lines)
    lines.push(crystal)
  }
  const found = [...byVariant.values()].flatMap((lines) => {
    const anyKind = { ...wishes, ...ANY_KIND, between: loaded.between }
    const index = stockIndex(lines, gaskets)
    const [candidate] = construction.search(index, seat, anyKind, { policy, most: 1 }).fitting
    return candidate
      ? [upgradeOf(candidate, underLoad(candidate, seat, loaded.original, loaded.pressure, strength))]
      : []
  })
  const asBefore = ({ variant }: Upgrade) =>
    variant.material === wishes.material && (wishes.profile === null || variant.profile === wishes.profile)
      ? 0
      : 1
  return found.sort((a, b) => asBefore(a) - asBefore(b) || priceRank(a.priceCents) - priceRank(b.priceCents))
}

function upgradeOf(candidate: Candidate, load: UnderLoad | null): Upgrade {
  const { crystal, gasket } = candidate
  const { material, profile, magnifier, arCoating } = crystal
  return {
    variant: { material, profile, magnifier, arCoating },
    candidate,
    load,
    priceCents: priceOf(crystal, gasket),
    notes: notesOf(crystal),
  }
}

/** What a technician tells an owner of a material, a shape, a coat. Common practice. */
function notesOf({ material, profile, magnifier, arCoating }: StockCrystal): string[] {
  const notes: Readonly<Record<CrystalMaterial, string>> = {
    acrylic: 'Scratches, and polishes out; does not shatter.',
    mineral: 'Scratches sooner than sapphire; shatters into splinters.',
    'hardened-mineral': 'Harder to scratch than plain mineral; shatters as it does.',
    sapphire: 'Hardly scratches; chips at its edge and shatters under a blow.',
  }
  return [
    notes[material],
    ...(profile === 'flat' ? [] : ['A dome catches light and knocks; it takes a hollow die.']),
    ...(magnifier === 'none' ? [] : ['The magnifier has to sit centred over the date.']),
    ...(arCoating === 'outside' || arCoating === 'both' ? ['A coat outside wears and shows scratches.'] : []),
    ...(arCoating === 'inside' ? ['A coat inside cuts reflections and is out of reach of wear.'] : []),
  ]
}
