/** One reading of a press's cell. */
export interface PressPoint {
  /** since the run began, ms */
  readonly tMs: number
  /** how far the pusher has come down, mm */
  readonly travelMm: number
  readonly forceN: number
}
