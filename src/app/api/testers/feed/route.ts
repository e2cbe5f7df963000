import { hearTester } from '@/services/instruments/testerFeeds'
import { answered } from '../../answered'
import { eventStream } from '../../eventStream'
import { idOf } from '../../idOf'

export const dynamic = 'force-dynamic'

/** Records of a real tester as they come, for the tray's page that is open. Query: tester (id). Event: `record`, as JSON text. */
export const GET = answered(null, async (request: Request): Promise<Response> => {
  const testerId = idOf(new URL(request.url).searchParams.get('tester') ?? '')
  return Promise.resolve(
    eventStream(request, ({ emit }) => hearTester(testerId, (text) => emit('record', JSON.stringify(text)))),
  )
})
