export interface LevelPolicy {
  /** a rim that differs by no more from its highest to its lowest is level, mm */
  readonly mostTiltMm: number
}

export const LEVEL_POLICY: LevelPolicy = {
  mostTiltMm: 0.05, // from memory
}
