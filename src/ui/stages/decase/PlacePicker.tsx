import Box from '@mui/material/Box'
import ButtonBase from '@mui/material/ButtonBase'
import { useState } from 'react'
import { planPoint } from '@/core/plan-view/planViewGeometry'
import type { PhotoView } from '@/services/tray/jobView'
import { Picture } from '../intake/PhotoShelf'

/** Where the next part comes from. */
export type PartPlace =
  | { readonly kind: 'untold' }
  | { readonly kind: 'clock'; readonly hour: number }
  | { readonly kind: 'photo'; readonly photoId: number; readonly x: number; readonly y: number }

const HOURS = Array.from({ length: 12 }, (_, i) => i + 1)

/** One hour further round; from an untold place the first step goes to 12. */
export function turnedPlace(place: PartPlace, by: 1 | -1): PartPlace {
  if (place.kind !== 'clock') return { kind: 'clock', hour: 12 }
  return { kind: 'clock', hour: ((place.hour - 1 + by + 12) % 12) + 1 }
}

export interface PlacePickerProps {
  readonly place: PartPlace
  readonly photos: readonly PhotoView[]
  readonly onPlace: (place: PartPlace) => void
}

/** A clock face to tap, or one of the tray's pictures to point at. */
export function PlacePicker({ place, photos, onPlace }: PlacePickerProps) {
  const [photoId, setPhotoId] = useState<number | null>(null)
  const photo = photos.find((p) => p.id === photoId) ?? null
  return (
    <Box>
      {photo ? (
        <PicturePlace photo={photo} place={place} onPlace={onPlace} />
      ) : (
        <ClockPlace place={place} onPlace={onPlace} />
      )}
      <Box sx={{ fontSize: 12.5, color: 'text.secondary', lineHeight: 1.3 }}>
        {place.kind === 'untold'
          ? 'place not told'
          : place.kind === 'clock'
            ? `at ${place.hour}`
            : 'on the picture'}{' '}
        {place.kind !== 'untold' && (
          <ButtonBase
            sx={{ textDecoration: 'underline', font: 'inherit' }}
            onClick={() => onPlace({ kind: 'untold' })}
          >
            clear
          </ButtonBase>
        )}
      </Box>
      {photos.length > 0 && (
        <select
          aria-label="Place on"
          value={photoId ?? ''}
          onChange={(event) => setPhotoId(event.target.value === '' ? null : Number(event.target.value))}
          style={{ font: 'inherit', fontSize: 13, maxWidth: '100%' }}
        >
          <option value="">clock face</option>
          {photos.map((p) => (
            <option key={p.id} value={p.id}>
              {p.caption || `picture ${p.id}`}
            </option>
          ))}
        </select>
      )}
    </Box>
  )
}

const FACE = 62
const TICK = 48

function ClockPlace({ place, onPlace }: Pick<PlacePickerProps, 'place' | 'onPlace'>) {
  return (
    <svg
      viewBox={`${-FACE} ${-FACE} ${2 * FACE} ${2 * FACE}`}
      width="124"
      height="124"
      role="group"
      aria-label="Place, clock positions"
    >
      <circle r={FACE - 2} fill="none" stroke="var(--mui-palette-divider)" />
      {HOURS.map((hour) => {
        const { xMm: x, yMm: y } = planPoint(TICK, hour * 30)
        const on = place.kind === 'clock' && place.hour === hour
        return (
          <g
            key={hour}
            role="button"
            aria-label={`at ${hour}`}
            aria-pressed={on}
            onClick={() => onPlace({ kind: 'clock', hour })}
            style={{ cursor: 'pointer' }}
          >
            <circle
              cx={x.toFixed(2)}
              cy={y.toFixed(2)}
              r={12}
              fill={on ? 'var(--mui-palette-primary-main)' : 'transparent'}
            />
            <text
              x={x.toFixed(2)}
              y={(y + 4.2).toFixed(2)}
              fontSize={12}
              textAnchor="middle"
              className="figure"
              fill={on ? 'var(--mui-palette-primary-contrastText)' : 'currentColor'}
            >
              {hour}
            </text>
          </g>
        )
      })}
    </svg>
  )
}

function PicturePlace({
  photo,
  place,
  onPlace,
}: {
  photo: PhotoView
  place: PartPlace
  onPlace: (place: PartPlace) => void
}) {
  const marked = place.kind === 'photo' && place.photoId === photo.id ? place : null
  return (
    <Box
      component="button"
      type="button"
      aria-label="Point at the place on the picture"
      onClick={(event: React.MouseEvent<HTMLElement>) => {
        const box = event.currentTarget.getBoundingClientRect()
        // Enter or space on it points at the middle.
        const keyed = event.detail === 0
        onPlace({
          kind: 'photo',
          photoId: photo.id,
          x: keyed ? 0.5 : (event.clientX - box.left) / box.width,
          y: keyed ? 0.5 : (event.clientY - box.top) / box.height,
        })
      }}
      sx={{
        position: 'relative',
        p: 0,
        border: 0,
        display: 'inline-block',
        lineHeight: 0,
        cursor: 'crosshair',
      }}
    >
      <Picture photo={photo} heightPx={110} />
      {marked && (
        <Box
          component="span"
          sx={{
            position: 'absolute',
            left: `${marked.x * 100}%`,
            top: `${marked.y * 100}%`,
            width: 14,
            height: 14,
            ml: '-7px',
            mt: '-7px',
            border: '3px solid',
            borderColor: 'error.main',
            borderRadius: '50%',
          }}
        />
      )}
    </Box>
  )
}
