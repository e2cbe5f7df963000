import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { backupName, backupsIn, removeLeftovers, thinBackups } from './backupFolder'

let folder: string
beforeEach(() => {
  folder = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-thin-'))
})
afterEach(() => fs.rmSync(folder, { recursive: true, force: true }))

function made(at: string, proved = true): string {
  const name = backupName(new Date(at))
  fs.writeFileSync(path.join(folder, name), 'backup')
  if (proved) fs.writeFileSync(path.join(folder, `${name}.proved`), at)
  return name
}

it('finds backups by their names, the newest first, with when they were shown to restore', () => {
  made('2026-11-29T18:00:00Z', false)
  const newest = made('2026-11-30T09:05:07Z')
  fs.writeFileSync(path.join(folder, 'letter.txt'), 'x')
  fs.writeFileSync(path.join(folder, 'whyalon-x.tar.gz'), 'x')
  expect(newest).toBe('whyalon-2026-11-30T09-05-07Z.tar.gz')
  const at = new Date('2026-11-30T09:05:07Z')
  expect(backupsIn(folder)).toEqual([
    { name: newest, madeAt: at, bytes: 6, provedAt: at },
    expect.objectContaining({ provedAt: null }),
  ])
  expect(backupsIn(path.join(folder, 'none'))).toEqual([])
})

it('lets old ones go, never one that is not proved, nor anything else in the folder', () => {
  const kept = [made('2026-11-30T18:00:00Z'), made('2026-11-29T18:00:00Z')]
  const unproved = made('2026-11-30T19:00:00Z', false)
  const gone = made('2026-11-30T09:00:00Z')
  fs.writeFileSync(path.join(folder, 'letter.txt'), 'x')
  thinBackups(folder, { last: 1, days: 7, weeks: 4, months: 12 })
  const left = fs.readdirSync(folder)
  expect(left).toEqual(expect.arrayContaining([...kept, unproved, 'letter.txt']))
  expect(left).not.toContain(gone)
  expect(left).not.toContain(`${gone}.proved`)
})

it('removes what was left of a backup whose making was killed, and nothing that is being made now', () => {
  const now = new Date()
  const hourAgo = new Date(now.getTime() - 3_600_000)
  const left = made('2026-11-30T18:00:00Z')
  for (const name of [`${left}.copy`, `${left}.making`]) {
    fs.mkdirSync(path.join(folder, name))
    fs.utimesSync(path.join(folder, name), hourAgo, hourAgo)
  }
  fs.mkdirSync(path.join(folder, `${backupName(now)}.copy`))
  removeLeftovers(folder, now)
  expect(fs.readdirSync(folder).sort()).toEqual([left, `${left}.proved`, `${backupName(now)}.copy`].sort())
})
