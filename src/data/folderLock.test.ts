import { spawn, spawnSync } from 'node:child_process'
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { FolderInUseError, lockFolder } from './folderLock'

describe('lockFolder', () => {
  let home: string
  let folder: string
  beforeEach(() => {
    home = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-lock-'))
    folder = path.join(home, 'data')
  })
  afterEach(() => fs.rmSync(home, { recursive: true, force: true }))

  const startOf = (pid: number) => fs.readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1]?.split(' ')[19]

  it('is free again when it is released', () => {
    lockFolder(folder)()
    lockFolder(folder)()
    expect(fs.readdirSync(home)).toEqual([])
  })

  it('refuses while a living process holds it, and says who and what to do', () => {
    const holder = spawn('sleep', ['30'])
    fs.writeFileSync(`${folder}.lock`, JSON.stringify({ pid: holder.pid, start: startOf(holder.pid ?? 0) }))
    expect(() => lockFolder(folder)).toThrow(FolderInUseError)
    expect(() => lockFolder(folder)).toThrow(new RegExp(`in use by process ${holder.pid}.*WHYALON_DATA`))
    holder.kill('SIGKILL')
  })

  it('takes over from a killed holder, a reused pid and a broken lock file', () => {
    const { pid } = spawnSync('true')
    fs.writeFileSync(`${folder}.lock`, JSON.stringify({ pid, start: '1' }))
    lockFolder(folder)()
    fs.writeFileSync(`${folder}.lock`, JSON.stringify({ pid: process.pid, start: 'another start' }))
    lockFolder(folder)()
    fs.writeFileSync(`${folder}.lock`, '{"pid":')
    lockFolder(folder)()
    expect(fs.readdirSync(home)).toEqual([])
  })

  it('lets its own process hold it only once', () => {
    const release = lockFolder(folder)
    expect(() => lockFolder(folder)).toThrow(FolderInUseError)
    release()
  })
})
