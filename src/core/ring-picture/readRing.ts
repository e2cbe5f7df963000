import type { GreyImage } from '../photo-gauge/GreyImage'
import type { Displacement } from '../straight/Displacement'
import type { ByPicture } from '../straight/StraightLook'
import type { TicksFit } from './fitTicks'
import { fitTicks, TICK_DEG, wrapped } from './fitTicks'
import type { Track } from './tickStrip'
import { movedTo, STRIP_STEPS, ticksOf, unrolled } from './tickStrip'
import type { KnownTick } from './whichTick'
import { whichTick } from './whichTick'

const { hypot, PI, sin, cos, round, sqrt } = Math

/** What a camera that was meant to look straight down may be off by, degrees, a half-width. From memory. */
const TILT_DEG = 4
/** What the reader itself leaves of a turn, whatever the picture: from the study of rendered heads, degrees. */
const READER_DEG = 0.005
const CENTRINGS = 4
/** Nearer than this, px, a track is unrolled round its own middle. */
const CENTRED_PX = 0.05

/** A track of ticks, read round its own middle. */
export interface ReadTrack {
  readonly track: Track
  readonly fit: TicksFit
  /** unrolled, tick side up; 12 of the picture first */
  readonly ticks: Float64Array
}

/** A ring against a dial, by one picture. */
export interface RingReading {
  readonly inner: ReadTrack
  readonly outer: ReadTrack
  readonly displacement: Displacement
  /** degrees */
  readonly turnUncertaintyDeg: number
  /** mm, either way: what is not known of depth and tilt is in it */
  readonly centreUncertaintyMm: number
  /** what of it a second picture, the head turned by half, takes away */
  readonly ofDepthMm: number
  readonly known: KnownTick
  /** by window round the circle: true where both tracks are seen */
  readonly seen: readonly boolean[]
}

export type RingOutcome =
  | { readonly ok: true; readonly reading: RingReading }
  | { readonly ok: false; readonly track: 'inner' | 'outer'; readonly reason: 'outside' | 'no-ticks' }

export interface RingAsked {
  readonly inner: Track
  readonly outer: Track
  /** where the ring's ticks meet the dial's, mm: it gives the picture its scale */
  readonly radiusMm: number
  /** how far the dial lies below the ring, mm */
  readonly depthMm: number
}

/**
 * How a ring stands to a dial: each track's ticks are read about its own middle, the turn is the difference of the two, and
 * the middles' is the shift. What of the turn is whole ticks is told by what does not repeat.
 * @param asked - tracks roughly where they are: their middles are found
 */
export function readRing(image: GreyImage, asked: RingAsked): RingOutcome {
  const inner = readTrack(image, asked.inner)
  if (!inner.ok) return { ok: false, track: 'inner', reason: inner.reason }
  const outer = readTrack(image, asked.outer)
  if (!outer.ok) return { ok: false, track: 'outer', reason: outer.reason }
  const [dial, ring] = [inner.read, outer.read]
  const partDeg = wrapped(ring.fit.turnedDeg - dial.fit.turnedDeg)
  const seen = dial.fit.windows.map((isSeen, i) => isSeen && (ring.fit.windows[i] ?? false))
  const which = whichTick(
    turnedBack(dial.ticks, dial.fit.turnedDeg),
    turnedBack(ring.ticks, dial.fit.turnedDeg + partDeg),
    seen,
  )
  const meetPx = (dial.track.outerPx + ring.track.innerPx) / 2
  const mmPerPx = asked.radiusMm / meetPx
  // As the dial stands, whichever way the picture was taken.
  const turn = ((dial.track.twelveDeg + dial.fit.turnedDeg) * PI) / 180
  const [x, y] = [ring.track.centre.x - dial.track.centre.x, ring.track.centre.y - dial.track.centre.y]
  const displacement = {
    turnedDeg: partDeg + which.ticks * TICK_DEG,
    towards3Mm: (x * cos(turn) + y * sin(turn)) * mmPerPx,
    towards12Mm: (x * sin(turn) - y * cos(turn)) * mmPerPx,
  }
  const ofTicksMm = [dial, ring].map(
    ({ fit }) => ((fit.uncertaintyDeg * PI) / 180) * asked.radiusMm * sqrt(2),
  )
  // A rectangular spread of the tilt to either side.
  const ofDepthMm = (asked.depthMm * sin((TILT_DEG * PI) / 180)) / sqrt(3)
  return {
    ok: true,
    reading: {
      inner: dial,
      outer: ring,
      displacement,
      turnUncertaintyDeg: hypot(dial.fit.uncertaintyDeg, ring.fit.uncertaintyDeg, READER_DEG),
      centreUncertaintyMm: hypot(...ofTicksMm, ofDepthMm),
      ofDepthMm,
      known: which.known,
      seen,
    },
  }
}

type TrackOutcome =
  | { readonly ok: true; readonly read: ReadTrack }
  | { readonly ok: false; readonly reason: 'outside' | 'no-ticks' }

/** Unrolls a track again and again, each time round the middle its ticks were found to have. */
function readTrack(image: GreyImage, asked: Track): TrackOutcome {
  let track = asked
  for (let pass = 0; ; pass++) {
    const strip = unrolled(image, track)
    if (!strip) return { ok: false, reason: 'outside' }
    const ticks = ticksOf(strip)
    const fit = fitTicks(ticks)
    if (!fit) return { ok: false, reason: 'no-ticks' }
    const radius = (track.innerPx + track.outerPx) / 2
    const centre = movedTo(track, fit, radius)
    const isCentred = hypot(centre.x - track.centre.x, centre.y - track.centre.y) < CENTRED_PX
    track = { ...track, centre }
    if (pass === CENTRINGS || isCentred) return { ok: true, read: { track, fit, ticks } }
  }
}

/** The same strip as if it were turned back by so much. */
function turnedBack(ticks: Float64Array, byDeg: number): Float64Array {
  const shift = round((byDeg * STRIP_STEPS) / 360)
  return ticks.map((_, i) => ticks[(i + shift + STRIP_STEPS) % STRIP_STEPS] ?? 0)
}

/**
 * One ring by two pictures, the head turned by half under a camera that stayed put: what depth and tilt shift goes the
 * other way in the second, and out of the mean.
 * @param second - with its 12 where it lies in that picture
 */
export function byTwoPictures(first: RingReading, second: RingReading): ByPicture {
  const [a, b] = [first.displacement, second.displacement]
  const mean = (of: (one: Displacement) => number) => (of(a) + of(b)) / 2
  // A turn is the same in both but for whole ticks, which the first one has.
  const againDeg = a.turnedDeg + wrapped(b.turnedDeg - a.turnedDeg)
  const ofTicks = ({ centreUncertaintyMm, ofDepthMm }: RingReading) =>
    sqrt(centreUncertaintyMm ** 2 - ofDepthMm ** 2)
  return {
    turnedDeg: (a.turnedDeg + againDeg) / 2,
    towards3Mm: mean(({ towards3Mm }) => towards3Mm),
    towards12Mm: mean(({ towards12Mm }) => towards12Mm),
    turnUncertaintyDeg: hypot(first.turnUncertaintyDeg, second.turnUncertaintyDeg) / 2,
    centreUncertaintyMm: hypot(ofTicks(first), ofTicks(second)) / 2,
  }
}

/** What one picture told. */
export function byOnePicture({
  displacement,
  turnUncertaintyDeg,
  centreUncertaintyMm,
}: RingReading): ByPicture {
  return { ...displacement, turnUncertaintyDeg, centreUncertaintyMm }
}
