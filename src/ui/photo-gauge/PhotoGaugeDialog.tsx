'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import LinearProgress from '@mui/material/LinearProgress'
import Typography from '@mui/material/Typography'
import { useMemo, useState } from 'react'
import type { Pixel } from '@/core/photo-gauge/GreyImage'
import type { PhotoDiameterOutcome, PhotoInput } from '@/core/photo-gauge/photoDiameter'
import { photoDiameter } from '@/core/photo-gauge/photoDiameter'
import type { PhotoDimension } from '@/core/photo-gauge/photoDimensions'
import { PHOTO_DIMENSIONS } from '@/core/photo-gauge/photoDimensions'
import type { PhotoGaugeSettings } from '@/services/tray/photoGauge'
import { useOneAtATime } from '../forms/useOneAtATime'
import { sendPicture } from '../small/sendPicture'
import { WorkError } from '../stages/shared/WorkError'
import type { StageWorkProps } from '../stages/StageWorkProps'
import { EdgeList } from './EdgeList'
import { GaugeSetup } from './GaugeSetup'
import { gaugeFigures, gaugeTexts } from './gaugeFields'
import { PhotoResult } from './PhotoResult'
import { PictureDrop } from './PictureDrop'
import { PicturePane } from './PicturePane'
import { usePhotoGauge } from './usePhotoGauge'

export interface PhotoGaugeDialogProps extends StageWorkProps {
  readonly settings: PhotoGaugeSettings
  readonly onClose: () => void
}

const ADVICE = [
  'Print the sheet at 100 % and measure its two bars: that takes the printer’s error off.',
  'Lay the pieces inside the frame, the square edge up, on something flat.',
  'Stand back 300 mm or more, zoom in, hold the lens straight above; all four corners in sight.',
  'Splinters cut: tweezers and finger cots, eyes protected.',
]
/** The server takes this many points an edge; more would say no more of a circle. */
const MOST_ARC_POINTS = 400

