/** How a shop writes what is less than one on paper: 30.02 or 30,02. */
export const DECIMALS = ['point', 'comma'] as const
export type Decimals = (typeof DECIMALS)[number]
export const USUAL_DECIMALS: Decimals = 'point'

/** A figure on its own: digits, one point, digits; no date, no number of a version. */
const FIGURE = /(?<![\d.:])(\d+)\.(\d+)(?![\d:]|\.\d)/g

/** A text with its figures written in the shop's way. @example withDecimals('30.02 mm', 'comma') // “30,02 mm” */
export function withDecimals(text: string, decimals: Decimals): string {
  return decimals === 'point' ? text : text.replace(FIGURE, '$1,$2')
}
