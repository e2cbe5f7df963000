import { createHash } from 'node:crypto'
import fs from 'node:fs'
import path from 'node:path'
import { must, ROOT, step } from './project.mjs'

const STAMP = path.join(ROOT, 'node_modules/.whyalon-lock-hash')

/** Installs the packages when the lock file is not the one they were installed from. */
export async function ensureModules() {
  const lock = createHash('sha256')
    .update(fs.readFileSync(path.join(ROOT, 'package-lock.json')))
    .digest('hex')
  if (fs.existsSync(STAMP) && fs.readFileSync(STAMP, 'utf8') === lock) return
  await step('installing packages (about a minute the first time)', () =>
    must('npm', ['ci', '--no-progress', '--loglevel=error']),
  )
  fs.writeFileSync(STAMP, lock)
}
