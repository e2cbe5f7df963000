import { execFileSync } from 'node:child_process'
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { emptyDatabase } from '../../stores/databases'

/** Fills a store with the demo world. */
function fill(where: { readonly WHYALON_DATA: string; readonly DATABASE_URL: string }): void {
  execFileSync('node_modules/.bin/tsx', ['scripts/loadDemo.ts'], {
    env: { ...process.env, ...where, WHYALON_BACKUPS: 'off', TZ: 'UTC' },
    stdio: ['ignore', 'ignore', 'inherit'],
  })
}

/**
 * Fills one data folder with the demo world; every worker's server runs on a copy of it. With a PostgreSQL server
 * (TEST_DATABASE_URL) so does one database, and the workers run on copies of that.
 */
export default async function loadTemplate(): Promise<() => Promise<void>> {
  const home = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-e2e-'))
  const template = path.join(home, 'template')
  fill({ WHYALON_DATA: template, DATABASE_URL: '' })
  process.env.WHYALON_E2E_HOME = home
  const server = process.env.TEST_DATABASE_URL
  const database = server ? await emptyDatabase(server) : null
  if (database) {
    fill({ WHYALON_DATA: template, DATABASE_URL: database.url })
    process.env.WHYALON_E2E_DATABASE = database.url
  }
  return async () => {
    fs.rmSync(home, { recursive: true, force: true })
    await database?.drop()
  }
}
