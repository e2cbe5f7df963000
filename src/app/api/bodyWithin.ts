/** The whole body of a request, or null as soon as it grows beyond `most` bytes. */
export async function bodyWithin(request: Request, most: number): Promise<Uint8Array | null> {
  if (Number(request.headers.get('content-length') ?? 0) > most) return null
  const chunks: Uint8Array[] = []
  let size = 0
  const reader = request.body?.getReader()
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    const chunk: Uint8Array = part.value
    size += chunk.length
    if (size > most) {
      await reader?.cancel()
      return null
    }
    chunks.push(chunk)
  }
  return Buffer.concat(chunks)
}

/**
 * A text body of one content type, which a foreign page cannot send without asking; or what is wrong with it.
 * @param most - bytes
 */
export async function textBody(
  request: Request,
  contentType: string,
  most: number,
): Promise<{ ok: true; text: string } | { ok: false; response: Response }> {
  const refusal = (file: string, status: number) => ({
    ok: false as const,
    response: Response.json({ ok: false, errors: { file } }, { status }),
  })
  if (!(request.headers.get('content-type') ?? '').startsWith(contentType)) {
    return refusal(`File: send it as ${contentType}.`, 415)
  }
  const bytes = await bodyWithin(request, most)
  if (!bytes) return refusal(`File: more than ${most / 1000} kB is not such a file. Choose another one.`, 413)
  return { ok: true, text: new TextDecoder().decode(bytes) }
}

/** A file to be saved by the browser. */
export function download(file: { name: string; text: string }, type: string): Response {
  return new Response(file.text, {
    headers: {
      'Content-Type': `${type}; charset=utf-8`,
      'Content-Disposition': `attachment; filename="${file.name}"`,
      'X-Content-Type-Options': 'nosniff',
    },
  })
}
