import { randomUUID } from 'node:crypto'
import type { SeenTray } from '@/core/tray/staleness'
import { CHANGED_ELSEWHERE } from '@/core/tray/staleness'
import type { Store } from '@/data/client'
import { seededRandom } from '@/devices/seededRandom'
import { underKey } from '@/services/sentOnce'
import { leaveOut } from '@/services/tray/leaveOut'
import { takeBackReading, takeReading } from '@/services/tray/takeReading'
import { trayByItsNumber } from '@/services/tray/trayPages'
import { allTrays } from '../stores/allTrays'
import { openBrokenTray } from '../stores/brokenTray'

/** What two windows on one tray came to. */
export interface StaleCount {
  readonly runs: number
  /** decisions of a window that had not seen the tray as it was: refused, with nothing changed */
  readonly refused: number
  readonly taken: number
  readonly wrong: readonly string[]
}

const MOST_CHANGES = 5

interface Window {
  readonly page: string
  seen: number
}

/** Has two windows change one tray in an order drawn by a seed, then one of them decide something, so many times. */
export async function staleTabs(store: Store, runs: number, seed: number): Promise<StaleCount> {
  const random = seededRandom(seed)
  const { db } = store
  const wrong: string[] = []
  let [refused, taken] = [0, 0]
  for (let run = 0; run < runs && wrong.length === 0; run++) {
    const now = new Date()
    const view = await openBrokenTray(db, `Stale ${randomUUID()}`, now)
    const { id, number, revision } = view.tray
    const windows: readonly Window[] = [0, 1].map(() => ({ page: randomUUID(), seen: revision }))
    const by = <T>({ page, seen }: Window, change: () => Promise<T>) =>
      underKey(randomUUID(), change, { page, revision: seen } satisfies SeenTray)
    let others = 0
    const [mine, theirs] = windows as [Window, Window]
    for (let left = random.index(MOST_CHANGES + 1); left > 0; left--) {
      const who = random.index(2) === 0 ? mine : theirs
      const input = {
        trayId: id,
        dimension: 'bore',
        placeIndex: 0,
        text: '30.95',
        instrumentId: view.instruments[0]?.id,
        source: 'typed',
        confirmed: true,
      }
      const answer = await by(who, () => takeReading(db, input, now))
      if (!answer.ok) wrong.push(`run ${run}: a reading was refused`)
      if (who === theirs) others++
      // A window is not always drawn anew at once.
      if (answer.ok && random.index(2) === 0 && who === mine) {
        mine.seen = answer.view.tray.revision
        others = 0
      }
    }
    const before = await allTrays(db)
    const standing = (await trayByItsNumber(db, number))?.readings ?? []
    const reading = standing.at(-1)
    const decide = () =>
      reading && random.index(2) === 0
        ? takeBackReading(db, { trayId: id, readingId: reading.id, reason: 'jaws tilted' }, now)
        : leaveOut(db, { trayId: id, subject: 'step:photograph', reason: 'dark' }, now)
    const answer = await by(mine, decide)
    const changed = (await allTrays(db)) !== before
    const isRefused = !answer.ok && answer.errors['stale'] === CHANGED_ELSEWHERE
    if (isRefused) refused++
    if (answer.ok) taken++
    if (others > 0 ? !isRefused || changed : !answer.ok || !changed)
      wrong.push(`run ${run}: ${others} changes of the other, ${JSON.stringify(answer).slice(0, 200)}`)
  }
  return { runs, refused, taken, wrong }
}
