import Joi from 'joi'
import { dayIn } from '@/core/units/shopTime'
import { backupsIn } from '@/data/backup/backupFolder'
import { runBackup } from '@/data/backup/runBackup'
import type { DataLocation } from '@/data/environment'
import { action } from '../action'
import type { Refusal } from '../boundary'
import { refuse } from '../boundary'

export interface BackupLine {
  readonly name: string
  /** ISO time */
  readonly madeAt: string
  readonly bytes: number
  /** ISO time; null while it was not shown to restore */
  readonly provedAt: string | null
}

/** How the shop's backups stand. */
export interface BackupsState {
  /** where they lie; null where they are switched off */
  readonly folder: string | null
  /** the newest first */
  readonly backups: readonly BackupLine[]
  /** why the last one failed; null where it did not */
  readonly trouble: string | null
}

interface Keeper {
  readonly location: DataLocation
  readonly folder: string
  trouble: string | null
  running: Promise<void> | null
}

// Routes are bundled apart: the one keeper of this process hangs on its global object.
const shared = globalThis as unknown as { __whyalonBackups?: Keeper }

/** After a start the first pages come first, ms. */
const FIRST_LOOK_MS = 60_000
const LOOK_AGAIN_MS = 3_600_000
const DAY_MS = 24 * 3_600_000

/**
 * Has a backup made at the first start of a day and once a day from then on.
 * @param folder - null where they are off
 * @param zoneNow - whose days count
 */
export function keepBackups(
  location: DataLocation,
  folder: string | null,
  zoneNow: () => Promise<string>,
): void {
  if (folder === null || shared.__whyalonBackups) return
  const keeper: Keeper = { location, folder, trouble: null, running: null }
  shared.__whyalonBackups = keeper
  const look = async () => {
    const [newest] = backupsIn(folder)
    if (isDue(newest?.madeAt ?? null, new Date(), await zoneNow())) await make(keeper)
  }
  // A look that fails is taken again in an hour.
  const lookAgain = () =>
    void look().catch((error: unknown) => console.error('The backups could not be looked at.', error))
  setTimeout(lookAgain, FIRST_LOOK_MS).unref()
  setInterval(lookAgain, LOOK_AGAIN_MS).unref()
}

/** True on the shop's first day after the newest one, and where the clock stands before it: it was set back. */
export function isDue(newest: Date | null, now: Date, zone: string): boolean {
  if (newest === null) return true
  return dayIn(zone, newest) !== dayIn(zone, now) || Math.abs(now.getTime() - newest.getTime()) >= DAY_MS
}

/** One at a time: who asks while one is being made waits for that one. */
function make(keeper: Keeper): Promise<void> {
  keeper.running ??= runBackup(keeper.location, keeper.folder, new Date())
    .then((run) => {
      keeper.trouble = run.ok ? null : run.why
      if (!run.ok) console.error(`The backup failed: ${run.why}`)
    })
    .finally(() => {
      keeper.running = null
    })
  return keeper.running
}

export function backupsState(): BackupsState {
  const keeper = shared.__whyalonBackups
  if (!keeper) return { folder: null, backups: [], trouble: null }
  const backups = backupsIn(keeper.folder).map(({ name, madeAt, bytes, provedAt }) => ({
    name,
    madeAt: madeAt.toISOString(),
    bytes,
    provedAt: provedAt?.toISOString() ?? null,
  }))
  return { folder: keeper.folder, backups, trouble: keeper.trouble }
}

/** Makes a backup now and answers once it was shown to restore. */
export const backUpNow = action(
  Joi.object({}),
  async (): Promise<{ ok: true; state: BackupsState } | Refusal> => {
    const keeper = shared.__whyalonBackups
    if (!keeper) return refuse('Backups are switched off: WHYALON_BACKUPS says so.')
    await make(keeper)
    return keeper.trouble === null
      ? { ok: true, state: backupsState() }
      : refuse(`No backup was made: ${keeper.trouble}`)
  },
)
