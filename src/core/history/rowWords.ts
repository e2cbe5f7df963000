import { DIMENSION_IDS, DIMENSIONS } from '../readings/dimensions'
import { PAIR_WORDS, STRAIGHT_PAIRS } from '../straight/pairs'
import { formatMm } from '../units/formatMm'
import type { RowValues } from './Change'

/** What a column holds, as text; empty where that is neither text nor a number. */
export const textOf = (row: RowValues, column: string): string => {
  const value = row[column]
  return typeof value === 'string' || typeof value === 'number' ? String(value) : ''
}

/** Parts that say something, with commas between. */
export const joined = (...parts: readonly string[]): string => parts.filter((part) => part !== '').join(', ')

/** `step:pull-stem` reads “pull stem”. */
export const subjectOf = (row: RowValues): string =>
  textOf(row, 'subject')
    .replace(/^(?:step|hazard):/, '')
    .replaceAll('-', ' ')

/** What a column of words stands for; the word itself where nobody knows it. */
export function wordOf(words: Readonly<Record<string, string>>, row: RowValues, column: string): string {
  const word = textOf(row, column)
  return words[word] ?? word
}

/** The pair that was looked at; empty where nobody knows it. */
export function pairLabel(row: RowValues): string {
  const pair = STRAIGHT_PAIRS.find((known) => known === row['pair'])
  return pair ? PAIR_WORDS[pair].label : ''
}

/** “Case bore, 12–6: 30.02 mm” */
export function sized(row: RowValues, column: string): string {
  const [value, place] = [row[column], row['place_index']]
  const id = DIMENSION_IDS.find((known) => known === row['dimension'])
  const label = id ? DIMENSIONS[id].label : textOf(row, 'dimension')
  const at = id && typeof place === 'number' ? (DIMENSIONS[id].places[place] ?? '') : ''
  return typeof value === 'number' ? `${joined(label, at)}: ${formatMm(value)} mm` : label
}
