/** Coverage factor of the expanded uncertainty shown after a ±. Source: GUM, JCGM 100:2008, 6.3.3 (about 95 %). */
export const COVERAGE_FACTOR = 2

/**
 * Student's t for 95.45 %, by degrees of freedom: what k = 2 stands for where a standard uncertainty rests on few
 * readings. Source: GUM, JCGM 100:2008, table G.2.
 */
const STUDENT_T: readonly (readonly [degreesOfFreedom: number, t: number])[] = [
  [1, 13.97],
  [2, 4.53],
  [3, 3.31],
  [4, 2.87],
  [5, 2.65],
  [6, 2.52],
  [7, 2.43],
  [8, 2.37],
  [9, 2.32],
  [10, 2.28],
  [12, 2.23],
  [14, 2.2],
  [16, 2.17],
  [18, 2.15],
  [20, 2.13],
  [30, 2.09],
  [40, 2.06],
  [50, 2.05],
  [100, 2.025],
]

/**
 * Coverage factor for about 95 %.
 * @param degreesOfFreedom - effective, > 0; left out for a well-known uncertainty. Below one counts as one
 * @returns 2 or more; between rows of the table by the inverse of the degrees of freedom, as t nearly runs
 * @source GUM, JCGM 100:2008, G.3 and table G.2
 */
export function coverageFactor(degreesOfFreedom = Infinity): number {
  const above = STUDENT_T.findIndex(([nu]) => nu >= degreesOfFreedom)
  if (above === 0) return STUDENT_T[0]?.[1] ?? COVERAGE_FACTOR
  const [low, lowT] = STUDENT_T[above < 0 ? STUDENT_T.length - 1 : above - 1] ?? [Infinity, COVERAGE_FACTOR]
  const [high, highT] = STUDENT_T[above] ?? [Infinity, COVERAGE_FACTOR]
  const part = (1 / low - 1 / degreesOfFreedom) / (1 / low - 1 / high)
  return lowT + part * (highT - lowT)
}
