'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useState } from 'react'
import { usePageKeys } from '../../keys/usePageKeys'
import { stepsOf } from '@/core/procedure/procedure'
import { usualParts } from '@/core/procedure/stepsOnTrail'
import type { StageId } from '@/core/stages/stages'
import type { SizeMark, TrailPartId } from '@/core/trail/parts'
import { partsText, SIZE_MARKS, TRAIL_PART_IDS, TRAIL_PARTS } from '@/core/trail/parts'
import type { TrailLine } from '@/core/trail/partsTrail'
import { isOffAlready } from '@/core/trail/partsTrail'
import type { ProposedLine } from '@/core/trail/proposedTrail'
import { useTimes } from '../../small/useTimes'
import type { StageWorkProps } from '../StageWorkProps'
import type { PartPlace } from './PlacePicker'
import { PlacePicker, turnedPlace } from './PlacePicker'
import { WorkError } from '../shared/WorkError'
import { useErrorAt } from '../shared/useErrorAt'

const HOTKEYS = TRAIL_PART_IDS.filter((id) => TRAIL_PARTS[id].key !== '')

/** Records what comes off: a tap or a key a part, with length mark and place, and undo. */
export function TrailPanel({ bench, actions, stage }: StageWorkProps & { stage: StageId }) {
  const { view } = bench.state
  const { trail, photos } = view.job
  const [size, setSize] = useState<SizeMark>('')
  const [place, setPlace] = useState<PartPlace>({ kind: 'untold' })
  const [all, setAll] = useState(false)
  const [error, setError] = useErrorAt(bench.state.view)
  const inHand = view.tray.finishedAt === null
  const enabled = inHand && !bench.keysRest
  const offered = all ? TRAIL_PART_IDS : usualParts(stepsOf(view.job.procedure, stage))

  const off = (
    part: TrailPartId,
    count = 1,
    as: { size: SizeMark; clockHour: number | null } | null = null,
  ) => {
    const input = {
      trayId: view.tray.id,
      part,
      count,
      size: as?.size ?? size,
      clockHour: as ? as.clockHour : place.kind === 'clock' ? place.hour : null,
      photo: !as && place.kind === 'photo' ? { id: place.photoId, x: place.x, y: place.y } : null,
    }
    void bench.change(actions.recordOff(input)).then(setError)
  }
  const undo = () => void bench.change(actions.undoTrail({ trayId: view.tray.id })).then(setError)
  const turnSize = (by: 1 | -1) => {
    const at = (SIZE_MARKS.indexOf(size) + by + SIZE_MARKS.length) % SIZE_MARKS.length
    setSize(SIZE_MARKS[at] ?? '')
  }

  usePageKeys(
    HOTKEYS.map((id) => TRAIL_PARTS[id].key),
    (_, { keys }) => {
      const part = HOTKEYS.find((id) => keys?.includes(TRAIL_PARTS[id].key))
      if (part) off(part)
    },
    { enabled, preventDefault: true },
    [view, size, place],
  )
  usePageKeys('up', () => turnSize(1), { enabled, preventDefault: true })
  usePageKeys('down', () => turnSize(-1), { enabled, preventDefault: true })
  usePageKeys('left', () => setPlace(turnedPlace(place, -1)), { enabled, preventDefault: true })
  usePageKeys('right', () => setPlace(turnedPlace(place, 1)), { enabled, preventDefault: true })
  usePageKeys('ctrl+z, meta+z', undo, { enabled, preventDefault: true })

  return (
    <Box component="section" aria-label="Parts trail" sx={{ mt: 1.5 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, mb: 0.5 }}>
        <Box component="h3" sx={{ m: 0, fontSize: 15, fontWeight: 700, flexGrow: 1 }}>
          {trail.lines.length === 0
            ? 'Parts trail: nothing off yet'
            : `Parts trail: ${trail.lines.reduce((sum, line) => sum + line.count, 0)} off`}
        </Box>
        {trail.undo && inHand && (
          <Button size="small" onClick={undo} title="Ctrl Z">
            Undo: {trail.undo}
          </Button>
        )}
      </Box>
      <TrailRun lines={trail.lines} />
      {inHand && (
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr', sm: 'minmax(0,1fr) 132px' },
            columnGap: 2,
          }}
        >
          <Box>
            <Usual lines={trail.usual} onTake={(line) => off(line.part, line.count, line)} />
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
              {offered.map((id) => (
                <PartKey key={id} id={id} isOff={isOffAlready(trail.lines, id)} onTap={() => off(id)} />
              ))}
              <Button size="small" onClick={() => setAll(!all)} aria-expanded={all}>
                {all ? 'fewer' : 'other part'}
              </Button>
            </Box>
            <SizeMarks size={size} onSize={setSize} />
          </Box>
          <PlacePicker place={place} photos={photos} onPlace={setPlace} />
        </Box>
      )}
      <WorkError text={error} />
    </Box>
  )
}

