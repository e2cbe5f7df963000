import type { Db } from '@/data/client'
import { atMost } from './atMost'
import { isBridgeToken } from './instrumentBridge'

/** A program that tries tokens has a minute's rest after so many wrong ones. */
const MOST_WRONG = 20
/** No hand takes readings faster, and no data key sends more. */
const MOST_LINES = 100
const MINUTE_MS = 60_000
const SECONDS_MS = 5_000

interface Counters {
  readonly wrong: ReturnType<typeof atMost>
  readonly lines: ReturnType<typeof atMost>
}

// Routes are bundled apart: the one door of this process hangs on its global object.
const shared = globalThis as unknown as { __whyalonBridgeDoor?: Counters }

function counters(): Counters {
  return (shared.__whyalonBridgeDoor ??= {
    wrong: atMost(MOST_WRONG, MINUTE_MS),
    lines: atMost(MOST_LINES, SECONDS_MS),
  })
}

/** Whether a line may come in: by its token, and not faster than instruments send. */
export async function atBridgeDoor(
  db: Db,
  token: string | undefined,
  now: Date,
): Promise<'in' | 'no-token' | 'too-many'> {
  const { wrong, lines } = counters()
  if (token && (await isBridgeToken(db, token))) return lines.lets(now.getTime()) ? 'in' : 'too-many'
  return wrong.lets(now.getTime()) ? 'no-token' : 'too-many'
}
