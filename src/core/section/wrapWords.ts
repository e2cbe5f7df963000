/**
 * Breaks a sentence into lines between its words.
 * @param most - characters of a line; a longer word has a line of its own
 */
export function wrapWords(text: string, most: number): string[] {
  const lines: string[] = []
  for (const word of text.split(' ')) {
    const last = lines.at(-1)
    if (last !== undefined && last.length + 1 + word.length <= most) lines.splice(-1, 1, `${last} ${word}`)
    else lines.push(word)
  }
  return lines
}
