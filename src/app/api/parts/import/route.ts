import { answered } from '../../answered'
import { importParts } from '@/services/drawers/importParts'
import { getShop, troubleOfShop } from '@/services/shop/shop'
import { textBody } from '../../bodyWithin'

export const dynamic = 'force-dynamic'

const MOST_BYTES = 60_000_000

/**
 * Takes a supplier's list: `{ text, reading }` as JSON. Answers line by line as it goes, JSON each: how far it is, and at
 * the end what landed and what did not. A request that is given up stops the import; what landed stays.
 */
export const POST = answered('importParts', async (request: Request) => {
  const body = await textBody(request, 'application/json', MOST_BYTES)
  if (!body.ok) return body.response
  const input = parsed(body.text)
  if (!input)
    return Response.json({ ok: false, errors: { file: 'List: not sent as it should be.' } }, { status: 400 })
  const db = await getShop()
  const encoder = new TextEncoder()
  const stream = new ReadableStream({
    async start(controller) {
      let open = true
      const send = (line: unknown) => {
        try {
          controller.enqueue(encoder.encode(`${JSON.stringify(line)}\n`))
        } catch {
          open = false
        }
      }
      const result = await importParts(db, input, new Date(), (progress) => {
        send({ progress })
        return open && !request.signal.aborted
      }).catch(refusalOf)
      send({ result })
      if (open) controller.close()
    },
  })
  return new Response(stream, {
    headers: {
      'Content-Type': 'application/x-ndjson; charset=utf-8',
      'Cache-Control': 'no-cache, no-transform',
      'X-Accel-Buffering': 'no',
    },
  })
})

/** The answer has begun: what stops the import comes as its result. */
function refusalOf(error: unknown) {
  const trouble = troubleOfShop(error)
  if (trouble === null) console.error(error)
  const stopped =
    'The list: stopped by an error, which the server’s window names. What landed until then stays.'
  return { ok: false, errors: { file: trouble ?? stopped } }
}

function parsed(text: string): { text: string; reading: unknown } | null {
  try {
    const value: unknown = JSON.parse(text)
    if (typeof value !== 'object' || value === null || !('text' in value) || !('reading' in value))
      return null
    return typeof value.text === 'string' ? { text: value.text, reading: value.reading } : null
  } catch {
    return null
  }
}
