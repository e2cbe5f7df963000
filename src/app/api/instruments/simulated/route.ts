import { simulatedLine } from '@/services/simulatedBench'
import { getShop } from '@/services/shop'

export const dynamic = 'force-dynamic'

/** Time to put the jaws on, and between repeats while nothing moves on, ms. */
const FIRST_HOLD_MS = 700
const NEXT_HOLD_MS = 4000

/**
 * The simulated instruments as a stream: lines as a caliper's data key would send them, held at one place of a tray.
 * Query: tray (id), dimension, place (index). Events: `reading` with line and instrument, `trouble` with a sentence.
 */
export function GET(request: Request): Response {
  const query = new URL(request.url).searchParams
  const hold = {
    trayId: Number(query.get('tray')),
    dimension: query.get('dimension') ?? '',
    placeIndex: Number(query.get('place')),
  }
  const encoder = new TextEncoder()
  let timer: NodeJS.Timeout | undefined
  const stream = new ReadableStream<Uint8Array>({
    start(controller) {
      const emit = (event: string, data: string) =>
        controller.enqueue(encoder.encode(`event: ${event}\ndata: ${data}\n\n`))
      const press = async () => {
        const sent = await simulatedLine(await getShop(), hold)
        if (request.signal.aborted) return
        if (!sent.ok) return emit('trouble', Object.values(sent.errors)[0] ?? 'The instrument sent nothing.')
        emit('reading', JSON.stringify({ line: sent.line, instrumentId: sent.instrumentId }))
        schedule(NEXT_HOLD_MS)
      }
      const schedule = (ms: number) => {
        timer = setTimeout(() => {
          press().catch((error: unknown) => controller.error(error))
        }, ms)
      }
      request.signal.addEventListener('abort', () => {
        clearTimeout(timer)
        controller.close()
      })
      schedule(FIRST_HOLD_MS)
    },
    cancel() {
      clearTimeout(timer)
    },
  })
  return new Response(stream, {
    headers: {
      'content-type': 'text/event-stream',
      'cache-control': 'no-cache, no-transform',
      'x-accel-buffering': 'no',
    },
  })
}
