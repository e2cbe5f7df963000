'use client'
import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import type { SealItem } from '@/core/seals/SealItem'
import { measureText } from '@/core/seals/resealSet'
import type { PartKind } from '@/core/parts/parts'
import { Caution } from '../../small/Caution'
import { WorkError } from '../shared/WorkError'
import type { StageWorkProps } from '../StageWorkProps'
import { TakeOutRow } from '../shared/TakeOutRow'
import type { Taker } from '../shared/useTakeOut'
import { useTakeOut } from '../shared/useTakeOut'
import { capital } from '@/core/units/capital'

const SHOWN = 2

/** The reseal set: every seal of the case beside its crystal's, with what of the drawers serves it. */
export function SealsPanel({ bench, actions }: StageWorkProps) {
  const { takerOf, error } = useTakeOut({ bench, actions })
  const { view } = bench.state
  if (view.seals.length === 0) return null
  return (
    <Box component="section" aria-label="Seals">
      <Typography variant="h2" component="h2">
        Seals
      </Typography>
      {view.seals.map((item) => (
        <Seal key={item.id} item={item} takerOf={takerOf} />
      ))}
      <WorkError text={error} />
      <Caution text="Grease thin: it lets a ring slide and sheds water, it does not seal a bad ring. Water resistance holds again only once it is tested in a proper chamber." />
    </Box>
  )
}

interface SealProps {
  readonly item: SealItem
  readonly takerOf: (kind: PartKind, partId: number) => Taker
}

function Seal({ item, takerOf }: SealProps) {
  const { title, choices, order, notes, measure } = item
  return (
    <Box sx={{ mt: 1 }} data-testid={`seal-${item.id}`}>
      <Typography variant="h3" component="h3">
        {title}
      </Typography>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, fontSize: 14.5 }}>
        {choices.slice(0, SHOWN).map((line) => (
          <TakeOutRow
            key={line.partId}
            title={line.words}
            where={`${line.code} ${line.drawer}·${line.quantity}`}
            taker={takerOf(line.kind, line.partId)}
          >
            {capital(line.reason)}.
          </TakeOutRow>
        ))}
      </Box>
      {order !== null && (
        <Typography sx={{ fontSize: 14, color: 'warning.main' }}>
          <strong>Nothing in the drawers serves.</strong> To order: {order}.
        </Typography>
      )}
      {choices.length === 0 && order === null && measure.length === 0 && (
        <Typography sx={{ fontSize: 14, color: 'warning.main' }}>
          No ring of the drawers or of the tables serves this groove: measure it again.
        </Typography>
      )}
      {measure.length > 0 && (
        <Typography sx={{ fontSize: 14 }}>
          <strong>Measure</strong> {measureText(measure)}
          {choices.length > 0 && ': until then the old ring is all there is to go by'}.
        </Typography>
      )}
      {notes.map((note) => (
        <Typography key={note} sx={{ fontSize: 13.5, color: 'text.secondary' }}>
          {note}
        </Typography>
      ))}
    </Box>
  )
}
