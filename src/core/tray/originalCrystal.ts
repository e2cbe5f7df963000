import type { CrystalMaterial } from '../fit/parts'
import type { LoadedCrystal } from '../fit/underLoad'
import { figureOf } from './caseFigures'
import type { CaseSheet } from './CaseSheet'
import type { TrayReadout } from './trayReadout'

/**
 * The crystal the case came in with, as far as it can be told: what a new one has to bear is set against it.
 * @param foundMaterial - as it was seen at intake, where it was not the sheet's
 * @returns null where material, thickness or size is not known
 */
export function originalCrystal(
  {
    sheet,
    readout,
  }: { readonly sheet: CaseSheet; readonly readout: Pick<TrayReadout, 'measured' | 'verdict'> },
  foundMaterial: CrystalMaterial | null,
): LoadedCrystal | null {
  const mm = (id: Parameters<typeof figureOf>[0]) => figureOf(id, readout.measured, sheet)?.valueMm ?? null
  const material = foundMaterial ?? sheet.crystalMaterial
  const edgeThicknessMm = mm('crystal-edge')
  const diameterMm = mm('crystal-diameter') ?? mm('crystal-length') ?? readout.verdict?.pick.sizeMm ?? null
  if (material === null || edgeThicknessMm === null || diameterMm === null) return null
  return {
    material,
    diameterMm,
    edgeThicknessMm,
    centreThicknessMm: mm('crystal-centre') ?? edgeThicknessMm,
    profile: sheet.crystalProfile ?? 'flat',
    undersideRiseMm: sheet.undersideRiseMm ?? 0,
    insideMagnifierMm: null,
  }
}
