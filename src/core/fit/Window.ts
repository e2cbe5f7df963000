/** A window a figure must lie in, mm. */
export interface Window {
  readonly lowMm: number
  readonly highMm: number
}

/** A window a fraction must lie in. */
export interface Fractions {
  readonly low: number
  readonly high: number
}
