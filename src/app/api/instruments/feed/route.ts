import { answered } from '../../answered'
import { eventStream } from '../../eventStream'
import type { FeedSource } from '@/services/instruments/instrumentFeeds'
import { FEED_SOURCES, feedOf } from '@/services/instruments/instrumentFeeds'
import { getShop } from '@/services/shop/shop'

export const dynamic = 'force-dynamic'

/**
 * Lines of instruments as a stream, for the tray's page that is open. Query: source (simulated or bridge), tray (id),
 * dimension, place (index). Events: `reading` with line and instrument, `trouble` with a sentence.
 */
export const GET = answered(null, async (request: Request): Promise<Response> => {
  const query = new URL(request.url).searchParams
  const source = FEED_SOURCES.find((known): known is FeedSource => known === query.get('source'))
  if (!source) {
    return Response.json({ ok: false, errors: { source: 'Source: simulated or bridge.' } }, { status: 400 })
  }
  const feed = feedOf(source, await getShop())
  const at = {
    trayId: Number(query.get('tray')),
    // The service refuses a dimension it does not know.
    dimension: (query.get('dimension') ?? '') as never,
    placeIndex: Number(query.get('place')),
  }
  return eventStream(request, ({ emit }) =>
    feed.listen(at, {
      onLine: ({ line, instrumentId }) => emit('reading', JSON.stringify({ line, instrumentId })),
      onTrouble: (message) => emit('trouble', message),
    }),
  )
})
