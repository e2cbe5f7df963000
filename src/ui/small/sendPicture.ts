import { MOST_PHOTO_BYTES, tooLargeText } from '@/core/intake/photoLimits'

export type SentPicture = { ok: true; id: number } | { ok: false; message: string }

/** A server that starts anew is there again within these, ms. */
const AGAIN_MS = [500, 1000, 2000, 4000, 8000]

/** Keys of pictures no answer came for, by tray and file: added once more, one is the same picture. */
const unanswered = new Map<string, string>()

/** Sends until an answer comes, for a while. @returns null where none came */
async function answerTo(send: () => Promise<Response>, onAgain?: () => void): Promise<Response | null> {
  for (const pauseMs of AGAIN_MS) {
    const response = await send().catch(() => null)
    if (response) return response
    onAgain?.()
    await new Promise((resolve) => setTimeout(resolve, pauseMs))
  }
  return send().catch(() => null)
}

/**
 * Keeps a picture with a tray.
 * @param onAgain - told each time it has to be sent once more
 * @returns its id, or what is wrong in a sentence
 */
export async function sendPicture(trayId: number, file: File, onAgain?: () => void): Promise<SentPicture> {
  if (file.size > MOST_PHOTO_BYTES) return { ok: false, message: tooLargeText(file.size) }
  // However often it is sent, it is kept once.
  const same = JSON.stringify([trayId, file.name, file.size, file.lastModified])
  const key = unanswered.get(same) ?? crypto.randomUUID()
  unanswered.set(same, key)
  const caption = file.name.replace(/\.[a-z0-9]+$/i, '').slice(0, 80)
  const send = () =>
    fetch(`/api/trays/${trayId}/photos`, {
      method: 'POST',
      headers: {
        'Content-Type': file.type || 'application/octet-stream',
        'X-Caption': encodeURIComponent(caption),
        'X-Key': key,
      },
      body: file,
    })
  const response = await answerTo(send, onAgain)
  if (!response)
    return {
      ok: false,
      message:
        'Not known whether it is kept: Whyalon does not answer. Add it once more when it does: it is kept once.',
    }
  unanswered.delete(same)
  const answer = (await response.json().catch(() => null)) as
    { ok: true; id: number } | { ok: false; errors: Record<string, string> } | null
  if (answer?.ok) return answer
  return {
    ok: false,
    message: Object.values(answer?.errors ?? {})[0] ?? `Not stored: the server said ${response.status}.`,
  }
}
