import type { LearnedFigure } from '@/core/learning/PieceFigure'
import { expandedUncertaintyMm } from '@/core/measure/Estimate'
import { learnedOf } from '@/core/tray/caseFigures'
import type { ReadingTarget } from '@/core/readings/readingPlan'
import { formatMm } from '@/core/units/formatMm'
import type { TrayView } from '@/services/tray/trayView'

/** What earlier pieces of the case let expect, while nothing was read of this one. */
function firstText(learned: LearnedFigure | undefined): string {
  if (!learned) return 'first reading of this dimension'
  return `first reading; expect ${formatMm(learned.valueMm)} ±${formatMm(expandedUncertaintyMm(learned))}, ${learned.from}`
}

/** Earlier readings of the same dimension and whether they agree. */
export function EarlierReadings({ view, target }: { view: TrayView; target: ReadingTarget | null }) {
  const measured = target && view.readout.measured[target.dimension]
  if (!measured)
    return (
      <span style={{ color: 'var(--mui-palette-text-secondary)' }}>
        {target ? firstText(learnedOf(target.dimension, view.sheet)) : ''}
      </span>
    )
  const { spread } = measured
  const wide = spread.verdict === 'too-wide'
  return (
    <>
      <div className="figure">
        before: {measured.readings.map((r) => formatMm(r.shownMm, r.resolutionMm)).join('  ')}
      </div>
      {spread.verdict !== 'one-reading' && (
        <div style={{ color: wide ? 'var(--mui-palette-warning-main)' : 'var(--mui-palette-success-main)' }}>
          spread {formatMm(spread.spreadMm)}{' '}
          {wide ? `too wide: ${spread.likelyCauses.join(', ')}?` : 'within the instrument'}
        </div>
      )}
    </>
  )
}
