import type { ChildProcess } from 'node:child_process'
import { spawn } from 'node:child_process'
import path from 'node:path'

/** How a process ended. */
export interface End {
  readonly code: number | null
  readonly signal: string | null
  /** what it said of errors first */
  readonly errors: string
}

/** A process that says nothing for so long hangs, ms. */
const SILENT_MS = 120_000

/** Starts a program of this folder and hears what it says, line by line, until it has ended. @param backups - where it makes them */
export function startLife(
  program: string,
  args: readonly string[],
  heard: (line: string) => void,
  backups = 'off',
): { readonly child: ChildProcess; readonly ended: Promise<End> } {
  const child = spawn(
    process.execPath,
    ['--import', 'tsx', path.resolve('tests/torture', program), ...args],
    { stdio: ['ignore', 'pipe', 'pipe'], env: { ...process.env, WHYALON_BACKUPS: backups } },
  )
  let [rest, errors] = ['', '']
  const silence = setTimeout(() => {
    errors += 'said nothing any more'
    child.kill('SIGKILL')
  }, SILENT_MS)
  child.stdout.on('data', (chunk: Buffer) => {
    silence.refresh()
    const lines = (rest + chunk.toString()).split('\n')
    rest = lines.pop() ?? ''
    for (const line of lines) heard(line)
  })
  child.stderr.on('data', (chunk: Buffer) => (errors = (errors + chunk.toString()).slice(0, 2000)))
  const ended = new Promise<End>((resolve) =>
    child.once('close', (code, signal) => {
      clearTimeout(silence)
      resolve({ code, signal, errors })
    }),
  )
  return { child, ended }
}
