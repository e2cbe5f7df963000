import { LuDecomposition, Matrix } from 'ml-matrix'

const { cos, sin, atan2, abs, hypot, PI, round, sqrt } = Math

/** Ticks of a full minute track. */
export const TICKS = 60
export const TICK_DEG = 360 / TICKS
/** Windows round the circle in which the ticks' phase is read. */
const WINDOWS = 72
/** Width of a window: over 60° what is longer every five minutes drops out of the phase of the ticks. */
const WINDOW_DEG = 60
/** Windows nearer to each other than this say the same twice. */
const INDEPENDENT_DEG = 22
const ROUNDS = 6
/** A window further off than so many times the usual residual is glare or a hand. */
const OUTLIER = 3
/** Weaker than this part of the strongest windows, ticks are not seen there. */
const LEAST_SEEN = 0.3
const LEAST_SEEN_SHARE = 0.4
/** Less of the swing than this in 60 ticks is none: noise has a hundredth. */
const LEAST_STRENGTH = 0.04
/** Middles that are tried, either way to each side, as ticks seem turned by them. */
const START_STEPS = 7
const START_STEP_DEG = 0.8

/** How a track's ticks stand about the middle it was unrolled round. */
export interface TicksFit {
  /** all of them, clockwise, but for whole ticks: −3° to 3° */
  readonly turnedDeg: number
  /** its own middle from the one it was unrolled round, as parts of its radius */
  readonly towards3: number
  readonly towards12: number
  /** standard uncertainty of the turn, degrees */
  readonly uncertaintyDeg: number
  /** part of the circle in which ticks are seen where the others say they are, 0 to 1 */
  readonly seen: number
  /** by window round the circle: true where they are */
  readonly windows: readonly boolean[]
  /** how much of the swing is 60 ticks, 0 to 1 */
  readonly strength: number
}

interface Window {
  readonly angle: number
  readonly phaseDeg: number
  readonly size: number
}

/**
 * Ticks as a pattern of 60: its phase in windows round the circle says how all are turned (the same everywhere), how far
 * the track's middle is from the one it was unrolled round (once round), and a camera's tilt (twice round).
 * @param ticks - as ticksOf gives them
 * @param isCentred - true where they were unrolled nearly round their own middle
 * @returns null where no 60 ticks are seen
 * @source complex demodulation (NIST e-Handbook 1.3.3.9, by window), least squares with outliers left out
 */
export function fitTicks(ticks: Float64Array, isCentred = false): TicksFit | null {
  const windows = windowsOf(ticks)
  const strongest = windows.map(({ size }) => size).toSorted((a, b) => b - a)[Math.floor(WINDOWS / 4)] ?? 0
  if (strongest === 0) return null
  let used = windows.map(({ size }) => size > LEAST_SEEN * strongest)
  let fit = startOf(windows, used, isCentred ? 0 : START_STEPS)
  let scatterDeg = TICK_DEG
  for (let pass = 0; pass < ROUNDS; pass++) {
    const next = leastSquares(windows, used, fit)
    if (!next) return null
    fit = next
    const off = windows.map((one) => abs(wrapped(one.phaseDeg - modelOf(fit, one.angle))))
    scatterDeg =
      1.4826 *
      (off.filter((_, i) => used[i]).toSorted((a, b) => a - b)[Math.floor(used.filter(Boolean).length / 2)] ??
        0)
    used = windows.map(
      ({ size }, i) => size > LEAST_SEEN * strongest && (off[i] ?? 0) <= OUTLIER * scatterDeg + 0.01,
    )
  }
  const seen = used.filter(Boolean).length / WINDOWS
  if (seen < LEAST_SEEN_SHARE || scatterDeg > TICK_DEG / 6) return null
  const strength = strengthOf(ticks, windows, used)
  if (strength < LEAST_STRENGTH) return null
  const toParts = PI / 180
  return {
    turnedDeg: wrapped(fit[0] ?? 0),
    towards3: (fit[1] ?? 0) * toParts,
    towards12: -(fit[2] ?? 0) * toParts,
    uncertaintyDeg: scatterDeg / sqrt((seen * 360) / INDEPENDENT_DEG),
    seen,
    windows: used,
    strength,
  }
}

/** To within half a tick either way, degrees. */
export function wrapped(deg: number): number {
  return deg - TICK_DEG * round(deg / TICK_DEG)
}

function windowsOf(ticks: Float64Array): Window[] {
  const steps = ticks.length
  const { hann, wave } = tablesFor(steps)
  const width = hann.length
  return Array.from({ length: WINDOWS }, (_, at): Window => {
    const middle = round((at * steps) / WINDOWS)
    let [real, imaginary] = [0, 0]
    let step = (middle - round(width / 2) + steps) % steps
    for (let i = 0; i < width; i++) {
      const value = (ticks[step] ?? 0) * (hann[i] ?? 0)
      real += value * (wave[2 * step] ?? 0)
      imaginary += value * (wave[2 * step + 1] ?? 0)
      step = step + 1 === steps ? 0 : step + 1
    }
    return {
      angle: (2 * PI * middle) / steps,
      phaseDeg: (atan2(imaginary, real) * 180) / PI / TICKS,
      size: hypot(real, imaginary) / width,
    }
  })
}

