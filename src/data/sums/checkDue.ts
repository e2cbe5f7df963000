import fs from 'node:fs'

/** Beside the folder, so that it stands whatever becomes of the folder. */
const fileOf = (folder: string) => `${folder}.unchecked`

/** Notes that a folder is not opened again before its tables were compared with their sums, whatever day it is. */
export function noteCheckDue(folder: string): void {
  fs.writeFileSync(fileOf(folder), '')
}

export function isCheckDue(folder: string): boolean {
  return fs.existsSync(fileOf(folder))
}

export function noteChecked(folder: string): void {
  fs.rmSync(fileOf(folder), { force: true })
}