/** A picture of the gauge sheet, read: corners, edges, the circle chosen, its size with its doubt. */
export function PhotoGaugeDialog({ bench, actions, settings, onClose }: PhotoGaugeDialogProps) {
  const { view } = bench.state
  const edgeMm = view.readout.measured['crystal-edge']?.valueMm ?? view.sheet.crystalEdgeMm
  const [texts, setTexts] = useState(() => gaugeTexts(settings, edgeMm))
  const [dimension, setDimension] = useState<PhotoDimension>('crystal-diameter')
  const [chosen, setChosen] = useState<readonly number[]>([])
  const [error, setError] = useState<string | null>(null)
  const typed = useMemo(() => gaugeFigures(texts), [texts])
  const gauge = usePhotoGauge(typed.ok ? typed.figures : null)
  const standing = useMemo(() => chosen.filter((i) => i < gauge.arcs.length), [chosen, gauge.arcs])
  const input = useMemo<PhotoInput | null>(() => {
    const pixels = standing.map((i) => thinned(gauge.arcs[i]?.pixels ?? []))
    if (!typed.ok || pixels.length === 0) return null
    // The inside of a ring is seen where it meets the paper: its own height does not count.
    const onPaper = PHOTO_DIMENSIONS[dimension] === 'hole'
    const { edgeHeightMm, ...rest } = typed.figures
    return { arcs: pixels, marks: gauge.marks, ...rest, edgeHeightMm: onPaper ? 0 : edgeHeightMm }
  }, [standing, gauge.arcs, gauge.marks, typed, dimension])
  const outcome = useMemo(() => (input ? photoDiameter(input) : null), [input])
  const { kept, leftOut } = useMemo(() => pointsOf(input, outcome), [input, outcome])

  const toggle = (index: number) => {
    setError(null)
    setChosen((now) => (now.includes(index) ? now.filter((i) => i !== index) : [...now, index]))
  }
  const open = (file: File) => {
    setChosen([])
    setError(null)
    void gauge.open(file)
  }
  const [keep, busy] = useOneAtATime(async () => {
    if (!input || !gauge.picture) return
    const sent = await sendPicture(view.tray.id, gauge.picture.file)
    const wrong = sent.ok
      ? await bench.change(
          actions.takePhotoSize({ trayId: view.tray.id, dimension, photoId: sent.id, picture: input }),
        )
      : sent.message
    if (wrong !== null) return setError(wrong)
    setChosen([])
    onClose()
  })

  return (
    <Dialog open fullScreen onClose={onClose} aria-labelledby="photo-gauge-title">
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', md: 'minmax(0,1fr) 380px' },
          gridTemplateRows: { xs: 'auto 50vh auto', md: 'auto minmax(0,1fr)' },
          height: { md: '100%' },
          columnGap: 2.5,
          p: 2,
        }}
      >
        <Box sx={{ gridColumn: '1 / -1', display: 'flex', alignItems: 'baseline', gap: 2, pb: 1 }}>
          <Typography id="photo-gauge-title" variant="h1" component="h2">
            Photo gauge
          </Typography>
          <Box sx={{ color: 'text.secondary', flexGrow: 1 }}>
            tray {view.tray.number}, {view.tray.caseName}
          </Box>
          <Button onClick={onClose}>Close</Button>
        </Box>
        <Box sx={{ minHeight: 0 }}>
          {gauge.picture ? (
            <PicturePane
              key={gauge.picture.src}
              picture={gauge.picture}
              corners={gauge.corners}
              onCorners={gauge.setCorners}
              arcs={gauge.arcs}
              chosen={standing}
              onToggle={toggle}
              kept={kept}
              leftOut={leftOut}
            />
          ) : (
            <PictureDrop
              label="Picture of the gauge sheet"
              advice={ADVICE}
              samples={settings.samples}
              onFile={open}
              onSample={(sample) => setTexts(gaugeTexts(sample, sample.edgeHeightMm))}
              onTrouble={setError}
            />
          )}
        </Box>
        <Box sx={{ overflowY: 'auto', minHeight: 0 }}>
          <Box sx={{ minHeight: 26 }} aria-live="polite">
            {gauge.progress && (
              <>
                <LinearProgress
                  variant="determinate"
                  value={100 * gauge.progress.share}
                  aria-label="Reading the picture"
                />
                <Box sx={{ fontSize: 13.5, color: 'text.secondary' }}>{gauge.progress.words}…</Box>
              </>
            )}
          </Box>
          <WorkError text={gauge.trouble ?? (typed.ok ? null : typed.message)} />
          {gauge.arcs.length > 0 && (
            <>
              <PhotoResult outcome={outcome} />
              <Button
                variant="contained"
                disabled={busy || outcome?.ok !== true || outcome.disagreement !== null}
                onClick={() => void keep()}
                sx={{ mt: 1 }}
              >
                {busy ? 'keeping…' : 'Keep with its picture'}
              </Button>
            </>
          )}
          <WorkError text={error} />
          <GaugeSetup
            texts={texts}
            onTexts={setTexts}
            dimension={dimension}
            onDimension={setDimension}
            onOther={gauge.picture ? open : null}
          />
          {gauge.arcs.length > 0 && (
            <>
              <Typography
                variant="h3"
                component="h3"
                sx={{ mt: 1.5, mb: 0.5, fontSize: 15, fontWeight: 700 }}
              >
                Edges found
              </Typography>
              <EdgeList arcs={gauge.arcs} chosen={standing} onToggle={toggle} />
            </>
          )}
        </Box>
      </Box>
    </Dialog>
  )
}

function thinned(pixels: readonly Pixel[]): Pixel[] {
  const stride = Math.ceil(pixels.length / MOST_ARC_POINTS)
  return pixels.filter((_, i) => i % stride === 0)
}

function pointsOf(input: PhotoInput | null, outcome: PhotoDiameterOutcome | null) {
  const kept: Pixel[] = []
  const leftOut: Pixel[] = []
  if (input && outcome?.ok) {
    for (const [i, pixels] of input.arcs.entries()) {
      for (const [at, pixel] of pixels.entries()) {
        ;(outcome.arcs[i]?.inliers[at] ? kept : leftOut).push(pixel)
      }
    }
  }
  return { kept, leftOut }
}
