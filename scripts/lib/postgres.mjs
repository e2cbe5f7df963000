import { execFileSync } from 'node:child_process'
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { aptInstall } from './aptInstall.mjs'

const DEBIAN_FOLDER = '/usr/lib/postgresql'

/** Folder of the server's programs in the newest Debian version installed. */
function serverPrograms() {
  if (!fs.existsSync(DEBIAN_FOLDER)) return undefined
  return fs
    .readdirSync(DEBIAN_FOLDER)
    .sort((a, b) => Number(b) - Number(a))
    .map((version) => path.join(DEBIAN_FOLDER, version, 'bin'))
    .find((folder) => fs.existsSync(path.join(folder, 'initdb')))
}

/**
 * Starts a PostgreSQL server with an empty database of its own, on loopback, in a temporary folder.
 * @returns its address and how to stop it, or why there is none
 */
export async function startThrowawayPostgres(port) {
  const programs = serverPrograms() ?? ((await aptInstall('postgresql')) ? serverPrograms() : undefined)
  if (!programs) return { ok: false, why: 'PostgreSQL is not installed and could not be installed' }
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-pg-'))
  const asRoot = process.getuid?.() === 0
  // The server refuses to run as root: its own Debian user runs it then.
  const call = (program, args) => {
    const command = [path.join(programs, program), ...args]
    const [first, ...rest] = asRoot
      ? ['setpriv', '--reuid=postgres', '--regid=postgres', '--clear-groups', ...command]
      : command
    execFileSync(first, rest, { stdio: 'ignore', cwd: folder })
  }
  const remove = () => fs.rmSync(folder, { recursive: true, force: true })
  try {
    if (asRoot) execFileSync('chown', ['postgres', folder])
    const data = path.join(folder, 'data')
    call('initdb', ['-D', data, '-U', 'whyalon', '--auth=trust'])
    call('pg_ctl', [
      '-D',
      data,
      '-w',
      '-o',
      `-p ${port} -h 127.0.0.1 -k ${folder} -F`,
      '-l',
      path.join(folder, 'log'),
      'start',
    ])
    const stop = () => {
      try {
        call('pg_ctl', ['-D', data, '-m', 'immediate', 'stop'])
      } finally {
        remove()
      }
    }
    return { ok: true, url: `postgres://whyalon@127.0.0.1:${port}/postgres`, stop }
  } catch (error) {
    remove()
    return { ok: false, why: error instanceof Error ? error.message : String(error) }
  }
}
