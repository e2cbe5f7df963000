import Typography from '@mui/material/Typography'
import type { SetPart } from '@/core/bezel/bezelSet'
import { setProbability } from '@/core/bezel/bezelSet'
import { constructionOf } from '@/core/construction/constructions'
import type { Candidate } from '@/core/fit/Candidate'
import { figureOf } from '@/core/tray/caseFigures'
import { formatMm, formatPercent } from '@/core/units/formatMm'
import type { TrayView } from '@/services/tray/trayView'

/** By whose figures the crystal is judged once a new bezel is out that holds it. */
export function NewBezelNote({ view }: { view: TrayView }) {
  const { newBezel, sheet, readout } = view
  const held = constructionOf(sheet.retention).bezel?.by
  if (!newBezel || !held) return null
  const figure = figureOf(held.dimension, readout.measured, sheet)
  const from =
    figure?.origin === 'measured' ? 'as read' : 'as its supplier gives it: read it before anything is pressed'
  return (
    <Typography sx={{ fontSize: 14, mb: 0.5 }}>
      Judged with the new bezel <strong>{newBezel.code}</strong> on, readings of the old one left out.{' '}
      {figure && `Its ${held.name} is ${formatMm(figure.valueMm)}, ${from}.`}
    </Typography>
  )
}

export interface BezelSetNoteProps {
  readonly view: TrayView
  readonly crystal: Candidate
  /** second ring that goes with the pick */
  readonly ringId: number | null
}

/** Bezel, crystal and rings as the one set they are pressed on as, with the chance that all of them serve. */
export function BezelSetNote({ view, crystal, ringId }: BezelSetNoteProps) {
  const { bezel } = constructionOf(view.sheet.retention)
  const ringed = bezel?.role === 'carries'
  // A bezel over a neck that stays is no news: only a new one makes a set of it.
  if (!bezel || (!ringed && !view.newBezel)) return null
  const ring = view.shortlist?.bezelRings.find(({ gasket }) => gasket.id === ringId)
  const parts: readonly SetPart[] = [
    {
      name: crystal.gasket ? 'crystal in its ring' : 'crystal',
      code: crystal.crystal.code,
      probability: crystal.probability,
    },
    ...(ring
      ? [{ name: 'second ring' as const, code: ring.gasket.code, probability: ring.probability }]
      : []),
    ...view.setParts,
  ]
  return (
    <Typography sx={{ mt: 1, fontSize: 14 }} data-testid="bezel-set">
      <strong>As one set, right with {formatPercent(ring || !ringed ? setProbability(parts) : 0)}:</strong>{' '}
      {parts.map(partText).join(', ')}
      {ringed && !ring && ', and no second ring'}.
    </Typography>
  )
}

function partText({ name, code, probability }: SetPart): string {
  if (code === null) return `the old ${name} again`
  return probability === null ? `${name} ${code}` : `${name} ${code} ${formatPercent(probability)}`
}
