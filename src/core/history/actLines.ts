import type { ChangeWords, ValueChange } from './changeWords'

/** What was done to one record, or to several of a kind alike. */
export interface ActLine {
  /** null where the act itself says it */
  readonly one: string | null
  readonly names: readonly string[]
  readonly values: readonly ValueChange[]
}

/**
 * The records of one act, those of a kind that came to be together in one line. An act that is nothing but one such line
 * says itself what kind it is: “Reading taken: case bore 30.02 mm”.
 * @param act - in words; null where nobody did it
 */
export function actLines(words: readonly ChangeWords[], act: string | null): ActLine[] {
  const lines: { one: string; names: string[]; values: readonly ValueChange[] }[] = []
  for (const { one, name, values } of words) {
    const last = lines.at(-1)
    const isAlike = last?.one === one && last.values.length === 0 && values.length === 0
    if (last && isAlike) last.names.push(name)
    else lines.push({ one, names: [name], values })
  }
  const named = lines.map((line) => ({ ...line, names: line.names.filter((name) => name !== '') }))
  const [only] = named
  return act !== null && only && named.length === 1 && only.values.length === 0 && only.names.length > 0
    ? [{ ...only, one: null }]
    : named
}
