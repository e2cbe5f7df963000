import type { TraceSource } from './PressTrace'

/**
 * Does what a press's cell told count as pressed: may it be logged, and teach? Under a simulated cell nothing moved: it
 * does in a world that was made up as a whole alone.
 * @param cell - null where a hand told
 */
export function countsAsPressed(cell: TraceSource | null, invented: boolean): boolean {
  return cell !== 'simulated' || invented
}
