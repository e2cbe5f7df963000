import { expandedUncertaintyMm } from '../measure/Estimate'
import { DIMENSIONS } from '../readings/dimensions'
import type { MeasuredFigure, MeasuredFigures } from '../tray/measuredFigures'
import { formatMm } from '../units/formatMm'
import type { ReportLine } from './Report'
import { told } from './Report'

/**
 * What was measured, each with its expanded uncertainty (about 95 %) and what it was read with. A figure of the case
 * sheet nobody measured on this piece is not among them.
 * @param nameOf - an instrument's name by its number
 */
export function figureLines(measured: MeasuredFigures, nameOf: (id: number) => string): ReportLine[] {
  return Object.values(measured).map((figure) => {
    const { valueMm } = figure
    return told(
      DIMENSIONS[figure.dimension].label,
      `${formatMm(valueMm)} ± ${formatMm(expandedUncertaintyMm(figure))} mm, ${readWith(figure, nameOf)}`,
    )
  })
}

function readWith({ readings }: MeasuredFigure, nameOf: (id: number) => string): string {
  if (readings.length === 0) return 'found another way than between jaws'
  const names = [...new Set(readings.map(({ instrumentId }) => nameOf(instrumentId)))]
  return `${readings.length === 1 ? 'one reading' : `${readings.length} readings`} by ${names.join(' and ')}`
}
