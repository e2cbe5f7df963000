import { rowOf } from '@/core/press-run/PressTrace'
import { pressFeedOf } from '@/services/instruments/pressFeeds'
import { getShop } from '@/services/shop/shop'
import { answered } from '../../answered'
import { eventStream } from '../../eventStream'
import { idOf } from '../../idOf'

export const dynamic = 'force-dynamic'

/**
 * A press's readings as they come, for the tray's page that is open. Query: source (simulated or bridge), tray and press
 * (ids), fault (what a simulated press is to do). Events: `points` with rows of ms, mm, N; `end`; `trouble` with a sentence.
 */
export const GET = answered(null, async (request: Request): Promise<Response> => {
  const query = new URL(request.url).searchParams
  const asked = await pressFeedOf(await getShop(), {
    source: query.get('source') ?? '',
    trayId: idOf(query.get('tray') ?? ''),
    pressId: idOf(query.get('press') ?? ''),
    fault: query.get('fault') ?? 'none',
  })
  if (!asked.ok) return Response.json(asked, { status: 400 })
  return eventStream(request, ({ emit, close }) =>
    asked.feed.listen({
      onPoints: (points) => emit('points', JSON.stringify(points.map(rowOf))),
      onEnd: () => {
        emit('end', '')
        close()
      },
      onTrouble: (message) => emit('trouble', message),
    }),
  )
})
