'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { usePageKeys } from '../../keys/usePageKeys'
import { stageIndex } from '@/core/stages/stages'
import type { TrailPartId } from '@/core/trail/parts'
import { partsText, TRAIL_PARTS } from '@/core/trail/parts'
import type { TrailLine } from '@/core/trail/partsTrail'
import { replayOrder } from '@/core/trail/partsTrail'
import { KeyCap } from '../../small/KeyCap'
import type { StageWorkProps } from '../StageWorkProps'
import { placeText } from '../decase/TrailPanel'
import { ScrewStar } from './ScrewStar'
import { WorkError } from '../shared/WorkError'
import { useErrorAt } from '../shared/useErrorAt'

/** Screws that stand round what they hold. */
const IN_A_RING: readonly TrailPartId[] = ['back-screw', 'bezel-screw']

type Answer = 'back' | 'renewed' | 'left-off'

/** The trail walked backwards: the last part off is the first one on, with its count; nothing may be left over. */
export function ReplayPanel({ bench, actions }: StageWorkProps) {
  const { view } = bench.state
  const { trail } = view.job
  const [leaving, setLeaving] = useState<TrailLine | null>(null)
  const [error, setError] = useErrorAt(bench.state.view)
  const [unfolded, setUnfolded] = useState(false)
  const inHand = view.tray.finishedAt === null
  const all = replayOrder(trail.lines)
  // What was put back was looked at when the case was closed; from then on what is missing is what matters.
  const { stage } = bench.state
  const brief = stageIndex(stage) > stageIndex('close') && !unfolded
  const lines = all.filter((line) => !brief || line.open > 0 || TRAIL_PARTS[line.part].backBy === stage)
  const next = all.find((line) => line.open > 0) ?? null
  const open = trail.lines.reduce((sum, line) => sum + line.open, 0)
  // In a ring, long and short ones together: the first of them that goes back says in which order.
  const starLine = all.find((line) => line.open > 0 && IN_A_RING.includes(line.part)) ?? null
  const screws = all.reduce((sum, line) => sum + (line.part === starLine?.part ? line.count : 0), 0)
  const enabled = inHand && !bench.keysRest && leaving === null

  const answer = async (line: TrailLine, kind: Answer, count: number, reason = '') => {
    const [offId] = line.offIds
    if (offId === undefined) return
    const input = { trayId: view.tray.id, offId, kind, count, reason }
    const wrong = await bench.change(actions.answerOff(input))
    setError(wrong)
    if (wrong === null) setLeaving(null)
  }
  usePageKeys('b', () => next && void answer(next, 'back', next.open), { enabled: enabled && next !== null })
  usePageKeys('w', () => next && void answer(next, 'renewed', next.open), {
    enabled: enabled && next !== null,
  })
  usePageKeys('l', () => setLeaving(next), { enabled: enabled && next !== null, preventDefault: true })
  usePageKeys(
    'ctrl+z, meta+z',
    () => void bench.change(actions.undoTrail({ trayId: view.tray.id })).then(setError),
    {
      enabled,
      preventDefault: true,
    },
  )

  return (
    <Box component="section" aria-label="Parts going back" sx={{ mt: 1.5 }}>
      <Box component="h3" sx={{ m: 0, mb: 0.5, fontSize: 15, fontWeight: 700 }}>
        {trail.lines.length === 0
          ? 'Parts trail: nothing was recorded as taken off'
          : open === 0
            ? 'Parts trail: every part is accounted for'
            : `Parts going back, last off first: ${open} still to come`}
      </Box>
      <WorkError text={error} />
      <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {lines.map((line) => (
          <Box
            component="li"
            key={line.offIds[0]}
            data-testid="replay-line"
            sx={{
              display: 'flex',
              flexWrap: 'wrap',
              gap: 0.75,
              alignItems: 'center',
              borderTop: 1,
              borderColor: 'divider',
              minHeight: 44,
              bgcolor: line === next ? 'var(--mui-palette-paper-chosen)' : undefined,
              px: 0.75,
            }}
          >
            <Box sx={{ flexGrow: 1, color: line.open > 0 ? 'text.primary' : 'text.secondary' }}>
              <strong>{partsText(line.part, line.count, line.size)}</strong>
              {placeText(line)}
              <Standing line={line} />
            </Box>
            {line.open > 0 && inHand && (
              <>
                {line.open > 1 && (
                  <Button size="small" onClick={() => void answer(line, 'back', 1)}>
                    one back
                  </Button>
                )}
                <Button
                  size="small"
                  variant={line === next ? 'contained' : 'outlined'}
                  onClick={() => void answer(line, 'back', line.open)}
                >
                  {line.open > 1 ? `all ${line.open} back` : 'back'}
                  {line === next && <KeyCap name="B" />}
                </Button>
                <Button size="small" onClick={() => void answer(line, 'renewed', line.open)}>
                  new one
                  {line === next && <KeyCap name="W" />}
                </Button>
                <Button size="small" color="warning" onClick={() => setLeaving(line)}>
                  stays off
                  {line === next && <KeyCap name="L" />}
                </Button>
              </>
            )}
            {line === starLine && <ScrewStar count={screws} />}
            {leaving?.offIds[0] === line.offIds[0] && (
              <LeaveReason
                onCancel={() => setLeaving(null)}
                onReason={(reason) => void answer(line, 'left-off', line.open, reason)}
              />
            )}
          </Box>
        ))}
      </Box>
      {lines.length < all.length && (
        <Button size="small" aria-expanded={false} onClick={() => setUnfolded(true)}>
          {all.length - lines.length} accounted for
        </Button>
      )}
      {trail.undo && inHand && (
        <Button
          size="small"
          title="Ctrl Z"
          onClick={() => void bench.change(actions.undoTrail({ trayId: view.tray.id })).then(setError)}
        >
          Undo: {trail.undo}
        </Button>
      )}
    </Box>
  )
}

function Standing({ line }: { line: TrailLine }) {
  const words = [
    line.back > 0 && `${line.back} back`,
    line.renewed > 0 && `${line.renewed} new`,
    line.leftOff > 0 && `${line.leftOff} stays off: ${line.reason}`,
    line.open > 0 && line.open < line.count && `${line.open} missing`,
  ].filter(Boolean)
  if (words.length === 0) return null
  const mark = line.open === 0 ? ' ✓ ' : ' · '
  return (
    <Box component="span" sx={{ fontSize: 14, color: line.open === 0 ? 'success.main' : 'warning.main' }}>
      {mark}
      {words.join(', ')}
    </Box>
  )
}

function LeaveReason({ onReason, onCancel }: { onReason: (reason: string) => void; onCancel: () => void }) {
  const [reason, setReason] = useState('')
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault()
        onReason(reason)
      }}
      sx={{ display: 'flex', gap: 1, width: '100%', alignItems: 'center', pb: 0.5 }}
    >
      <TextField
        autoFocus
        fullWidth
        label="Why it stays off"
        placeholder="as “perished, owner told”"
        value={reason}
        onChange={(event) => setReason(event.target.value)}
        onKeyDown={(event) => event.key === 'Escape' && onCancel()}
      />
      <Button type="submit" variant="contained" color="warning">
        Leave off
      </Button>
    </Box>
  )
}
