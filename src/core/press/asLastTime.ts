/** What a press was done with. */
export interface PressSettings {
  readonly pressId: number | null
  readonly pusherId: number | null
  readonly supportId: number | null
  readonly quarterTurns: number | null
  readonly cushion: string
}

/** Names of presses and dies by their number, for the sentence. */
export interface ToolNames {
  readonly press: (id: number | null) => string
  readonly die: (id: number | null) => string
}

/** “pusher P28 (last time P27.5)” for everything that is done otherwise than last time; empty where nothing is. */
export function otherwiseThanLast(now: PressSettings, last: PressSettings, names: ToolNames): string[] {
  const differs = <T>(what: string, mine: T, theirs: T, told: (value: T) => string) =>
    mine === theirs ? [] : [`${what} ${told(mine)} (last time ${told(theirs)})`]
  return [
    ...differs('press', now.pressId, last.pressId, names.press),
    ...differs('pusher', now.pusherId, last.pusherId, names.die),
    ...differs('support', now.supportId, last.supportId, names.die),
    ...differs('quarter turns', now.quarterTurns, last.quarterTurns, (turns) => String(turns ?? 'none')),
    ...differs('cushion', now.cushion.trim(), last.cushion.trim(), (words) => words || 'none'),
  ]
}
