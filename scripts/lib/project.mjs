// Only Node's own modules here: this runs before anything is installed.
import { spawn } from 'node:child_process'
import path from 'node:path'
import { fileURLToPath } from 'node:url'

export const ROOT = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '../..')

/** Path of a program the project's packages brought. */
export function bin(name) {
  return path.join(ROOT, 'node_modules/.bin', name)
}

/** Says what is being done, then how long it took. */
export async function step(title, work) {
  const start = Date.now()
  console.log(`whyalon: ${title} …`)
  const result = await work()
  console.log(`whyalon: ${title}, done in ${((Date.now() - start) / 1000).toFixed(1)} s`)
  return result
}

/**
 * Runs a program in the project's folder with its output shown.
 * @returns its exit code
 */
export function run(program, args, { env = {}, quiet = false } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(program, args, {
      cwd: ROOT,
      env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...env },
      stdio: quiet ? ['ignore', 'ignore', 'inherit'] : ['ignore', 'inherit', 'inherit'],
    })
    child.once('error', reject)
    child.once('exit', (code, signal) => resolve(code ?? (signal ? 1 : 0)))
  })
}

/** As {@link run}, but anything but success ends the script. */
export async function must(program, args, options) {
  const code = await run(program, args, options)
  if (code === 0) return
  console.error(`whyalon: ${path.basename(program)} ${args.join(' ')} ended with ${code}`)
  process.exit(code)
}
