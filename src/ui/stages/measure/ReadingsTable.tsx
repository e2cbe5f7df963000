'use client'
import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import { expandedUncertaintyMm } from '@/core/measure/Estimate'
import type { DimensionId } from '@/core/readings/dimensions'
import { DIMENSION_IDS } from '@/core/readings/dimensions'
import { DIMENSIONS } from '@/core/readings/dimensions'
import { figureOf, learnedOf } from '@/core/tray/caseFigures'
import { formatMm } from '@/core/units/formatMm'
import type { TrayView } from '@/services/tray/trayView'
import { InlineStateMark } from '../../small/StateMark'

export interface ReadingsTableProps {
  readonly view: TrayView
  readonly aimedAt: DimensionId | null
  readonly onAim: (dimension: DimensionId) => void
  /** takes one reading back; asks why first */
  readonly onTakeBack: (readingId: number) => void
}

/** Every dimension of this case: what was read, what it comes to, what is missing. A row chosen is read next. */
export function ReadingsTable({ view, aimedAt, onAim, onTakeBack }: ReadingsTableProps) {
  const voided = view.readings.filter((r) => r.voidReason !== null)
  return (
    <Box
      component="section"
      aria-label="Readings"
      sx={{ mt: 1.5, borderTop: 1, borderColor: 'divider', pt: 1 }}
    >
      <Typography variant="h2" component="h2">
        Readings
      </Typography>
      <Box
        component="table"
        sx={{
          width: '100%',
          borderCollapse: 'collapse',
          fontSize: 14.5,
          '& td, & th': {
            borderBottom: 1,
            borderColor: 'divider',
            py: 0.5,
            px: 0.5,
            textAlign: 'left',
            verticalAlign: 'middle',
          },
          '& .number': { textAlign: 'right', whiteSpace: 'nowrap' },
          '& th': { fontWeight: 400, color: 'text.secondary', fontSize: 13 },
        }}
      >
        <thead>
          <tr>
            <th scope="col">dimension</th>
            <th scope="col">as shown</th>
            <th scope="col" className="number">
              mm
            </th>
            <th scope="col" className="number">
              ±
            </th>
          </tr>
        </thead>
        <tbody>
          {inWorkingOrder(view).map((id) => (
            <DimensionRow
              key={id}
              id={id}
              view={view}
              aimed={id === aimedAt}
              onAim={onAim}
              onTakeBack={onTakeBack}
            />
          ))}
        </tbody>
      </Box>
      {voided.length > 0 && (
        <Box component="details" sx={{ mt: 1, fontSize: 13.5 }}>
          <summary>{voided.length} taken back</summary>
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {voided.map((r) => (
              <li key={r.id}>
                {DIMENSIONS[r.dimension].label} {DIMENSIONS[r.dimension].places[r.placeIndex]}:{' '}
                <s className="figure">{formatMm(r.shownMm)}</s>, {r.voidReason}
              </li>
            ))}
          </Box>
        </Box>
      )}
    </Box>
  )
}

/** What this tray needs first, in the order it is read; then what else this construction has, and what was read. */
function inWorkingOrder({ plan, possible, readout }: TrayView): DimensionId[] {
  const read = DIMENSION_IDS.filter((id) => readout.measured[id])
  return [...new Set([...plan, ...possible, ...read])]
}

/** A taper smaller than this is the gauge's own scatter, mm. From memory. */
const LEAST_TAPER_MM = 0.02

/** The clock hour a direction points to. */
function hourOf(deg: number): number {
  return Math.round(deg / 30) % 12 || 12
}

/** What readings were taken by, each once. */
function instrumentNames(
  { instruments }: TrayView,
  readings: readonly { readonly instrumentId: number }[],
): string {
  const used = instruments.filter(({ id }) => readings.some(({ instrumentId }) => instrumentId === id))
  return used.map(({ name }) => name.toLowerCase()).join(', ')
}

