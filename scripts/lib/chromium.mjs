import fs from 'node:fs'
import path from 'node:path'
import { aptInstall } from './aptInstall.mjs'
import { step } from './project.mjs'

/** The browser the end-to-end tests drive: CHROMIUM_PATH, else the first `chromium` on the PATH. */
export function findChromium() {
  const given = process.env.CHROMIUM_PATH
  if (given && fs.existsSync(given)) return given
  return (process.env.PATH ?? '')
    .split(path.delimiter)
    .map((folder) => path.join(folder, 'chromium'))
    .find((file) => fs.existsSync(file))
}

/** Installs Debian's Chromium where there is none. */
export async function ensureChromium() {
  if (findChromium()) return
  await step('installing Debian’s Chromium for the end-to-end tests', () => aptInstall('chromium'))
  if (findChromium()) return
  console.error(
    'whyalon: there is no Chromium and it could not be installed: install it, or set CHROMIUM_PATH.',
  )
  process.exit(1)
}
