import type { Examination } from './examineFolder'
import type { Repair } from './repairFolder'
import type { SumDifference } from '../sums/sumDifferences'
import { inWords } from '../sums/sumDifferences'

const MB = 1_000_000

/** What was found, a line each, and what to do about it. */
export function reportOf(examination: Examination): readonly string[] {
  const { folder, bytes, freeBytes, broken, backups } = examination
  const newest = backups.find(({ provedAt }) => provedAt !== null)
  const lines = [
    `folder    ${folder}, ${(bytes / MB).toFixed(1)} MB; ${Math.floor(freeBytes / MB)} MB free beside it`,
    `database  ${broken === null ? 'starts (on a copy)' : `does not start: ${broken}`}`,
    ...(broken === null ? [`tables    ${tablesText(examination)}`] : []),
    `backups   ${backups.length}; ${newest ? `newest that was shown to restore: ${newest.name}` : 'none that was shown to restore'}`,
  ]
  return [...lines, `to do     ${toDo(examination, newest !== undefined)}`]
}

function tablesText({ summed, differences }: Examination): string {
  if (!summed) return 'kept without sums by an older Whyalon: what is missing would not show'
  return differences.length === 0 ? 'every row is as it was written' : oneEach(differences)
}

function oneEach(differences: readonly SumDifference[]): string {
  return differences.map(inWords).join('\n          ')
}

/** True where nothing is wrong. */
export function isSound({ broken, differences }: Examination): boolean {
  return broken === null && differences.length === 0
}

function toDo(examination: Examination, hasBackup: boolean): string {
  if (isSound(examination)) return 'nothing'
  if (!hasBackup)
    return examination.broken === null
      ? 'copy the folder away; “npm run doctor -- --accept” goes on with what is there'
      : 'copy the folder away; there is no backup to go back to'
  return '“npm run doctor -- --repair” puts back what the backup holds, in a new folder; this one is not touched'
}

/** What came of a repair, and what to do with it. */
export function repairText({ folder, backup, wholeBackup, rows, left }: Repair): readonly string[] {
  const next = `to do     look at it with WHYALON_DATA=${folder} npm start, then put it in the place of the old one`
  if (wholeBackup !== null)
    return [`restored  ${folder}: all of ${backup}, as of ${wholeBackup}; what came after is lost`, next]
  const filled = `repaired  ${folder}: ${rows} rows from ${backup}`
  if (left.length === 0) return [`${filled}; every row is again as it was written`, next]
  return [
    filled,
    `missing   ${oneEach(left)}`,
    `to do     what is still missing was written after the backup; WHYALON_DATA=${folder} npm run doctor -- --accept goes on without it`,
  ]
}
