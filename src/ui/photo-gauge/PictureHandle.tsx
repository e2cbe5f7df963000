'use client'
import { useState } from 'react'
import type { KeyboardEvent } from 'react'
import type { Pixel } from '@/core/photo-gauge/GreyImage'

export interface PictureHandleProps {
  readonly name: string
  /** written beside it */
  readonly mark: string
  readonly at: Pixel
  /** radius in picture pixels */
  readonly sizePx: number
  /** place in the picture of a place on the screen */
  readonly pixelOf: (event: { clientX: number; clientY: number }) => Pixel | null
  readonly onMove: (to: Pixel) => void
}

const STEP_PX = 1
const LONG_STEP_PX = 10

/** A ring on a place of a picture: dragged, or moved by arrow keys. */
export function PictureHandle({ name, mark, at, sizePx, pixelOf, onMove }: PictureHandleProps) {
  const [held, setHeld] = useState(false)
  const onKeyDown = (event: KeyboardEvent) => {
    const step = event.shiftKey ? LONG_STEP_PX : STEP_PX
    const by = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[
      event.key
    ]
    if (!by) return
    event.preventDefault()
    onMove({ x: at.x + (by[0] ?? 0), y: at.y + (by[1] ?? 0) })
  }
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`${name}, at ${Math.round(at.x)}, ${Math.round(at.y)}: arrow keys move it`}
      onKeyDown={onKeyDown}
      onPointerDown={(event) => {
        event.stopPropagation()
        event.currentTarget.setPointerCapture(event.pointerId)
        setHeld(true)
      }}
      onPointerMove={(event) => {
        const to = held ? pixelOf(event) : null
        if (to) onMove(to)
      }}
      onPointerUp={() => setHeld(false)}
      style={{ cursor: held ? 'grabbing' : 'grab' }}
    >
      <circle
        cx={at.x}
        cy={at.y}
        r={sizePx}
        fill="transparent"
        stroke="var(--mui-palette-warning-main)"
        strokeWidth={3}
        vectorEffect="non-scaling-stroke"
      />
      <path
        d={`M${at.x - sizePx} ${at.y}h${2 * sizePx}M${at.x} ${at.y - sizePx}v${2 * sizePx}`}
        stroke="var(--mui-palette-warning-main)"
        strokeWidth={1}
        vectorEffect="non-scaling-stroke"
      />
      <text
        x={at.x + sizePx * 1.2}
        y={at.y - sizePx * 0.6}
        fontSize={sizePx * 1.2}
        fill="var(--mui-palette-warning-main)"
        // Read on any picture: dark or pale.
        stroke="var(--mui-palette-background-paper)"
        strokeWidth={sizePx / 4}
        paintOrder="stroke"
      >
        {mark}
      </text>
    </g>
  )
}
