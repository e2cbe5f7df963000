import type { SendMessage } from '../keptStatements'

/** Status of a process that ended because its log could not be written: the start script begins it anew. */
export const PANIC_STATUS = 70

/**
 * Ends everything as soon as the engine says PANIC: its log could not be written, and the next question asked of it
 * would never return. What the last change came to is not known; after a new start it is read again.
 * @param end - is told why
 */
export function endOnPanic<Answer, Options>(
  send: SendMessage<Answer, Options>,
  end: (why: string) => void,
): SendMessage<Answer, Options> {
  return async (message, options) => {
    try {
      return await send(message, options)
    } catch (error) {
      if (isPanic(error)) end(error.message)
      throw error
    }
  }
}

function isPanic(error: unknown): error is Error {
  return error instanceof Error && 'severity' in error && error.severity === 'PANIC'
}

/** Says why and ends this process at once, with nothing more asked of the engine. */
export function endProcess(why: string): void {
  console.error(
    `The shop’s data cannot be written any more: ${why}. Whyalon ends and starts anew; the change that was on its way is read again.`,
  )
  process.exit(PANIC_STATUS)
}
