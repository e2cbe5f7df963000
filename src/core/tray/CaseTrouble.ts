/**
 * What is kept of a case cannot be judged: written by a newer version, or damaged. The message names what, and what to
 * do about it; a screen shows it in place of the case and goes on with the others.
 */
export class CaseTrouble extends RangeError {}

/** @returns what to show in a case's place; any other error is thrown on */
export function troubleOf(error: unknown): string {
  if (error instanceof CaseTrouble) return error.message
  throw error
}
