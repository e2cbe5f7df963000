import { constructionOf } from '../construction/constructions'
import { USUAL_RING } from '../fit/aimedInterference'
import type { CrystalSeat } from '../fit/CrystalSeat'
import type { StockGasket } from '../fit/parts'
import type { Estimate } from '../measure/Estimate'
import { figureOf } from '../tray/caseFigures'
import type { CaseSheet } from '../tray/CaseSheet'
import type { MeasuredFigures } from '../tray/measuredFigures'
import { NO_LINE } from './OwnPart'
import type { OwnOrMissing } from './ownCrystal'

/**
 * The ring that came out with the crystal, by its own readings; height by the case sheet where nobody read it. Where its
 * outside was not read it is that of what it lay in, for it came out of there.
 * @returns null where no ring lies round such a crystal
 */
export function ownGasket(
  measured: MeasuredFigures,
  sheet: CaseSheet,
  seat: CrystalSeat,
): OwnOrMissing<{ readonly part: StockGasket; readonly wall: Estimate }> | null {
  if (!constructionOf(seat.retention).wants(seat).ring) return null
  const wall = measured['gasket-wall']
  if (!wall) return { missing: 'gasket-wall' }
  const height = figureOf('gasket-height', measured, sheet)
  if (!height) return { missing: 'gasket-height' }
  const outer = measured['gasket-outer'] ?? seat.across
  const section = sheet.gasketSection ?? 'I'
  return {
    wall,
    part: {
      ...NO_LINE,
      use: 'crystal',
      family: '',
      outerDiameterMm: outer.valueMm,
      wallMm: wall.valueMm,
      heightMm: height.valueMm,
      section,
      // A foot is about as thick as the wall it belongs to. From memory.
      footMm: section === 'L' ? wall.valueMm : 0,
      material: sheet.gasketMaterial ?? USUAL_RING,
      colour: sheet.gasketColour ?? '',
    },
  }
}
