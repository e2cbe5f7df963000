/**
 * True when every word of a search occurs in the row. Numbers match their value, so that 30 and 30.0 both find 30.0.
 * @param row - plain values
 */
export function matchesWords(row: object, search: string): boolean {
  const values = Object.values(row) as unknown[]
  return search
    .toLowerCase()
    .replaceAll(',', '.')
    .split(/\s+/)
    .filter(Boolean)
    .every((word) => values.some((value) => matches(value, word)))
}

function matches(value: unknown, word: string): boolean {
  if (typeof value === 'number') return Number(word) === value
  return (
    typeof value === 'string' && value.toLowerCase().replaceAll('-', ' ').includes(word.replaceAll('-', ' '))
  )
}
