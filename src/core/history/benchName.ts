/** What fits beside a time without being cut off. */
export const MOST_NAME = 40

/**
 * Name or initials of whoever works at a bench, as they are kept: without spaces around it.
 * @returns null where nothing is said, or what is said is no name
 */
export function benchName(said: string | null | undefined): string | null {
  const name = tidied(said ?? '')
  return name !== '' && benchNameObjection(name) === null ? name : null
}

/** What is against a name; null where nothing is. */
export function benchNameObjection(said: string): string | null {
  const name = tidied(said)
  if (name === '') return 'Name or initials: missing. Type them as they are known in the shop, such as “EB”.'
  if (name.length > MOST_NAME)
    return `Name or initials: ${name.length} characters; at most ${MOST_NAME}. Shorten it.`
  return /\p{L}|\p{N}/u.test(name) && !/[\p{Cc}\p{Cs}]/u.test(name)
    ? null
    : 'Name or initials: holds no letter, or a character that is no text. Type it anew.'
}

function tidied(said: string): string {
  return said.trim().replace(/\s+/gu, ' ')
}
