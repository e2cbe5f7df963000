'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useRef, useState } from 'react'
import type { PointerEvent } from 'react'
import type { Pixel } from '@/core/photo-gauge/GreyImage'
import type { SheetCorners } from '@/core/photo-gauge/locateSheet'
import type { SeenArc } from '@/core/photo-gauge/readPicture'
import { formatMm } from '@/core/units/formatMm'
import { PictureHandle } from './PictureHandle'
import { moved, viewBoxOf, wholePicture, zoomedAbout } from './pictureZoom'
import type { GaugePicture } from './usePhotoGauge'

export interface PicturePaneProps {
  readonly picture: GaugePicture
  readonly corners: SheetCorners | null
  readonly onCorners: (corners: SheetCorners) => void
  readonly arcs: readonly SeenArc[]
  /** indices into arcs */
  readonly chosen: readonly number[]
  readonly onToggle: (index: number) => void
  /** edge points that lie on their circle and those left out, px */
  readonly kept: readonly Pixel[]
  readonly leftOut: readonly Pixel[]
}

/** Clockwise. */
const CORNERS = ['first corner, with the dot', 'second corner', 'third corner', 'fourth corner']
const ZOOM_STEP = 1.5
const WHEEL_STEP = 1.15

/** The picture with what was found on it: handles on the corners, edges to be chosen, points that count. */
export function PicturePane(props: PicturePaneProps) {
  const { picture, corners, onCorners, arcs, chosen, onToggle, kept, leftOut } = props
  const svg = useRef<SVGSVGElement>(null)
  const [zoom, setZoom] = useState(() => wholePicture(picture))
  const [drag, setDrag] = useState<Pixel | null>(null)
  const pixelOf = (event: { clientX: number; clientY: number }): Pixel | null => {
    const matrix = svg.current?.getScreenCTM()
    if (!matrix) return null
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse())
    return { x, y }
  }
  const pan = (event: PointerEvent) => {
    const at = pixelOf(event)
    if (!drag || !at) return
    setZoom(moved(zoom, { x: drag.x - at.x, y: drag.y - at.y }, picture))
  }
  const moveCorner = (index: number, to: Pixel) => {
    if (!corners) return
    const at = {
      x: Math.min(picture.widthPx - 1, Math.max(0, to.x)),
      y: Math.min(picture.heightPx - 1, Math.max(0, to.y)),
    }
    const [a, b, c, d] = corners.map((corner, i) => (i === index ? at : corner))
    if (a && b && c && d) onCorners([a, b, c, d])
  }
  const zoomBy = (factor: number) => setZoom(zoomedAbout(zoom, zoom.centre, factor, picture))
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', minHeight: 0, height: '100%' }}>
      <svg
        ref={svg}
        viewBox={viewBoxOf(zoom, picture)}
        role="group"
        aria-label="Picture with its edges"
        style={{
          flex: '1 1 0',
          minHeight: 0,
          width: '100%',
          touchAction: 'none',
          background: 'var(--mui-palette-paper-rail)',
        }}
        onWheel={(event) => {
          const at = pixelOf(event)
          if (at) setZoom(zoomedAbout(zoom, at, event.deltaY < 0 ? WHEEL_STEP : 1 / WHEEL_STEP, picture))
        }}
        onPointerDown={(event) => setDrag(pixelOf(event))}
        onPointerMove={pan}
        onPointerUp={() => setDrag(null)}
        onPointerLeave={() => setDrag(null)}
      >
        <image href={picture.src} width={picture.widthPx} height={picture.heightPx} />
        {arcs.map((seen, i) => (
          <EdgeMark key={i} seen={seen} chosen={chosen.includes(i)} onToggle={() => onToggle(i)} />
        ))}
        <Dots points={kept} colour="var(--mui-palette-primary-main)" />
        <Dots points={leftOut} colour="var(--mui-palette-error-main)" />
        {corners?.map((corner, i) => (
          <PictureHandle
            key={i}
            name={CORNERS[i] ?? 'corner'}
            mark={String(i + 1)}
            at={corner}
            sizePx={picture.widthPx / zoom.times / 45}
            pixelOf={pixelOf}
            onMove={(to) => moveCorner(i, to)}
          />
        ))}
      </svg>
      <Box
        sx={{ display: 'flex', gap: 1, pt: 1, alignItems: 'center', fontSize: 14, color: 'text.secondary' }}
      >
        <Button variant="outlined" size="small" onClick={() => zoomBy(ZOOM_STEP)}>
          Nearer
        </Button>
        <Button variant="outlined" size="small" onClick={() => zoomBy(1 / ZOOM_STEP)}>
          Farther
        </Button>
        <Button variant="outlined" size="small" onClick={() => setZoom(wholePicture(picture))}>
          Whole picture
        </Button>
        <span>wheel to zoom, drag to move; click an edge to choose it</span>
      </Box>
    </Box>
  )
}

/** An edge as a line one can hit with a thumb. */
function EdgeMark({ seen, chosen, onToggle }: { seen: SeenArc; chosen: boolean; onToggle: () => void }) {
  const path = pathOf(seen.pixels)
  const words = `${seen.side === 'outline' ? 'outline' : 'hole'} ${formatMm(2 * seen.arc.fit.radiusMm)}`
  return (
    <g onClick={onToggle} style={{ cursor: 'pointer' }}>
      <title>{words}</title>
      <path
        d={path}
        fill="none"
        stroke={chosen ? 'var(--mui-palette-warning-main)' : 'var(--mui-palette-primary-main)'}
        strokeWidth={chosen ? 2.5 : 1.2}
        strokeDasharray={seen.side === 'hole' ? '5 4' : undefined}
        vectorEffect="non-scaling-stroke"
      />
      <path d={path} fill="none" stroke="transparent" strokeWidth={16} vectorEffect="non-scaling-stroke" />
    </g>
  )
}

/** Points of joined arcs are not in one row: a gap lifts the pen. */
const GAP_PX = 12

function pathOf(pixels: readonly Pixel[]): string {
  let path = ''
  let last: Pixel | null = null
  for (const pixel of pixels) {
    const joined = last !== null && Math.hypot(pixel.x - last.x, pixel.y - last.y) <= GAP_PX
    path += `${joined ? 'L' : 'M'}${pixel.x.toFixed(1)} ${pixel.y.toFixed(1)}`
    last = pixel
  }
  return path
}

function Dots({ points, colour }: { points: readonly Pixel[]; colour: string }) {
  return (
    <path
      d={points.map(({ x, y }) => `M${x.toFixed(1)} ${y.toFixed(1)}h0`).join('')}
      stroke={colour}
      strokeWidth={3.5}
      strokeLinecap="round"
      vectorEffect="non-scaling-stroke"
      pointerEvents="none"
    />
  )
}
