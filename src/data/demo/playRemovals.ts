import type { JobFacts } from '@/core/procedure/JobFacts'
import { schoolStand } from '@/core/procedure/schoolStand'
import type { Step } from '@/core/procedure/Step'
import { removalStep, SCHOOL_OF_REMOVAL } from '@/core/removal/planRemoval'
import type { RemovalWay, RemovedPart } from '@/core/removal/Removal'
import { REMOVAL_WAYS, REMOVED_PARTS } from '@/core/removal/Removal'
import type { Db } from '../client'
import { insertRemoval } from '../queries/removals'
import type { Tray } from '../queries/trays'
import type { DemoTray } from './DemoTray'

interface Played {
  readonly facts: JobFacts
  readonly demo: DemoTray
  readonly done: readonly Step[]
}

/** Writes down how whatever is off a demo tray came off: clean, unless the tray says otherwise. */
export async function playRemovals(
  db: Db,
  tray: Tray,
  { facts, demo, done }: Played,
  at: Date,
): Promise<void> {
  for (const part of REMOVED_PARTS) {
    const step = removalStep(part, done)
    const way = step && wayOf(part, facts, tray)
    if (!step || !way) continue
    const { outcome, note } = demo.cameOff?.[part] ?? { outcome: 'clean', note: '' }
    // Nobody is as quick on every piece.
    const minutes = step.activeMinutes + (tray.number % 4)
    await insertRemoval(db, { trayId: tray.id, part, way, outcome, minutes, note, at })
  }
}

/** What the tray's school says, where there is one to choose. */
function wayOf(part: RemovedPart, facts: JobFacts, { schools }: Tray): RemovalWay | undefined {
  const school = SCHOOL_OF_REMOVAL[part]
  const ways: readonly RemovalWay[] = REMOVAL_WAYS[part]
  if (school === null) return ways[0]
  const { option } = schoolStand(school, facts, schools)
  return ways.find((way) => way === option)
}
