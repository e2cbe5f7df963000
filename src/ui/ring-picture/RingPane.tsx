'use client'
import { useRef } from 'react'
import type { Pixel } from '@/core/photo-gauge/GreyImage'
import type { Track } from '@/core/ring-picture/tickStrip'
import { PictureHandle } from '../photo-gauge/PictureHandle'
import type { RingPicture, RingTracks } from './useRingPicture'

interface RingPaneProps {
  readonly picture: RingPicture
  readonly tracks: RingTracks
  readonly onTracks: (tracks: RingTracks) => void
}

const COLOURS = {
  inner: 'var(--mui-palette-primary-main)',
  outer: 'var(--mui-palette-warning-main)',
} as const
const RAD = Math.PI / 180
/** Handles are this part of the picture's width. */
const HANDLE_SHARE = 1 / 60
/** The 12 stands so far inside the dial's ticks. */
const TWELVE_SHARE = 0.8
/** Circles stand in this order from the middle out, at least so far apart, px. */
const APART_PX = 2

/** The picture with the four circles that hold the two tracks, their middle, and the dial's 12: each can be set by hand. */
export function RingPane({ picture, tracks, onTracks }: RingPaneProps) {
  const svg = useRef<SVGSVGElement>(null)
  const { inner, outer } = tracks
  const { centre, twelveDeg } = inner
  const sizePx = picture.widthPx * HANDLE_SHARE
  const pixelOf = (event: { clientX: number; clientY: number }): Pixel | null => {
    const matrix = svg.current?.getScreenCTM()
    if (!matrix) return null
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse())
    return { x, y }
  }
  const both = (over: Partial<Track>) =>
    onTracks({ inner: { ...inner, ...over }, outer: { ...outer, ...over } })
  const at = (radiusPx: number, deg: number): Pixel => ({
    x: centre.x + radiusPx * Math.sin((deg + twelveDeg) * RAD),
    y: centre.y - radiusPx * Math.cos((deg + twelveDeg) * RAD),
  })
  const circles = [
    [
      'dial’s ticks, inside',
      'a',
      inner.innerPx,
      60,
      (px: number) => onTracks({ ...tracks, inner: { ...inner, innerPx: px } }),
    ],
    [
      'dial’s ticks, outside',
      'b',
      inner.outerPx,
      80,
      (px: number) => onTracks({ ...tracks, inner: { ...inner, outerPx: px } }),
    ],
    [
      'ring’s ticks, inside',
      'c',
      outer.innerPx,
      100,
      (px: number) => onTracks({ ...tracks, outer: { ...outer, innerPx: px } }),
    ],
    [
      'ring’s ticks, outside',
      'd',
      outer.outerPx,
      120,
      (px: number) => onTracks({ ...tracks, outer: { ...outer, outerPx: px } }),
    ],
  ] as const
  const setRadius = (index: number, to: Pixel) => {
    const [below, own, above] = [
      circles[index - 1]?.[2] ?? 0,
      circles[index],
      circles[index + 1]?.[2] ?? Infinity,
    ]
    const px = Math.hypot(to.x - centre.x, to.y - centre.y)
    own?.[4](Math.min(above - APART_PX, Math.max(below + APART_PX, px)))
  }
  return (
    <svg
      ref={svg}
      viewBox={`0 0 ${picture.widthPx} ${picture.heightPx}`}
      role="group"
      aria-label="Picture with its rings"
      style={{
        width: '100%',
        height: '100%',
        touchAction: 'none',
        background: 'var(--mui-palette-paper-rail)',
      }}
    >
      <image href={picture.src} width={picture.widthPx} height={picture.heightPx} />
      {circles.map(([name, , radiusPx], i) => (
        <circle
          key={name}
          cx={i < 2 ? inner.centre.x : outer.centre.x}
          cy={i < 2 ? inner.centre.y : outer.centre.y}
          r={radiusPx}
          fill="none"
          stroke={i < 2 ? COLOURS.inner : COLOURS.outer}
          strokeWidth={1.5}
          strokeDasharray={i % 2 === 0 ? '6 5' : undefined}
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {circles.map(([name, mark, radiusPx, deg], i) => (
        <PictureHandle
          key={name}
          name={name}
          mark={mark}
          at={at(radiusPx, deg)}
          sizePx={sizePx}
          pixelOf={pixelOf}
          onMove={(to) => setRadius(i, to)}
        />
      ))}
      <PictureHandle
        name="middle"
        mark=""
        at={centre}
        sizePx={sizePx}
        pixelOf={pixelOf}
        onMove={(to) => both({ centre: to })}
      />
      <PictureHandle
        name="dial’s 12"
        mark="12"
        at={at(inner.innerPx * TWELVE_SHARE, 0)}
        sizePx={sizePx}
        pixelOf={pixelOf}
        onMove={(to) => both({ twelveDeg: Math.atan2(to.x - centre.x, centre.y - to.y) / RAD })}
      />
    </svg>
  )
}
