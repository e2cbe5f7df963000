/** Lets so many through within a time, counted back from each moment; what is held back is not counted. */
export function atMost(most: number, withinMs: number): { readonly lets: (nowMs: number) => boolean } {
  let passed: readonly number[] = []
  return {
    lets: (nowMs) => {
      passed = passed.filter((at) => nowMs - at < withinMs)
      if (passed.length >= most) return false
      passed = [...passed, nowMs]
      return true
    },
  }
}
