/** A name without its unit: “Pressure [bar]” is pressure. */
export function nameOf(cell: string): string {
  return cell.replace(/[\s_([].*$/, '').trim()
}

/** The unit a column's name ends with, in small letters; empty where it says none. */
export function unitOf(cell: string): string {
  return (/[\s_([]+([^\s_()[\]]+)[)\]]?\s*$/.exec(cell.trim())?.[1] ?? '').toLowerCase()
}

/** A figure of a file, with a decimal comma where its columns are not parted by commas; null for none. */
export function figureIn(cell: string, delimiter: string): number | null {
  const text = delimiter === ',' ? cell.trim() : cell.trim().replace(',', '.')
  return /^[+-]?\d*\.?\d+(?:e[+-]?\d+)?$/i.test(text) ? Number(text) : null
}