interface DimensionRowProps extends Omit<ReadingsTableProps, 'aimedAt'> {
  readonly id: DimensionId
  readonly aimed: boolean
}

function DimensionRow({ id, view, aimed, onAim, onTakeBack }: DimensionRowProps) {
  const measured = view.readout.measured[id]
  const figure = figureOf(id, view.readout.measured, view.sheet)
  const learned = learnedOf(id, view.sheet)
  const planned = view.plan.includes(id)
  const wide = measured?.spread.verdict === 'too-wide'
  return (
    <tr style={{ background: aimed ? 'var(--mui-palette-paper-chosen)' : undefined }}>
      <td>
        <Box
          component="button"
          type="button"
          onClick={() => onAim(id)}
          aria-pressed={aimed}
          sx={{
            font: 'inherit',
            color: 'inherit',
            background: 'none',
            border: 0,
            p: 0,
            minHeight: 32,
            cursor: 'pointer',
            textAlign: 'left',
            fontWeight: planned ? 600 : 400,
          }}
        >
          <InlineStateMark state={figure?.origin ?? 'none'} /> {DIMENSIONS[id].label}
        </Box>
      </td>
      <td className="figure" style={{ fontSize: 13.5 }}>
        {measured?.readings.map((r) => (
          <Box
            key={r.id}
            component="button"
            type="button"
            disabled={view.tray.finishedAt !== null}
            onClick={() => onTakeBack(r.id)}
            aria-label={`Take back ${formatMm(r.shownMm, r.resolutionMm)}, ${DIMENSIONS[id].places[r.placeIndex]}`}
            title={`${DIMENSIONS[id].places[r.placeIndex]}: take it back`}
            sx={{
              font: 'inherit',
              color: 'inherit',
              background: 'none',
              border: 0,
              p: 0,
              mr: 1,
              minHeight: 28,
              minWidth: 28,
              cursor: 'pointer',
              '&:hover': { textDecoration: 'line-through' },
            }}
          >
            {formatMm(r.shownMm, r.resolutionMm)}
          </Box>
        ))}
        {measured && measured.readings.length > 0 && (
          <Box
            component="span"
            sx={{ fontFamily: 'fontFamily', fontSize: 12.5, color: 'text.secondary', whiteSpace: 'nowrap' }}
          >
            {instrumentNames(view, measured.readings)}
          </Box>
        )}
        {!measured && (
          <Box
            component="span"
            sx={{ fontFamily: learned ? 'fontFamily' : undefined, fontSize: 13, color: 'text.secondary' }}
          >
            {[planned && 'to read', learned?.from ?? (figure && !planned && 'case sheet')]
              .filter((words) => typeof words === 'string')
              .join('; ')}
          </Box>
        )}
        {wide && (
          <Box sx={{ color: 'warning.main', fontSize: 12.5 }}>
            spread {formatMm(measured.spread.spreadMm)} is more than the instrument explains (
            {formatMm(measured.spread.explainedMm)}): {measured.spread.likelyCauses.join(', ')}?
          </Box>
        )}
        {measured?.taper && measured.taper.taperMm >= LEAST_TAPER_MM && (
          <Box sx={{ color: 'text.secondary', fontSize: 12.5 }}>
            tapers {formatMm(measured.taper.taperMm)}, thickest at {hourOf(measured.taper.thickSideDeg)}
          </Box>
        )}
        {measured && measured.readings.length === 0 && (
          <span style={{ color: 'var(--mui-palette-text-secondary)' }}>from a picture</span>
        )}
        {measured?.roundness && (
          <Box sx={{ color: 'text.secondary', fontSize: 12.5 }}>
            oval {formatMm(measured.roundness.ovalityMm)}
          </Box>
        )}
      </td>
      <td className="number figure">{figure ? formatMm(figure.valueMm, 0.001) : ''}</td>
      <td className="number figure">{figure ? formatMm(expandedUncertaintyMm(figure), 0.001) : ''}</td>
    </tr>
  )
}
