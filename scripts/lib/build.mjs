import { createHash } from 'node:crypto'
import fs from 'node:fs'
import path from 'node:path'
import { bin, must, ROOT, step } from './project.mjs'

const STAMP = path.join(ROOT, '.next/whyalon-source-hash')
const SOURCES = ['src', 'next.config.mjs', 'tsconfig.json', 'package-lock.json']

/** Builds the application when its sources are not the ones the last build was made from. */
export async function ensureBuild() {
  const hash = sourceHash()
  if (fs.existsSync(STAMP) && fs.readFileSync(STAMP, 'utf8') === hash) return
  await step('building the application (about a minute the first time)', () =>
    must(bin('next'), ['build'], { quiet: true }),
  )
  fs.writeFileSync(STAMP, hash)
}

function sourceHash() {
  const hash = createHash('sha256')
  for (const file of SOURCES.flatMap((name) => filesUnder(path.join(ROOT, name))).sort()) {
    hash.update(path.relative(ROOT, file)).update(fs.readFileSync(file))
  }
  return hash.digest('hex')
}

function filesUnder(target) {
  if (fs.statSync(target).isFile()) return [target]
  return fs
    .readdirSync(target, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => path.join(entry.parentPath, entry.name))
}
