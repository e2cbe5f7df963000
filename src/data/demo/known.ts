/**
 * What the demo world holds under a name.
 * @throws Error if it holds nothing there: the world does not fit together
 */
export function known<K, V>(map: ReadonlyMap<K, V>, key: K): V {
  const value = map.get(key)
  if (value === undefined) throw new Error(`demo world: ${String(key)} is missing`)
  return value
}
