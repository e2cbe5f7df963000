/** How the last figure was answered: seen from the corner of an eye, counted so that each is seen. */
export interface Flash {
  readonly answered: 'taken' | 'refused'
  readonly count: number
}

/** The next one. @param last - null before the first figure */
export function flashed(last: Flash | null, answered: Flash['answered']): Flash {
  return { answered, count: (last?.count ?? 0) + 1 }
}
