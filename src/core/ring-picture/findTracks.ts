import type { GreyImage, Pixel } from '../photo-gauge/GreyImage'
import { shrunk, unshrunk } from '../photo-gauge/GreyImage'
import type { TicksFit } from './fitTicks'
import { fitTicks, wrapped } from './fitTicks'
import { roughMiddle } from './roughMiddle'
import type { Track } from './tickStrip'
import { movedTo, ticksOf, unrolled } from './tickStrip'

const { abs, ceil, hypot, max, min, round, floor } = Math

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
/** Between two tracks ticks fade by this part at least, though blur fills the gap. */
const LEAST_DIP = 0.2
/** Within these, what stands on both sides of a dip is one print. */
const SAME_TURN_DEG = 0.05
const SAME_MIDDLE_PX = 0.4
const CENTRINGS = 4
/** Before the last of them every so many px of radius are enough. */
const COARSE_PX = 3

/** Tracks of 60 ticks in a picture, the inner one first. */
export type FoundTracks =
  | { readonly ok: true; readonly inner: Track; readonly outer: Track }
  | { readonly ok: false; readonly reason: 'no-ticks' | 'one-track' }

/**
 * Finds the two strongest tracks of ticks round one middle: the dial’s and the ring’s. Places in the picture’s own pixels.
 * Where none are round the middle that edges vote for, it is tried about that of the picture, where heads mostly lie.
 */
export function findTracks(image: GreyImage): FoundTracks {
  const longest = max(image.widthPx, image.heightPx)
  const toMiddle = max(1, round(longest / MIDDLE_SIDE_PX))
  const factor = max(1, round(longest / TRACK_SIDE_PX))
  const small = factor === 1 ? image : shrunk(image, factor)
  const voted = unshrunk(roughMiddle(shrunk(image, toMiddle)), toMiddle)
  const found = tracksAbout(small, {
    x: (voted.x - (factor - 1) / 2) / factor,
    y: (voted.y - (factor - 1) / 2) / factor,
  })
  const tracks = found.ok ? found : orElse(found, tracksAbout(small, middleOf(small)))
  if (!tracks.ok) return tracks
  const atFullSize = ({ centre, innerPx, outerPx, twelveDeg }: Track): Track => ({
    centre: unshrunk(centre, factor),
    innerPx: innerPx * factor,
    outerPx: outerPx * factor,
    twelveDeg,
  })
  return { ok: true, inner: atFullSize(tracks.inner), outer: atFullSize(tracks.outer) }
}

function middleOf({ widthPx, heightPx }: GreyImage): Pixel {
  return { x: (widthPx - 1) / 2, y: (heightPx - 1) / 2 }
}

/** What was found at the second try; of two that failed the one that saw more. */
function orElse(first: FoundTracks, second: FoundTracks): FoundTracks {
  return !second.ok && second.reason === 'no-ticks' ? first : second
}

/** The same about a middle that is roughly theirs. */
function tracksAbout(small: GreyImage, middle: Pixel): FoundTracks {
  let centre = middle
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
  const bands = bandsOf(strengths, from).filter((band) => isTrack(small, centre, band))
  const [a, b] = bands.length === 1 ? parted(small, centre, bands, strengths, from) : bands
  if (!a) return { ok: false, reason: 'no-ticks' }
  if (!b) return { ok: false, reason: 'one-track' }
  const trackOf = ({ inner, outer }: Band): Track => ({
    centre,
    innerPx: inner,
    outerPx: outer,
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
function isTrack(image: GreyImage, centre: Pixel, band: Band): boolean {
  const fit = fitOfBand(image, centre, band)
  return fit !== null && fit.uncertaintyDeg < MOST_UNSURE_DEG && fit.seen > LEAST_SEEN_SHARE
}

function fitOfBand(image: GreyImage, centre: Pixel, { inner, outer }: Band): TicksFit | null {
  const strip = unrolled(image, { centre, innerPx: inner, outerPx: outer, twelveDeg: 0 }, STEPS)
  return strip && fitTicks(ticksOf(strip), true)
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

/**
 * Two tracks so near each other that blur fills the gap between them: one band with a dip, and each side of it its own
 * turn or middle. What is the same on both sides is one track.
 */
function parted(
  image: GreyImage,
  centre: Pixel,
  bands: readonly Band[],
  strengths: readonly number[],
  from: number,
): readonly Band[] {
  const [whole] = bands
  if (!whole) return bands
  const least = ceil(LEAST_WIDTH_SHARE * whole.outer)
  const inside = strengths.slice(whole.inner - from, whole.outer - from)
  const dips = inside
    .map((strength, at) => ({
      at,
      depth: 1 - strength / min(max(...inside.slice(0, at), 0), max(...inside.slice(at + 1), 0)),
    }))
    .slice(least, inside.length - least)
  const deepest = dips.reduce((best, dip) => (dip.depth > best.depth ? dip : best), { at: 0, depth: 0 })
  if (deepest.depth < LEAST_DIP) return bands
  const at = whole.inner + deepest.at
  const halves = [
    { inner: whole.inner, outer: at },
    { inner: at + 1, outer: whole.outer },
  ]
  const [one, other] = halves.map((band) => fitOfBand(image, centre, band))
  if (!one || !other) return bands
  const turnDeg = abs(wrapped(one.turnedDeg - other.turnedDeg))
  const shiftPx = at * hypot(one.towards3 - other.towards3, one.towards12 - other.towards12)
  return turnDeg < SAME_TURN_DEG && shiftPx < SAME_MIDDLE_PX ? bands : halves
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
