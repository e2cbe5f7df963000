import type { GreyImage, Pixel } from '../photo-gauge/GreyImage'
import { shrunk, unshrunk } from '../photo-gauge/GreyImage'
import { fitTicks } from './fitTicks'
import { roughMiddle } from './roughMiddle'
import type { Track } from './tickStrip'
import { movedTo, ticksOf, unrolled } from './tickStrip'

const { max, min, round, floor } = Math

/** Longest side at which a middle is looked for, px. */
const MIDDLE_SIDE_PX = 240
/** Longest side at which tracks are looked for, px. */
const TRACK_SIDE_PX = 500
const STEPS = 720
/** Tracks lie between these parts of half the shorter side. */
const LEAST_RADIUS_SHARE = 0.25
/** A track reaches as far as its ticks are this part of its strongest radius’s. */
const BAND_SHARE = 0.5
/** A second track is at least this part of the first. */
const LEAST_PEAK_SHARE = 0.2
/** Thinner than this part of its radius is no track. */
const LEAST_WIDTH_SHARE = 0.012
/** Of a track that is one, about a middle that is nearly its own. */
const MOST_UNSURE_DEG = 0.1
const LEAST_SEEN_SHARE = 0.48
const CENTRINGS = 4
/** Before the last of them every so many px of radius are enough. */
const COARSE_PX = 3

/** Tracks of 60 ticks in a picture, the inner one first. */
export type FoundTracks =
  | { readonly ok: true; readonly inner: Track; readonly outer: Track }
  | { readonly ok: false; readonly reason: 'no-ticks' | 'one-track' }

/** Finds the two strongest tracks of ticks round one middle: the dial’s and the ring’s. Places in the picture’s own pixels. */
export function findTracks(image: GreyImage): FoundTracks {
  const longest = max(image.widthPx, image.heightPx)
  const toMiddle = max(1, round(longest / MIDDLE_SIDE_PX))
  const factor = max(1, round(longest / TRACK_SIDE_PX))
  const small = factor === 1 ? image : shrunk(image, factor)
  const middle = unshrunk(roughMiddle(shrunk(image, toMiddle)), toMiddle)
  let centre: Pixel = { x: (middle.x - (factor - 1) / 2) / factor, y: (middle.y - (factor - 1) / 2) / factor }
  let strengths: readonly number[] = []
  const [from, to] = radiiIn(small, centre)
  for (let pass = 0; pass < CENTRINGS; pass++) {
    const isLast = pass === CENTRINGS - 1
    const stride = isLast ? 1 : COARSE_PX
    // Once centred, a fit starts from there.
    const fits = Array.from({ length: floor((to - from) / stride) }, (_, i) =>
      fitAt(small, centre, from + i * stride, pass > 0),
    )
    strengths = fits.map((fit) => (fit ? fit.strength * fit.seen : 0))
    const best = strengths.indexOf(max(...strengths))
    const fit = fits[best]
    if (!fit) return { ok: false, reason: 'no-ticks' }
    if (isLast) break
    const radius = from + best * stride + 0.5
    centre = movedTo({ centre, twelveDeg: 0 }, fit, radius)
  }
  const [a, b] = bandsOf(strengths, from).filter((band) => isTrack(small, centre, band))
  if (!a) return { ok: false, reason: 'no-ticks' }
  if (!b) return { ok: false, reason: 'one-track' }
  const trackOf = ({ inner, outer }: Band): Track => ({
    centre: unshrunk(centre, factor),
    innerPx: inner * factor,
    outerPx: outer * factor,
    twelveDeg: 0,
  })
  const [inner, outer] = a.inner < b.inner ? [a, b] : [b, a]
  return { ok: true, inner: trackOf(inner), outer: trackOf(outer) }
}

function radiiIn({ widthPx, heightPx }: GreyImage, { x, y }: Pixel): readonly [number, number] {
  const room = floor(min(x, y, widthPx - 1 - x, heightPx - 1 - y)) - 2
  const least = round((LEAST_RADIUS_SHARE * min(widthPx, heightPx)) / 2)
  return [least, max(least + 1, room)]
}

function fitAt(image: GreyImage, centre: Pixel, radius: number, isCentred: boolean) {
  const strip = unrolled(image, { centre, innerPx: radius, outerPx: radius + 1, twelveDeg: 0 }, STEPS)
  return strip && fitTicks(ticksOf(strip), isCentred)
}

/** Stripes of something else fall in with 60 ticks here and there: a track is sure of itself, and seen. */
function isTrack(image: GreyImage, centre: Pixel, { inner, outer }: Band): boolean {
  const strip = unrolled(image, { centre, innerPx: inner, outerPx: outer, twelveDeg: 0 }, STEPS)
  const fit = strip && fitTicks(ticksOf(strip), true)
  return fit !== null && fit.uncertaintyDeg < MOST_UNSURE_DEG && fit.seen > LEAST_SEEN_SHARE
}

interface Band {
  readonly inner: number
  readonly outer: number
}

/** The two strongest runs of radii in which ticks are seen, each by its own strongest radius; the strongest first. */
function bandsOf(strengths: readonly number[], from: number): Band[] {
  const left = [...strengths]
  const bands: Band[] = []
  const strongest = max(...strengths)
  while (bands.length < 2) {
    const peak = max(...left)
    if (peak < LEAST_PEAK_SHARE * strongest || peak === 0) break
    const at = left.indexOf(peak)
    const [first, last] = [edgeOf(left, at, -1), edgeOf(left, at, 1)]
    const band = { inner: from + first, outer: from + last + 1 }
    if (band.outer - band.inner >= LEAST_WIDTH_SHARE * band.outer) bands.push(band)
    // Its flanks, as far as they fall, are no track of their own.
    left.fill(0, flankOf(left, first, -1), flankOf(left, last, 1) + 1)
  }
  return bands
}

/** How far a track reaches from its strongest radius: to where its ticks fade. */
function edgeOf(strengths: readonly number[], at: number, by: 1 | -1): number {
  let edge = at
  while ((strengths[edge + by] ?? 0) >= BAND_SHARE * (strengths[at] ?? 0)) edge += by
  return edge
}

/** The last radius of a run that goes on falling. */
function flankOf(strengths: readonly number[], from: number, by: 1 | -1): number {
  let at = from
  while ((strengths[at + by] ?? Infinity) <= (strengths[at] ?? 0)) at += by
  return at
}
