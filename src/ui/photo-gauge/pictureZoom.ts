import type { Pixel } from '@/core/photo-gauge/GreyImage'

/** The part of a picture that is shown: its middle and how many times it is enlarged. */
export interface PictureZoom {
  readonly centre: Pixel
  /** 1 shows the whole picture */
  readonly times: number
}

export interface PictureSize {
  readonly widthPx: number
  readonly heightPx: number
}

export const MOST_TIMES = 16

export function wholePicture({ widthPx, heightPx }: PictureSize): PictureZoom {
  return { centre: { x: widthPx / 2, y: heightPx / 2 }, times: 1 }
}

/** Enlarges about a place of the picture, which stays where it is on the screen as far as the edges let it. */
export function zoomedAbout(zoom: PictureZoom, at: Pixel, factor: number, size: PictureSize): PictureZoom {
  const times = Math.min(MOST_TIMES, Math.max(1, zoom.times * factor))
  const kept = zoom.times / times
  return within(
    {
      times,
      centre: { x: at.x + (zoom.centre.x - at.x) * kept, y: at.y + (zoom.centre.y - at.y) * kept },
    },
    size,
  )
}

/** Moves the shown part by picture pixels, never past the picture's edge. */
export function moved(zoom: PictureZoom, by: Pixel, size: PictureSize): PictureZoom {
  return within({ ...zoom, centre: { x: zoom.centre.x + by.x, y: zoom.centre.y + by.y } }, size)
}

function within({ centre, times }: PictureZoom, { widthPx, heightPx }: PictureSize): PictureZoom {
  const clamp = (value: number, length: number) => {
    const half = length / (2 * times)
    return Math.min(length - half, Math.max(half, value))
  }
  return { times, centre: { x: clamp(centre.x, widthPx), y: clamp(centre.y, heightPx) } }
}

/** What an SVG shows for a zoom. */
export function viewBoxOf({ centre, times }: PictureZoom, { widthPx, heightPx }: PictureSize): string {
  const [width, height] = [widthPx / times, heightPx / times]
  return [centre.x - width / 2, centre.y - height / 2, width, height].map((v) => v.toFixed(2)).join(' ')
}
