import fs from 'node:fs'
import path from 'node:path'
import { aptInstall } from './aptInstall.mjs'
import { step } from './project.mjs'

/** Debian's browsers, best first: without a window of its own the tests take about a quarter less time. */
const PROGRAMS = ['chromium-headless-shell', 'chromium']

/** The browser the end-to-end tests drive: CHROMIUM_PATH, else the first of Debian's on the PATH. */
export function findChromium() {
  const given = process.env.CHROMIUM_PATH
  if (given && fs.existsSync(given)) return given
  const folders = (process.env.PATH ?? '').split(path.delimiter)
  return PROGRAMS.flatMap((program) => folders.map((folder) => path.join(folder, program))).find((file) =>
    fs.existsSync(file),
  )
}

/** Installs Debian's Chromium where there is none. */
export async function ensureChromium() {
  for (const program of PROGRAMS) {
    if (findChromium()) return
    await step(`installing Debian’s ${program} for the end-to-end tests`, () => aptInstall(program))
  }
  if (findChromium()) return
  console.error(
    'whyalon: there is no Chromium and it could not be installed: install it, or set CHROMIUM_PATH.',
  )
  process.exit(1)
}
