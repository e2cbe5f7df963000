import fs from 'node:fs'

interface Owner {
  readonly pid: number
  /** start time of the process, so that a reused pid is not taken for the holder; null where there is no procfs */
  readonly start: string | null
}

/** Thrown when another living process owns the data folder. */
export class FolderInUseError extends Error {
  readonly code = 'ELOCKED'

  constructor(
    readonly folder: string,
    readonly pid: number | null,
  ) {
    super(
      `The data folder ${folder} is in use by ${pid === null ? 'another process' : `process ${pid}`}. ` +
        'Only one Whyalon may open it: use the one that is running, stop it first, or set WHYALON_DATA to another folder.',
    )
  }
}

const ATTEMPTS = 5

const fileOf = (folder: string) => `${folder}.lock`

/** True where a lock lies beside the folder: of one who holds it, or of one who was killed and let go of nothing. */
export function hasLock(folder: string): boolean {
  return fs.existsSync(fileOf(folder))
}

/** @throws FolderInUseError when a living process holds the folder; a lock that holds nothing is left where it lies */
export function refuseHeld(folder: string): void {
  const text = textOf(fileOf(folder))
  const owner = text === null ? null : ownerFrom(text)
  if (owner && isAlive(owner, writtenAt(fileOf(folder)))) throw new FolderInUseError(folder, owner.pid)
}

/**
 * Takes the data folder for this process; a lock left by a killed holder is moved aside.
 * The lock is a hard link beside the folder: made in one step, never half written.
 * @returns releases the lock; also done when the process exits
 * @throws FolderInUseError when a living process holds it
 */
export function lockFolder(folder: string): () => void {
  const file = fileOf(folder)
  const draft = `${file}.${process.pid}`
  const mine = JSON.stringify({ pid: process.pid, start: startOf(process.pid) } satisfies Owner)
  fs.writeFileSync(draft, mine)
  try {
    for (let attempt = 0; attempt < ATTEMPTS; attempt++) {
      if (linked(draft, file)) {
        const release = () => {
          if (textOf(file) === mine) fs.rmSync(file, { force: true })
        }
        process.once('exit', release)
        return release
      }
      const text = textOf(file)
      if (text === null) continue
      const owner = ownerFrom(text)
      if (owner && isAlive(owner, writtenAt(file))) throw new FolderInUseError(folder, owner.pid)
      moveAside(file, text)
    }
    throw new FolderInUseError(folder, null)
  } finally {
    fs.rmSync(draft, { force: true })
  }
}

function linked(from: string, to: string): boolean {
  try {
    fs.linkSync(from, to)
    return true
  } catch (error) {
    if (codeOf(error) === 'EEXIST') return false
    throw error
  }
}

function textOf(file: string): string | null {
  try {
    return fs.readFileSync(file, 'utf8')
  } catch (error) {
    if (codeOf(error) === 'ENOENT') return null
    throw error
  }
}

function writtenAt(file: string): number {
  return fs.statSync(file, { throwIfNoEntry: false })?.mtimeMs ?? 0
}

function ownerFrom(text: string): Owner | null {
  try {
    const value: unknown = JSON.parse(text)
    if (typeof value !== 'object' || value === null || !('pid' in value)) return null
    const { pid } = value
    if (typeof pid !== 'number') return null
    return { pid, start: 'start' in value && typeof value.start === 'string' ? value.start : null }
  } catch {
    return null // not a lock of ours: as good as stale
  }
}

/**
 * True where the process that wrote a lock still runs. A number alone says little: it may be another process's by now,
 * or that of one that has ended and was not collected yet.
 * @param writtenMs - when the lock was written
 */
function isAlive(owner: Owner, writtenMs: number): boolean {
  try {
    process.kill(owner.pid, 0)
  } catch (error) {
    if (codeOf(error) === 'ESRCH') return false
  }
  const now = processOf(owner.pid)
  if (now === null) return true
  if (ENDED.includes(now.state)) return false
  if (owner.start !== null) return now.start === owner.start
  // Nothing tells the holder by name: who began after the lock was written did not write it.
  const began = beganMs(now.start)
  return began === null || began <= writtenMs + CLOCK_STEP_MS
}

/** States of a process that has ended, whether or not its parent has heard: proc(5). */
const ENDED = ['Z', 'X', 'x']
/** Starts of processes are counted in hundredths of a second on every Linux there is: proc(5). */
const TICKS_PER_S = 100
/** As exactly as the start of the machine is told, ms. */
const CLOCK_STEP_MS = 2000

/** State and start time of a process, fields 3 and 22 of its stat file; null where there is no procfs. */
function processOf(pid: number): { readonly state: string; readonly start: string } | null {
  const stat = textOf(`/proc/${pid}/stat`)
  const [state, start] = [0, 19].map((at) => stat?.slice(stat.lastIndexOf(')') + 2).split(' ')[at])
  return state !== undefined && start !== undefined ? { state, start } : null
}

function startOf(pid: number): string | null {
  return processOf(pid)?.start ?? null
}

/** When a process began, ms since 1970; null where the machine does not say when it was started. */
function beganMs(start: string): number | null {
  const booted = /^btime (\d+)$/m.exec(textOf('/proc/stat') ?? '')?.[1]
  return booted === undefined ? null : (Number(booted) + Number(start) / TICKS_PER_S) * 1000
}

function moveAside(file: string, seen: string): void {
  const aside = `${file}.stale.${process.pid}`
  try {
    fs.renameSync(file, aside)
  } catch (error) {
    if (codeOf(error) === 'ENOENT') return // another starter moved it first
    throw error
  }
  // Taken by a new holder between reading and moving: put it back.
  if (textOf(aside) !== seen) linked(aside, file)
  fs.rmSync(aside, { force: true })
}

/** Structural, because an error of another realm (a test runner's) is no `instanceof` ours. */
function codeOf(error: unknown): string | undefined {
  if (typeof error !== 'object' || error === null || !('code' in error)) return undefined
  return typeof error.code === 'string' ? error.code : undefined
}
