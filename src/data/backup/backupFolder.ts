import fs from 'node:fs'
import path from 'node:path'
import type { Keeping } from '@/core/backups/keptBackups'
import { keptBackups } from '@/core/backups/keptBackups'
import { PROVED } from './proved'

/** A backup as it lies in its folder. */
export interface BackupFile {
  readonly name: string
  readonly madeAt: Date
  readonly bytes: number
  /** when it was last shown to restore; null while it was not */
  readonly provedAt: Date | null
}

const NAME = /^whyalon-(\d{4}-\d{2}-\d{2})T(\d{2})-(\d{2})-(\d{2})Z\.tar\.gz$/

/** So long a backup may take, ms: a shop of years takes seconds. */
export const WITHIN_MS = 15 * 60_000
/** What lies beside a backup while it is made. */
const IN_THE_MAKING = /\.tar\.gz\.(?:copy|making(?:\.tar\.gz)?)$/

/** Removes what was left of backups whose making was killed. */
export function removeLeftovers(folder: string, now: Date): void {
  for (const name of fs.readdirSync(folder)) {
    const file = path.join(folder, name)
    if (IN_THE_MAKING.test(name) && now.getTime() - fs.statSync(file).mtimeMs > WITHIN_MS)
      fs.rmSync(file, { recursive: true, force: true })
  }
}

/** What a backup made then is called: sorted by name they are sorted by time. */
export function backupName(at: Date): string {
  return `whyalon-${at.toISOString().slice(0, 19).replaceAll(':', '-')}Z.tar.gz`
}

/** The backups of a folder, the newest first; none where there is no such folder. */
export function backupsIn(folder: string): BackupFile[] {
  if (!fs.existsSync(folder)) return []
  return fs
    .readdirSync(folder)
    .flatMap((name): BackupFile[] => {
      const [, day, hours, minutes, seconds] = NAME.exec(name) ?? []
      if (day === undefined) return []
      const madeAt = new Date(`${day}T${hours}:${minutes}:${seconds}Z`)
      const file = path.join(folder, name)
      return [{ name, madeAt, bytes: fs.statSync(file).size, provedAt: provedAt(file) }]
    })
    .sort((one, other) => other.madeAt.getTime() - one.madeAt.getTime())
}

function provedAt(file: string): Date | null {
  const proof = `${file}${PROVED}`
  if (!fs.existsSync(proof)) return null
  const at = new Date(fs.readFileSync(proof, 'utf8'))
  return Number.isNaN(at.getTime()) ? null : at
}

/** Lets those go that are too old. Only what was shown to restore counts as the newest of its day, week or month. */
export function thinBackups(folder: string, keeping: Keeping): void {
  const proved = backupsIn(folder).filter((backup) => backup.provedAt !== null)
  const kept = keptBackups(
    proved.map(({ madeAt }) => madeAt),
    keeping,
  )
  for (const { name, madeAt } of proved) {
    if (kept.includes(madeAt)) continue
    fs.rmSync(path.join(folder, name))
    fs.rmSync(path.join(folder, `${name}${PROVED}`))
  }
}
