/** Of two lists alike in length. Asked for every leak that is thought of, so a plain loop. */
export function sumOfProducts(one: Float64Array, other: Float64Array): number {
  let sum = 0
  for (let i = 0; i < one.length; i++) sum += (one[i] ?? 0) * (other[i] ?? 0)
  return sum
}
