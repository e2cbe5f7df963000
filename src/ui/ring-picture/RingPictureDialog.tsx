'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import LinearProgress from '@mui/material/LinearProgress'
import TextField from '@mui/material/TextField'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import type { RingReading } from '@/core/ring-picture/readRing'
import { byOnePicture, byTwoPictures } from '@/core/ring-picture/readRing'
import { turnsPossible } from '@/core/ring-picture/turnsPossible'
import { MOST_DEPTH_MM } from '@/core/straight/lookLimits'
import { PAIR_WORDS } from '@/core/straight/pairs'
import { capital } from '@/core/units/capital'
import { parseMm } from '@/core/units/parseMm'
import type { RingSample } from '@/services/tray/ringSamples'
import { useOneAtATime } from '../forms/useOneAtATime'
import { PictureDrop } from '../photo-gauge/PictureDrop'
import { sendPicture } from '../small/sendPicture'
import type { StraightForm } from '../stages/align/useStraightForm'
import { WorkError } from '../stages/shared/WorkError'
import { RingPane } from './RingPane'
import { RingResult } from './RingResult'
import { StripsPane } from './StripsPane'
import { useRingPicture } from './useRingPicture'

interface RingPictureDialogProps {
  readonly form: StraightForm
  readonly samples: readonly RingSample[]
  readonly onClose: () => void
}

const ADVICE = [
  'Movement and stem in; lens straight above the middle, 150 mm or more away.',
  'Light from the side: no glare on the ticks, hands off the 12.',
  'The whole ring in the picture, its 12 up, as large as it goes.',
]
/** Of a usual dial below its ring, mm. From memory. */
const USUAL_DEPTH = '1.5'
const HALF_TURN_DEG = 180

interface Taken {
  readonly reading: RingReading
  readonly file: File
}

