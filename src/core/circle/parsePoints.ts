import type { Point } from './Circle'

/** Most points taken at once: more than any edge needs. */
export const MOST_POINTS = 5000
/** Furthest a point may lie from the origin, mm: a fragment is smaller than that. */
const FURTHEST_MM = 500

export type PointsOutcome = { ok: true; points: readonly Point[] } | { ok: false; message: string }

const NUMBER = String.raw`[+-]?(?:\d+(?:[.,]\d*)?|[.,]\d+)`
/** Two numbers: split by blank, semicolon or tab; a comma splits only when the decimals use points. */
const PAIR = new RegExp(String.raw`^\s*(${NUMBER})(?:\s*[;\t]\s*|\s+|\s*,\s+)(${NUMBER})\s*$`)
const COMMA_PAIR = /^\s*([+-]?(?:\d+(?:\.\d*)?|\.\d+))\s*,\s*([+-]?(?:\d+(?:\.\d*)?|\.\d+))\s*$/

/**
 * Reads pasted or typed edge points, one a line: `12.30 4.05`, `12.30; 4.05`, `12.30, 4.05` or `12,30 4,05`, mm.
 * @returns the points, or a sentence naming line, value, limit and what to do
 */
export function parsePoints(text: string): PointsOutcome {
  const lines = text.split(/\r?\n/)
  const filled = lines.filter((line) => line.trim() !== '')
  if (filled.length > MOST_POINTS) {
    return wrong(
      `Points: ${filled.length} are more than ${MOST_POINTS}. Keep every tenth, or fewer: the fit gains nothing from more.`,
    )
  }
  if (filled.length < 3) {
    return wrong(`Points: ${filled.length} of at least 3. Give one a line, x and y in mm, as 12.30 4.05.`)
  }
  const points: Point[] = []
  for (const [i, line] of lines.entries()) {
    if (line.trim() === '') continue
    const pair = COMMA_PAIR.exec(line) ?? PAIR.exec(line)
    if (!pair) {
      return wrong(
        `Points, line ${i + 1}: “${line.trim().slice(0, 24)}” is not two figures. Write x and y in mm, as 12.30 4.05.`,
      )
    }
    const [xMm, yMm] = [numberOf(pair[1]), numberOf(pair[2])]
    if (Math.abs(xMm) > FURTHEST_MM || Math.abs(yMm) > FURTHEST_MM) {
      return wrong(
        `Points, line ${i + 1}: ${line.trim().slice(0, 24)} lies beyond ±${FURTHEST_MM} mm. Give millimetres.`,
      )
    }
    points.push({ xMm, yMm })
  }
  return { ok: true, points }
}

function numberOf(text: string | undefined): number {
  return Number((text ?? '').replace(',', '.'))
}

function wrong(message: string): PointsOutcome {
  return { ok: false, message }
}