function PartKey({ id, isOff, onTap }: { id: TrailPartId; isOff: boolean; onTap: () => void }) {
  const { label, key } = TRAIL_PARTS[id]
  return (
    <Button
      variant="outlined"
      onClick={onTap}
      disabled={isOff}
      title={key ? `key ${key.toUpperCase()}` : undefined}
      sx={{ minHeight: 44, px: 1.25, fontWeight: 400, fontSize: 15 }}
    >
      {label}
      {key && (
        <Box component="kbd" className="figure" sx={{ ml: 0.75, fontSize: 12.5, opacity: 0.8 }}>
          {key.toUpperCase()}
        </Box>
      )}
    </Button>
  )
}

function SizeMarks({ size, onSize }: { size: SizeMark; onSize: (size: SizeMark) => void }) {
  return (
    <Box
      role="group"
      aria-label="Length"
      sx={{ display: 'flex', gap: 0.5, alignItems: 'center', mt: 0.5, fontSize: 14 }}
    >
      <span style={{ color: 'var(--mui-palette-text-secondary)' }}>length</span>
      {SIZE_MARKS.map((mark) => (
        <Button
          key={mark}
          size="small"
          aria-pressed={mark === size}
          onClick={() => onSize(mark)}
          title="↑ ↓"
          sx={{
            minHeight: 36,
            fontWeight: mark === size ? 700 : 400,
            textDecoration: mark === size ? 'underline' : 'none',
          }}
        >
          {mark === '' ? 'all alike' : mark}
        </Button>
      ))}
    </Box>
  )
}

/** What this case usually has and has not given up yet: one tap a line. */
function Usual({ lines, onTake }: { lines: readonly ProposedLine[]; onTake: (line: ProposedLine) => void }) {
  if (lines.length === 0) return null
  return (
    <Box sx={{ mb: 0.75, pl: 1.25, borderLeft: 3, borderColor: 'primary.main' }} data-testid="usual-parts">
      <Box sx={{ fontSize: 13, color: 'text.secondary' }}>Came off this case before</Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}>
        {lines.map((line) => (
          <Button
            key={`${line.part} ${line.size}`}
            size="small"
            onClick={() => onTake(line)}
            sx={{ minHeight: 40 }}
          >
            {partsText(line.part, line.count, line.size)}
            {line.clockHour !== null && ` at ${line.clockHour}`}
            <Box component="span" sx={{ ml: 0.5, fontWeight: 400, color: 'text.secondary' }}>
              {line.seen}/{line.of}
            </Box>
          </Button>
        ))}
      </Box>
    </Box>
  )
}

/** Everything off so far as one run, in order; times on demand. */
function TrailRun({ lines }: { lines: readonly TrailLine[] }) {
  const { clockText } = useTimes()
  return (
    <Box
      component="ol"
      aria-label="Came off, in order"
      sx={{
        listStyle: 'none',
        m: 0,
        mb: 0.75,
        p: 0,
        display: 'flex',
        flexWrap: 'wrap',
        fontSize: 15,
        '& li:not(:last-child)::after': { content: '"→"', mx: 0.75, color: 'text.secondary' },
        '& li:last-child': { fontWeight: 700 },
      }}
    >
      {lines.map((line) => (
        <li key={line.offIds[0]} title={clockText(line.firstAt)} suppressHydrationWarning>
          {partsText(line.part, line.count, line.size)}
          {placeText(line)}
        </li>
      ))}
    </Box>
  )
}

/** “, at 4”, “, on picture 3”. */
export function placeText({ clockHour, photoId }: Pick<TrailLine, 'clockHour' | 'photoId'>): string {
  if (clockHour !== null) return `, at ${clockHour}`
  return photoId === null ? '' : ', marked on a picture'
}
