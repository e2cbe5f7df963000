/** A magnifier's bond is heated for a few seconds at a time, with cooling between. */
export interface HeatBurst {
  readonly seconds: number
  readonly at: Date
}

/** How long one burst may be, seconds. Common practice: a few seconds at a time */
export const MOST_BURST_S = 5
/** Off the heat between two, seconds. From memory. */
export const COOLING_S = 45
/** After so many the bond has let go, or does not by heat. From memory. */
export const MANY_BURSTS = 8
/** What can be written down of one, seconds. */
export const BURST_SECONDS = { least: 1, most: 120 } as const

export interface HeatState {
  readonly bursts: number
  readonly totalSeconds: number
  /** ISO time; null where none was yet */
  readonly coolUntil: string | null
  /** what was too much, a sentence each; empty where nothing was */
  readonly tooMuch: readonly string[]
}

/** What a magnifier's bond has had of heat, oldest burst first. */
export function heatState(bursts: readonly HeatBurst[]): HeatState {
  const last = bursts.at(-1)
  const long = bursts.filter(({ seconds }) => seconds > MOST_BURST_S)
  const soon = bursts.filter((burst, i) => {
    const before = bursts[i - 1]
    return before !== undefined && startOf(burst) < before.at.getTime() + COOLING_S * MS
  })
  return {
    bursts: bursts.length,
    totalSeconds: bursts.reduce((sum, { seconds }) => sum + seconds, 0),
    coolUntil: last ? new Date(last.at.getTime() + COOLING_S * MS).toISOString() : null,
    tooMuch: [
      long.length > 0 &&
        `${countOf(long.length)} longer than ${MOST_BURST_S} s: the crystal’s ring may have softened.`,
      soon.length > 0 && `${countOf(soon.length)} before it had cooled for ${COOLING_S} s: heat adds up.`,
      bursts.length > MANY_BURSTS &&
        `More than ${MANY_BURSTS} bursts: this bond does not let go by heat. Leave it, or fit a crystal without one.`,
    ].filter((sentence) => sentence !== false),
  }
}

const MS = 1000

/** A burst is written down when it ends. */
function startOf({ seconds, at }: HeatBurst): number {
  return at.getTime() - seconds * MS
}

function countOf(bursts: number): string {
  return bursts === 1 ? 'One burst' : `${bursts} bursts`
}
