import { MOST_PHOTO_BYTES, tooLargeText } from '@/core/intake/photoLimits'

export type SentPicture = { ok: true; id: number } | { ok: false; message: string }

/** A server that starts anew is there again within these, ms. */
const AGAIN_MS = [500, 1000, 2000, 4000, 8000]

/** Sends until an answer comes, for a while. @returns null where none came */
async function answerTo(send: () => Promise<Response>): Promise<Response | null> {
  for (const pauseMs of AGAIN_MS) {
    const response = await send().catch(() => null)
    if (response) return response
    await new Promise((resolve) => setTimeout(resolve, pauseMs))
  }
  return send().catch(() => null)
}

/** Keeps a picture with a tray. @returns its id, or what is wrong in a sentence */
export async function sendPicture(trayId: number, file: File): Promise<SentPicture> {
  if (file.size > MOST_PHOTO_BYTES) return { ok: false, message: tooLargeText(file.size) }
  // However often it is sent, it is kept once.
  const key = crypto.randomUUID()
  const caption = file.name.replace(/\.[a-z0-9]+$/i, '').slice(0, 80)
  const response = await answerTo(() =>
    fetch(`/api/trays/${trayId}/photos`, {
      method: 'POST',
      headers: {
        'Content-Type': file.type || 'application/octet-stream',
        'X-Caption': encodeURIComponent(caption),
        'X-Key': key,
      },
      body: file,
    }),
  )
  if (!response)
    return {
      ok: false,
      message:
        'Not known whether it is kept: Whyalon does not answer. When it does, look whether the picture is there before you add it once more.',
    }
  const answer = (await response.json().catch(() => null)) as
    { ok: true; id: number } | { ok: false; errors: Record<string, string> } | null
  if (answer?.ok) return answer
  return {
    ok: false,
    message: Object.values(answer?.errors ?? {})[0] ?? `Not stored: the server said ${response.status}.`,
  }
}
