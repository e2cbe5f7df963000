/** Works a value out when it is first asked for, and keeps it: much of a case is only needed by some of its screens. */
export function lazily<T>(work: () => T): () => T {
  let kept: { readonly value: T } | null = null
  return () => (kept ??= { value: work() }).value
}