interface Tables {
  readonly hann: Float64Array
  /** cosine and sine of the tick's wave, by turns */
  readonly wave: Float64Array
}

const tables = new Map<number, Tables>()

/** The same for every strip of a length: worked out once. */
function tablesFor(steps: number): Tables {
  const known = tables.get(steps)
  if (known) return known
  const width = round((WINDOW_DEG * steps) / 360)
  const made = {
    hann: Float64Array.from({ length: width }, (_, i) => 0.5 - 0.5 * cos((2 * PI * (i + 0.5)) / width)),
    wave: Float64Array.from({ length: 2 * steps }, (_, i) => {
      const angle = (2 * PI * TICKS * Math.floor(i / 2)) / steps
      return i % 2 === 0 ? cos(angle) : sin(angle)
    }),
  }
  tables.set(steps, made)
  return made
}

/**
 * A first guess: of all middles this far about, the one round which the windows agree best.
 * A tick is like the next one, so that a step of least squares from further off would end at a neighbour’s.
 */
function startOf(windows: readonly Window[], used: readonly boolean[], steps: number): readonly number[] {
  const toTurn = (2 * PI) / TICK_DEG
  const rows = windows.flatMap((one, i) =>
    used[i]
      ? [
          {
            size: one.size,
            phase: one.phaseDeg * toTurn,
            c: cos(one.angle) * toTurn,
            s: sin(one.angle) * toTurn,
          },
        ]
      : [],
  )
  let best = { agreed: -1, start: [0, 0, 0, 0, 0] }
  for (let x = -steps; x <= steps; x++) {
    for (let y = -steps; y <= steps; y++) {
      const [cosDeg, sinDeg] = [x * START_STEP_DEG, y * START_STEP_DEG]
      let [real, imaginary] = [0, 0]
      for (const { size, phase, c, s } of rows) {
        const off = phase - cosDeg * c - sinDeg * s
        real += size * cos(off)
        imaginary += size * sin(off)
      }
      const agreed = hypot(real, imaginary)
      if (agreed > best.agreed)
        best = { agreed, start: [atan2(imaginary, real) / toTurn, cosDeg, sinDeg, 0, 0] }
    }
  }
  return best.start
}

/** What a window leaves of a wave that goes so often round: its own transform. */
function dampedBy(timesRound: number): number {
  const x = (timesRound * WINDOW_DEG) / 360
  return sin(PI * x) / (PI * x) / (1 - x * x)
}
const ONCE = dampedBy(1)
const TWICE = dampedBy(2)

/** By window: the same for every strip. */
const bases = new Map<number, readonly number[]>()

function basisAt(angle: number): readonly number[] {
  const known = bases.get(angle)
  if (known) return known
  const basis = [1, ONCE * cos(angle), ONCE * sin(angle), TWICE * cos(2 * angle), TWICE * sin(2 * angle)]
  bases.set(angle, basis)
  return basis
}

function modelOf(fit: readonly number[], angle: number): number {
  const basis = basisAt(angle)
  let sum = 0
  for (let i = 0; i < fit.length; i++) sum += (basis[i] ?? 0) * (fit[i] ?? 0)
  return sum
}

/** One step towards the fit, each window weighed by how strong its ticks are. */
function leastSquares(
  windows: readonly Window[],
  used: readonly boolean[],
  from: readonly number[],
): readonly number[] | null {
  const count = from.length
  if (used.filter(Boolean).length < 2 * count) return null
  // The normal equations, summed by hand: this runs for every radius of a picture.
  const normal = Matrix.zeros(count, count)
  const right = Matrix.zeros(count, 1)
  windows.forEach(({ angle, size, phaseDeg }, at) => {
    if (!used[at]) return
    const basis = basisAt(angle)
    const off = wrapped(phaseDeg - modelOf(from, angle))
    for (let i = 0; i < count; i++) {
      const weighed = size * size * (basis[i] ?? 0)
      right.set(i, 0, right.get(i, 0) + weighed * off)
      for (let j = 0; j < count; j++) normal.set(i, j, normal.get(i, j) + weighed * (basis[j] ?? 0))
    }
  })
  const solved = new LuDecomposition(normal)
  if (solved.isSingular()) return null
  const step = solved.solve(right).to1DArray()
  return from.map((value, i) => value + (step[i] ?? 0))
}

/** Part of the variance that a pattern of 60 explains, where it is seen. */
function strengthOf(ticks: Float64Array, windows: readonly Window[], used: readonly boolean[]): number {
  const variance = ticks.reduce((sum, value) => sum + value * value, 0) / ticks.length
  const sizes = windows.filter((_, i) => used[i]).map(({ size }) => size)
  const mean = sizes.reduce((sum, size) => sum + size, 0) / sizes.length
  // A Hann window halves what is in it; a wave of size a has a variance of a²/2.
  const wave = 4 * mean
  return variance === 0 ? 0 : Math.min(1, wave ** 2 / 2 / variance)
}
