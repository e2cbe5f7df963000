export type NumberOutcome = { ok: true; value: number } | { ok: false }

/**
 * Reads a figure of a supplier's list: decimal point or comma, thousands set apart, a unit or a currency beside it.
 * Where both signs stand, the last one is the decimal sign; a single comma is decimal, as at the bench.
 * @example listNumber('1.234,50 €') // 1234.5
 * @example listNumber('30,0') // 30
 */
export function listNumber(text: string): NumberOutcome {
  const bare = text
    .trim()
    .replace(/^[A-Z]{3}\s*|\s*[A-Z]{3}$/g, '')
    .replace(/^[€$£]\s*|\s*(?:€|\$|£|mm|in|")$/gi, '')
    .replace(/[\s\u00a0’']/g, '')
  if (!/^[+-]?\d[\d.,]*$/.test(bare)) return { ok: false }
  const comma = bare.lastIndexOf(',')
  const point = bare.lastIndexOf('.')
  const decimalAt = Math.max(comma, point)
  if (decimalAt < 0) return { ok: true, value: Number(bare) }
  const decimal = bare[decimalAt] ?? '.'
  const whole = bare.slice(0, decimalAt)
  // The same sign twice sets thousands apart: 1.234.567 has no decimals.
  if (whole.includes(decimal)) {
    const plain = bare.replaceAll(decimal, '')
    return /^[+-]?\d+$/.test(plain) ? { ok: true, value: Number(plain) } : { ok: false }
  }
  const value = Number(`${whole.replace(/[.,]/g, '')}.${bare.slice(decimalAt + 1)}`)
  return Number.isNaN(value) ? { ok: false } : { ok: true, value }
}

/** Units a supplier prints lengths in, as millimetres each. */
export const LIST_UNITS = { mm: 1, 'tenths of mm': 0.1, 'hundredths of mm': 0.01, inch: 25.4 } as const
export type ListUnit = keyof typeof LIST_UNITS

/** A length in mm, without the dust of the conversion: lists are printed to a hundredth, an inch to a thousandth. */
export function toMm(value: number, unit: ListUnit): number {
  return Number((value * LIST_UNITS[unit]).toFixed(unit === 'inch' ? 3 : 4))
}
