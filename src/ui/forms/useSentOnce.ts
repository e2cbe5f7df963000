'use client'
import { useRef } from 'react'

/**
 * A change that can be sent once more when no answer came: the same input goes under the same key until it is answered,
 * and the server stores it once. Another input is another change.
 */
export function useSentOnce<Input, Answer>(
  call: (input: Input, key?: string) => Promise<Answer>,
): (input: Input) => Promise<Answer> {
  const unanswered = useRef<{ readonly input: string; readonly key: string } | null>(null)
  return async (given) => {
    const input = JSON.stringify(given)
    const before = unanswered.current
    const key = before?.input === input ? before.key : crypto.randomUUID()
    unanswered.current = { input, key }
    const answer = await call(given, key)
    unanswered.current = null
    return answer
  }
}
