import type { Fractions } from '../../fit/Window'

/** The middle of a band of squeezes, the band read as ± 2 standard deviations. */
export function middleSqueeze({ low, high }: Fractions) {
  return { value: (low + high) / 2, standardUncertainty: (high - low) / 4 }
}