/** A ring read from a picture: its tracks found or set by hand, how it stands to the other, and how sure that is. */
export function RingPictureDialog({ form, samples, onClose }: RingPictureDialogProps) {
  const { shown, draft, tray } = form
  const [depth, setDepth] = useState(USUAL_DEPTH)
  const [first, setFirst] = useState<Taken | null>(null)
  const [isTakingSecond, setTakingSecond] = useState(false)
  const [said, setSaid] = useState<number | null>(null)
  const [error, setError] = useState<string | null>(null)
  const [radiusMm, depthMm] = [figureOf(draft?.radius ?? ''), figureOf(depth)]
  const isDepth = depthMm !== null && depthMm <= MOST_DEPTH_MM
  const ring = useRingPicture(radiusMm !== null && isDepth ? { radiusMm, depthMm } : null)
  const reading = ring.outcome?.ok ? ring.outcome.reading : null
  const deciding = first?.reading ?? reading
  const read = reading && (first ? byTwoPictures(first.reading, reading) : byOnePicture(reading))
  const isOneTurn = deciding !== null && turnsPossible(deciding).length === 1
  const turnedDeg = isOneTurn ? read?.turnedDeg : said
  const told = read && { ...read, turnedDeg: turnedDeg ?? read.turnedDeg }
  const open = (file: File) => {
    setError(null)
    if (!first) setSaid(null)
    setTakingSecond(false)
    void ring.open(file, first ? HALF_TURN_DEG : 0)
  }
  const [keep, busy] = useOneAtATime(async () => {
    if (!told || !ring.picture) return
    const ids: number[] = []
    for (const file of [...(first ? [first.file] : []), ring.picture.file]) {
      const sent = await sendPicture(tray.id, file)
      if (!sent.ok) return setError(sent.message)
      ids.push(sent.id)
    }
    const wrong = await form.storePicture(told, ids)
    if (wrong !== null) return setError(wrong)
    onClose()
  })
  if (!shown) return null
  const showsDrop = !ring.picture || isTakingSecond
  return (
    <Dialog open fullScreen onClose={onClose} aria-labelledby="ring-picture-title">
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', md: 'minmax(0,1fr) 400px' },
          gridTemplateRows: { xs: 'auto 50vh auto', md: 'auto minmax(0,1fr)' },
          height: { md: '100%' },
          columnGap: 2.5,
          p: 2,
        }}
      >
        <Box sx={{ gridColumn: '1 / -1', display: 'flex', alignItems: 'baseline', gap: 2, pb: 1 }}>
          <Typography id="ring-picture-title" variant="h1" component="h2">
            {capital(PAIR_WORDS[shown.pair].label)}, from a picture
          </Typography>
          <Box sx={{ color: 'text.secondary', flexGrow: 1 }}>tray {tray.number}</Box>
          <Button onClick={onClose}>Close</Button>
        </Box>
        <Box sx={{ minHeight: 0 }}>
          {showsDrop || !ring.picture || !ring.tracks ? (
            <PictureDrop
              label="Picture of the head"
              advice={first ? SECOND_ADVICE : ADVICE}
              samples={samples}
              onFile={open}
              onTrouble={setError}
            />
          ) : (
            <RingPane picture={ring.picture} tracks={ring.tracks} onTracks={ring.setTracks} />
          )}
        </Box>
        <Box sx={{ overflowY: 'auto', minHeight: 0 }}>
          <Box sx={{ minHeight: 26 }} aria-live="polite">
            {ring.progress && (
              <>
                <LinearProgress
                  variant="determinate"
                  value={100 * ring.progress.share}
                  aria-label="Reading the picture"
                />
                <Box sx={{ fontSize: 13.5, color: 'text.secondary' }}>{ring.progress.words}…</Box>
              </>
            )}
          </Box>
          <WorkError text={ring.trouble ?? troubleOf(ring.outcome)} />
          {reading && deciding && told && !showsDrop && (
            <>
              <RingResult
                reading={deciding}
                told={told}
                isOfTwo={first !== null}
                said={said}
                onSay={setSaid}
              />
              <StripsPane reading={reading} />
              <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1.5 }}>
                <Button
                  variant="contained"
                  disabled={busy || turnedDeg === null || turnedDeg === undefined}
                  onClick={() => void keep()}
                  sx={{ minHeight: 44 }}
                >
                  {busy ? 'keeping…' : 'Keep this look'}
                </Button>
                {!first && (
                  <Button
                    variant="outlined"
                    onClick={() => {
                      if (ring.picture) setFirst({ reading, file: ring.picture.file })
                      setTakingSecond(true)
                    }}
                    sx={{ minHeight: 44 }}
                  >
                    Second picture
                  </Button>
                )}
                <Button
                  onClick={() => {
                    setFirst(null)
                    setTakingSecond(true)
                  }}
                  sx={{ minHeight: 44 }}
                >
                  Other picture
                </Button>
              </Box>
            </>
          )}
          <WorkError text={error} />
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25, mt: 2 }}>
            <TextField
              size="small"
              label="Radius, mm"
              value={draft?.radius ?? ''}
              error={radiusMm === null}
              helperText={
                radiusMm === null ? 'A figure in mm: where the ticks meet.' : 'where the ticks meet'
              }
              onChange={(event) => form.type({ radius: event.target.value })}
            />
            <TextField
              size="small"
              label="Dial below ring, mm"
              value={depth}
              error={!isDepth}
              helperText={isDepth ? 'what a tilted camera makes of it' : `0 to ${MOST_DEPTH_MM} mm`}
              onChange={(event) => setDepth(event.target.value)}
            />
          </Box>
        </Box>
      </Box>
    </Dialog>
  )
}

const SECOND_ADVICE = [
  'The camera stays where it is; the head is turned by half under it, its 12 down.',
  'What depth and tilt added goes the other way now, and out of the mean.',
]

function figureOf(text: string): number | null {
  const parsed = parseMm(text)
  return parsed.ok && parsed.valueMm >= 0 ? parsed.valueMm : null
}

function troubleOf(outcome: ReturnType<typeof useRingPicture>['outcome']): string | null {
  if (!outcome || outcome.ok) return null
  const which = outcome.track === 'inner' ? 'The dial’s ticks' : 'The ring’s ticks'
  return outcome.reason === 'outside'
    ? `${which}: their circle leaves the picture. Draw it in, or take the picture again with all of the head in it.`
    : `${which}: no 60 ticks between its two circles. Draw them over the ticks by their handles.`
}
