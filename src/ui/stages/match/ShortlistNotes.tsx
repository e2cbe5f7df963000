import Box from '@mui/material/Box'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import Typography from '@mui/material/Typography'
import { constructionOf } from '@/core/construction/constructions'
import type { DimensionId } from '@/core/readings/dimensions'
import { DIMENSIONS } from '@/core/readings/dimensions'
import { listedDimensions } from '@/core/readings/listedDimensions'
import { formatMm } from '@/core/units/formatMm'
import type { ShortlistView } from '@/services/tray/shortlistView'
import type { OrderProposal } from '@/core/fit/OrderProposal'
import type { TrayView } from '@/services/tray/trayView'

export interface RejectedByProps {
  readonly counts: ShortlistView['rejectedBy']
  /** what each constraint is called when it was missed */
  readonly missed: ShortlistView['words']['missed']
}

/** How many near misses fell to what. */
export function RejectedBy({ counts, missed }: RejectedByProps) {
  const parts = Object.entries(missed).flatMap(([name, words]) => {
    const count = counts[name]
    return count ? [`${words} ${count}`] : []
  })
  return (
    <Typography variant="body2" sx={{ mt: 0.75, color: 'text.secondary' }}>
      Near ones rejected for: {parts.join(', ')}. The nearest are listed.
    </Typography>
  )
}

/** Names what to measure before anything can be judged. */
export function NothingToJudgeBy({ missing }: { missing: DimensionId | null }) {
  const label = missing ? DIMENSIONS[missing].label.toLowerCase() : 'bore'
  const what = missing === 'bore' ? 'bore, or the old crystal with its ring' : label
  return (
    <Typography sx={{ mt: 2, pt: 1.5, borderTop: 1, borderColor: 'divider' }}>
      Nothing can be judged yet: measure the {what}. The case sheet does not know it either.
    </Typography>
  )
}

/** Nothing fits: what would. */
export function OrderNearest({ view }: { view: TrayView }) {
  const empty = view.shortlist?.choicesInStock === 0
  const orders = view.shortlist?.toOrder ?? []
  if (view.shortlist?.orderWaits)
    return (
      <Typography sx={{ mt: 1, fontWeight: 700, color: 'warning.main' }}>
        Nothing can be called a fit, or be ordered, before more is read: {listedDimensions(view.unread)}.
      </Typography>
    )
  return (
    <Box sx={{ mt: 1 }}>
      <Typography sx={{ fontWeight: 700, color: 'warning.main' }}>
        {empty ? 'The drawers are empty.' : 'Nothing in the drawers fits.'}{' '}
        {orders.length > 0 ? 'Nearest to order:' : 'The near ones say what a fitting one would need.'}
      </Typography>
      {orders.length > 0 && (
        <Box component="ul" className="figure" sx={{ m: 0, pl: 2.5, fontSize: 14 }}>
          {orders.map((o) => (
            <li key={orderText(o)}>{orderText(o)}</li>
          ))}
        </Box>
      )}
    </Box>
  )
}

/** “29.2 × 1.8, fit 0.98: +0.20 against the groove, strained 0.7 %”. */
function orderText(o: OrderProposal): string {
  const sides = [o.crystalDiameterMm, o.crystalWidthMm, o.crystalThicknessMm]
  const size = sides.flatMap((mm) => (mm === null ? [] : [formatMm(mm, 0.1)])).join(' × ')
  const ring =
    o.ring &&
    ` with ${o.ring.material} ${formatMm(o.ring.outerDiameterMm, 0.1)}/${formatMm(o.ring.wallMm)}, ${formatMm(o.ring.leastHeightMm, 0.1)} high or more`
  return `${size}${ring ?? ''}, fit ${o.fitProbability.toFixed(2)}${o.note && `: ${o.note}`}`
}

export interface BezelRingChoiceProps {
  readonly view: TrayView
  readonly chosenId: number | null
  readonly onChoose: (id: number) => void
}

/** The second ring of a removable bezel: it belongs to the bezel and is renewed with the first. */
export function BezelRingChoice({ view, chosenId, onChoose }: BezelRingChoiceProps) {
  const rings = view.shortlist?.bezelRings ?? []
  if (constructionOf(view.sheet.retention).bezel?.role !== 'carries') return null
  const chosen = rings.find(({ gasket }) => gasket.id === chosenId)
  return (
    <Box sx={{ mt: 1.25 }}>
      {rings.length === 0 ? (
        <Typography sx={{ color: 'warning.main', fontSize: 14.5 }}>
          <strong>No second ring fits.</strong> Both rings belong to the bezel and are renewed together:
          measure the second ring, or neck and bezel, and look in the drawers.
        </Typography>
      ) : (
        <TextField
          select
          fullWidth
          size="small"
          label="Second ring, between bezel and case"
          value={chosenId ?? ''}
          onChange={(event) => onChoose(Number(event.target.value))}
          helperText={chosen?.reason}
        >
          {rings.map(({ gasket }) => (
            <MenuItem key={gasket.id} value={gasket.id}>
              {gasket.code}: {gasket.material} {formatMm(gasket.outerDiameterMm, 0.1)}/
              {formatMm(gasket.wallMm)}, {gasket.drawer}·{gasket.quantity}
              {gasket.family && `, for ${gasket.family}`}
            </MenuItem>
          ))}
        </TextField>
      )}
      <Typography variant="body2" sx={{ mt: 0.5, color: 'text.secondary' }}>
        {keysText(view)}
      </Typography>
    </Box>
  )
}

function keysText({ readout, sheet }: TrayView): string {
  const spacing = readout.measured['key-spacing']?.valueMm ?? sheet.keySpacingMm
  const width = readout.measured['key-width']?.valueMm ?? sheet.keyWidthMm
  const keys =
    spacing === null || width === null
      ? 'Keys at 12 and 6 not measured: try the bezel on dry before anything is pressed.'
      : `Keys at 12 and 6: ${formatMm(spacing)} apart, ${formatMm(width)} wide.`
  return `${keys} Rings of the old bezel do not serve a new one.`
}
