export type SentFile<T> = { ok: true; answer: T } | { ok: false; message: string }

const AWAY =
  'Not known whether it was taken: Whyalon does not answer. When it does, look whether it is there before you choose the file once more.'

/** Sends a file as the body of a request. @returns the answer, or what is wrong in a sentence */
export async function sendFile<T>(address: string, file: File, type: string): Promise<SentFile<T>> {
  const response = await fetch(address, {
    method: 'POST',
    headers: { 'Content-Type': type },
    body: file,
  }).catch(() => null)
  if (!response) return { ok: false, message: AWAY }
  const answer = (await response.json().catch(() => null)) as
    ({ ok: true } & T) | { ok: false; errors: Record<string, string> } | null
  if (answer?.ok) return { ok: true, answer }
  return {
    ok: false,
    message: Object.values(answer?.errors ?? {})[0] ?? `Not taken: the server said ${response.status}.`,
  }
}
