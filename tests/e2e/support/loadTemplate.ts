import { execFileSync } from 'node:child_process'
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'

/** Fills one data folder with the demo world; every worker's server runs on a copy of it. */
export default function loadTemplate(): () => void {
  const home = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-e2e-'))
  const template = path.join(home, 'template')
  execFileSync('node_modules/.bin/tsx', ['scripts/loadDemo.ts'], {
    env: { ...process.env, WHYALON_DATA: template, DATABASE_URL: '', TZ: 'UTC' },
    stdio: ['ignore', 'ignore', 'inherit'],
  })
  process.env.WHYALON_E2E_HOME = home
  return () => fs.rmSync(home, { recursive: true, force: true })
}
