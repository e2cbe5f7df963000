/** How many notches apart a chord is read: about a third of the way round, where an error of the reading weighs least. */
export function chordSkip(notchCount: number): number {
  return Math.max(1, Math.floor(notchCount / 3))
}
