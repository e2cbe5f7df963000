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

  it('is not held by a process that has ended and was not collected yet', () => {
    // A parent that never waits for its child leaves it as it ended: here a shell that has become something else.
    const child = 'while [ "$(cat /proc/$PPID/comm)" = sh ]; do sleep 0.01; done'
    const parent = spawn('sh', ['-c', `sh -c '${child}' & echo $!; exec sleep 30`])
    const started = new Promise<number>((resolve) =>
      parent.stdout.once('data', (text: Buffer) => resolve(Number(text.toString()))),
    )
    return started.then(async (pid) => {
      const stat = () => fs.readFileSync(`/proc/${pid}/stat`, 'utf8')
      while (!/\) Z /.test(stat())) await new Promise((resolve) => setTimeout(resolve, 5))
      fs.writeFileSync(`${folder}.lock`, JSON.stringify({ pid, start: startOf(pid) }))
      lockFolder(folder)()
      parent.kill('SIGKILL')
    })
  })

  it('is held by a lock without a start time where its process began before it, and by none that began after', () => {
    const holder = spawn('sleep', ['30'])
    fs.writeFileSync(`${folder}.lock`, JSON.stringify({ pid: holder.pid }))
    expect(() => lockFolder(folder)).toThrow(FolderInUseError)
    const hourAgo = new Date(Date.now() - 3_600_000)
    fs.utimesSync(`${folder}.lock`, hourAgo, hourAgo)
    lockFolder(folder)()
    holder.kill('SIGKILL')
  })

  it('lets its own process hold it only once', () => {
    const release = lockFolder(folder)
    expect(() => lockFolder(folder)).toThrow(FolderInUseError)
    release()
  })
})
