import Papa from 'papaparse'
import type { Position } from '@/core/running/RunningCheck'
import { POSITIONS } from '@/core/running/RunningCheck'
import { figureIn, nameOf } from './testerCells'

/** Longest file of a timing machine that is read, characters. */
export const MOST_RUNNING_CSV = 100_000
/** As many lines as are read: a look at each position, a few times over. */
const MOST_LINES = 60

/** What a timing machine showed of one position, figures as they stand in the file. */
export interface MachineLine {
  /** of the file, from 1 */
  readonly line: number
  readonly position: Position
  readonly rateSPerDay: number
  readonly amplitudeDeg: number | null
  readonly beatErrorMs: number | null
  readonly currentUa: number | null
}

export type RunningFile =
  | { readonly ok: true; readonly lines: readonly MachineLine[] }
  | { readonly ok: false; readonly against: string }

/** What machines call a position: dial up is DU, CH for those of the French letters, and so on. */
const POSITION_NAMES: Readonly<Record<Position, RegExp>> = {
  'dial-up': /^(?:dial[\s-]*up|du|ch|cadran haut)$/i,
  'dial-down': /^(?:dial[\s-]*down|dd|cb|cadran bas)$/i,
  'crown-up': /^(?:crown[\s-]*up|cu|12d|9h)$/i,
  'crown-down': /^(?:crown[\s-]*down|cd|3h)$/i,
  'crown-left': /^(?:crown[\s-]*left|cl|12h)$/i,
  'crown-right': /^(?:crown[\s-]*right|cr|6h)$/i,
}

const COLUMNS = {
  position: /^(?:position|pos|lage)$/i,
  rate: /^(?:rate|gang|marche)$/i,
  amplitude: /^(?:amplitude|amp)$/i,
  beat: /^(?:beat|beaterror|abfall|rep[eè]re)$/i,
  current: /^(?:current|strom|courant|i)$/i,
} as const

/**
 * Reads what a timing machine wrote: a line of names, then a position a line, as position;rate_s_d;amplitude_deg;beat_ms.
 * Rates are seconds a day, amplitudes degrees, beat errors milliseconds, currents microamperes.
 */
export function readRunningCsv(text: string): RunningFile {
  if (text.length > MOST_RUNNING_CSV)
    return refused(
      `The file has more than ${MOST_RUNNING_CSV} characters: it is no timing machine’s summary.`,
    )
  const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, '').trim(), { skipEmptyLines: 'greedy' })
  const { delimiter } = parsed.meta
  const headAt = parsed.data.findIndex((cells) => cells.some((cell) => COLUMNS.rate.test(nameOf(cell))))
  const head = parsed.data[headAt]
  if (!head)
    return refused('No column of rate: the first line names the columns, as position;rate_s_d;amplitude_deg.')
  const at = (name: keyof typeof COLUMNS) => head.findIndex((cell) => COLUMNS[name].test(nameOf(cell.trim())))
  const positionAt = at('position')
  if (positionAt === -1)
    return refused('No column of positions: name one “position”, with dial up, crown down and so on in it.')
  const rows = parsed.data.slice(headAt + 1)
  if (rows.length === 0) return refused('No position stands under the names of the columns.')
  if (rows.length > MOST_LINES)
    return refused(
      `${rows.length} lines: at most ${MOST_LINES} are read. Export the summary, not every beat.`,
    )
  const lines: MachineLine[] = []
  for (const [i, cells] of rows.entries()) {
    const line = headAt + i + 2
    const said = (cells[positionAt] ?? '').trim()
    const position = POSITIONS.find((one) => POSITION_NAMES[one].test(said))
    if (!position)
      return refused(
        `Line ${line}, position: “${said.slice(0, 20)}” is none of ${POSITIONS.join(', ').replaceAll('-', ' ')}.`,
      )
    const figure = (name: keyof typeof COLUMNS) => {
      const cell = cells[at(name)] ?? ''
      return cell.trim() === '' ? null : figureIn(cell, delimiter)
    }
    const rateSPerDay = figure('rate')
    if (rateSPerDay === null)
      return refused(
        `Line ${line}, rate: “${(cells[at('rate')] ?? '').slice(0, 20)}” is no number. Mend the line, or take it out.`,
      )
    lines.push({
      ...{ line, position, rateSPerDay },
      ...{ amplitudeDeg: figure('amplitude'), beatErrorMs: figure('beat'), currentUa: figure('current') },
    })
  }
  return { ok: true, lines }
}

function refused(against: string): RunningFile {
  return { ok: false, against }
}
