import type { ReadingTarget } from '@/core/readings/readingPlan'
import { formatMm } from '@/core/units/formatMm'
import type { TrayView } from '@/services/tray/trayView'

/** Earlier readings of the same dimension and whether they agree. */
export function EarlierReadings({ view, target }: { view: TrayView; target: ReadingTarget | null }) {
  const measured = target && view.readout.measured[target.dimension]
  if (!measured)
    return (
      <span style={{ color: 'var(--mui-palette-text-secondary)' }}>
        {target ? 'first reading of this dimension' : ''}
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
