import type { ArCoating, Magnifier } from '../construction/kinds'
import type { CrystalStrength } from '../plate/crystalStrength'
import { crystalStrength } from '../plate/crystalStrength'
import type { StrengthPolicy } from '../plate/strengthPolicy'
import type { Candidate } from './Candidate'
import type { CrystalSeat } from './CrystalSeat'
import type { FitWishes } from './FitWishes'
import type { FitPolicy } from './fitPolicy'
import type { CrystalMaterial, CrystalProfile, StockCrystal, StockGasket } from './parts'
import { priceOf, priceRank } from '../stock/price'
import { shortlist } from './shortlist'
import { stockIndex } from './stockIndex'

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
  /** null where no class is stated */
  readonly strength: CrystalStrength | null
  /** to the hands while pressure bends it inward, mm; null where hands or class are not known */
  readonly handsUnderPressureMm: number | null
  /** of crystal and ring; null where one of them has no price */
  readonly priceCents: number | null
  /** what changes for the owner, beside the figures */
  readonly notes: readonly string[]
}

/**
 * The best of every variant in the drawers that fits this case, what came out first, then by price.
 * @param pressureBar - of the class stated; null when none is
 */
export function upgrades(
  crystals: readonly StockCrystal[],
  gaskets: readonly StockGasket[],
  seat: CrystalSeat,
  wishes: FitWishes,
  pressureBar: number | null,
  { fit: policy, strength }: { readonly fit: FitPolicy; readonly strength: StrengthPolicy },
): Upgrade[] {
  const byVariant = new Map<string, StockCrystal[]>()
  for (const crystal of crystals) {
    if (crystal.quantity < 1) continue
    const key = `${crystal.material} ${crystal.profile} ${crystal.magnifier} ${crystal.arCoating}`
    const lines = byVariant.get(key) ?? []
    byVariant.set(key, lines)
    lines.push(crystal)
  }
  const found = [...byVariant.values()].flatMap((lines) => {
    const anyKind = { ...wishes, material: null, profile: null, magnifier: null, arCoating: null }
    const [candidate] = shortlist(stockIndex(lines, gaskets), seat, anyKind, { policy, most: 1 }).fitting
    return candidate ? [upgradeOf(candidate, pressureBar, strength)] : []
  })
  const asBefore = ({ variant }: Upgrade) =>
    variant.material === wishes.material && (wishes.profile === null || variant.profile === wishes.profile)
      ? 0
      : 1
  return found.sort((a, b) => asBefore(a) - asBefore(b) || priceRank(a.priceCents) - priceRank(b.priceCents))
}

function upgradeOf(candidate: Candidate, pressureBar: number | null, policy: StrengthPolicy): Upgrade {
  const { crystal, gasket, standing } = candidate
  const { material, profile, magnifier, arCoating } = crystal
  const strength = pressureBar === null ? null : crystalStrength(crystal, pressureBar, policy)
  return {
    variant: { material, profile, magnifier, arCoating },
    candidate,
    strength,
    handsUnderPressureMm:
      strength && standing.handClearanceMm !== null ? standing.handClearanceMm - strength.deflectionMm : null,
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
