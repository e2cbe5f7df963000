import Box from '@mui/material/Box'
import type { FigureOrigin } from '@/core/fit/CrystalSeat'
import type { Estimate } from '@/core/measure/Estimate'
import { expandedUncertaintyMm } from '@/core/measure/Estimate'
import { DIMENSIONS } from '@/core/readings/dimensions'
import { evidenceOrigin } from '@/core/tray/evidenceOrigin'
import { formatMm } from '@/core/units/formatMm'
import type { SizeEvidence } from '@/core/verdict/SizeEvidence'
import { crystalDiameter, freeOpening, isCaseSide } from '@/core/verdict/SizeEvidence'
import type { TrayView } from '@/services/tray/trayView'
import { OVAL_ENLARGED } from '../../section/PlanView'
import { InlineStateMark } from '../../small/StateMark'

/** What the size rests on, figure by figure. */
export function Evidence({ view }: { view: TrayView }) {
  const { evidence, history, measured, verdictPolicy } = view.readout
  const roundness = measured.bore?.roundness
  const sides = SIDES.flatMap((id) => {
    const figure = measured[id]
    return figure ? [[DIMENSIONS[id].label, figureText(figure)] as const] : []
  })
  const fitted = history.reduce((sum, h) => sum + h.count, 0)
  // Not “30.0 × 13”: that reads as a diameter and a thickness.
  const sizes = history
    .map((h) => `${formatMm(h.sizeMm, 0.1)}, ${h.count === 1 ? 'once' : `${h.count} times`}`)
    .join('; ')
  return (
    <Box component="section" aria-label="Evidence">
      <Box component="h2" sx={{ fontSize: 13, fontWeight: 400, color: 'text.secondary', m: 0, mb: 0.5 }}>
        Evidence for the size
      </Box>
      <Box
        component="ul"
        sx={{
          listStyle: 'none',
          m: 0,
          p: 0,
          fontSize: 14.5,
          '& li': {
            display: 'flex',
            justifyContent: 'space-between',
            gap: 1,
            borderTop: 1,
            borderColor: 'divider',
            py: 0.6,
          },
          '& .figure': { whiteSpace: 'nowrap' },
        }}
      >
        {evidence.map((item, i) => (
          <EvidenceLine
            key={`${item.kind} ${i}`}
            item={item}
            aim={verdictPolicy.aimedInterference}
            origin={evidenceOrigin(item, measured, view.sheet)}
          />
        ))}
        {fitted > 0 && (
          <li>
            <span>Fitted before</span>
            <span className="figure">{sizes}</span>
          </li>
        )}
        {roundness && (
          <li>
            <span>Bore oval, drawn × {OVAL_ENLARGED}</span>
            <span className="figure">{formatMm(roundness.ovalityMm)}</span>
          </li>
        )}
        {sides.map(([label, figure]) => (
          <li key={label}>
            <span>{label}</span>
            <span className="figure">{figure}</span>
          </li>
        ))}
        {view.sheet.magnifier !== 'none' && view.sheet.dateRadiusMm !== null && (
          <li>
            <span>Date at {view.sheet.dateAt ?? '3'}, under the magnifier</span>
            <span className="figure">{formatMm(view.sheet.dateRadiusMm)}</span>
          </li>
        )}
        {evidence.length + sides.length === 0 && (
          <li style={{ color: 'var(--mui-palette-text-secondary)' }}>
            {view.readings.length === 0 ? 'nothing measured yet' : 'none yet'}
          </li>
        )}
      </Box>
    </Box>
  )
}

/** Sides of a shaped crystal and of its rebate. */
const SIDES = ['rebate-length', 'rebate-width', 'rebate-corner', 'crystal-length', 'crystal-width'] as const

function figureText(estimate: Estimate): string {
  return `${formatMm(estimate.valueMm)} ±${formatMm(expandedUncertaintyMm(estimate))}`
}

/** As it is told: an opening in a ring as the hole, a seat as the crystal it asks for. */
function shownEstimate(item: SizeEvidence, aim: Estimate): Estimate {
  if (!isCaseSide(item)) return crystalDiameter(item)
  const opening = freeOpening(item)
  if (item.kind !== 'seat') return opening
  return {
    valueMm: opening.valueMm + aim.valueMm,
    standardUncertaintyMm: Math.hypot(opening.standardUncertaintyMm, aim.standardUncertaintyMm),
  }
}

function EvidenceLine({ item, aim, origin }: { item: SizeEvidence; aim: Estimate; origin: FigureOrigin }) {
  const estimate = shownEstimate(item, aim)
  const words = {
    crystal: 'Old crystal, across',
    fragment: 'Piece of the rim',
    'visible-top': 'Top and two bevels',
    'gasket-imprint': 'Imprint in the ring',
    'bore-and-gasket': 'Bore less two walls',
    'opening-with-gasket': 'Opening in the ring',
    seat: item.kind === 'seat' ? `${item.seat} ${item.seat.includes(' and ') ? 'ask' : 'asks'} for` : '',
  }[item.kind]
  return (
    <li>
      <span>{words}</span>
      <span className="figure">
        {origin !== 'measured' && <InlineStateMark state={origin} />} {figureText(estimate)}
      </span>
    </li>
  )
}
