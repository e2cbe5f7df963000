const DECIMALS = 2

/** “2.46°”; a minus is a real one, and nothing is no minus. */
export function degreesText(degrees: number): string {
  const text = Math.abs(degrees).toFixed(DECIMALS)
  return `${degrees < 0 && Number(text) !== 0 ? '−' : ''}${text}°`
}
