/** Minus sign of the same width as the figures, so that columns of signed values line up. */
export const MINUS = '−'

/**
 * Writes a length with the decimals an instrument resolves.
 * @param valueMm - mm
 * @param resolutionMm - smallest step shown, mm; 0.01 gives two decimals
 * @example formatMm(30, 0.01) // '30.00'
 */
export function formatMm(valueMm: number, resolutionMm = 0.01): string {
  const decimals = Math.max(0, Math.round(-Math.log10(resolutionMm)))
  const text = Math.abs(valueMm).toFixed(decimals)
  return valueMm < 0 && Number(text) !== 0 ? `${MINUS}${text}` : text
}

/** As {@link formatMm} with a plus sign on positive values: for offsets and rim heights. */
export function formatSignedMm(valueMm: number, resolutionMm = 0.01): string {
  const text = formatMm(valueMm, resolutionMm)
  return text.startsWith(MINUS) || Number(text) === 0 ? text : `+${text}`
}

/** Between a figure and its sign: a line never breaks there. */
const NO_BREAK = '\u00A0'

/** Writes a probability in whole percent; never claims certainty: 0.996 is “> 99 %”. */
export function formatPercent(probability: number): string {
  const percent = probability * 100
  if (percent > 99) return `> 99${NO_BREAK}%`
  if (percent < 1) return `< 1${NO_BREAK}%`
  return `${Math.round(percent)}${NO_BREAK}%`
}

/** Writes a share in percent, as a squeeze or a strain: 0.1 is “10 %”. */
export function formatShare(share: number, decimals = 0): string {
  const text = `${Math.abs(100 * share).toFixed(decimals)}${NO_BREAK}%`
  return share < 0 && Number.parseFloat(text) !== 0 ? `${MINUS}${text}` : text
}

/** Writes a band of shares in percent, its sign once: “3–20 %”. */
export function formatShares(low: number, high: number, decimals = 0): string {
  return `${(100 * low).toFixed(decimals)}–${formatShare(high, decimals)}`
}
