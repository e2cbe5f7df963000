import { spawn } from 'node:child_process'
import path from 'node:path'
import { ROOT } from './project.mjs'
import { keptRestarts, PANIC_STATUS } from './restarts.mjs'

const HOST = '127.0.0.1'

/**
 * Runs the built application on this machine only, until it is told to stop.
 * Signals go on to it, so that it lets go of the data folder. Ended because its log could not be written, it is begun
 * anew.
 */
export async function serve({ data, port }) {
  const restarts = keptRestarts()
  let child = null
  const begin = () => {
    child = startNext(data, port)
    child.once('exit', (code) => {
      if (code !== PANIC_STATUS || !restarts.mayBegin(Date.now())) process.exit(code ?? 0)
      console.error('whyalon: begins anew …')
      begin()
    })
  }
  begin()
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal))

  const address = `http://localhost:${port}`
  const answer = await firstAnswer(`http://${HOST}:${port}/api/state`)
  if (answer.ok) console.log(`whyalon: ready on ${address} (Ctrl-C stops it)`)
  else console.error(`whyalon: ${address} cannot open the data: ${await whatIsWrong(answer)}`)
}

function startNext(data, port) {
  const next = path.join(ROOT, 'node_modules/next/dist/bin/next')
  const child = spawn(process.execPath, [next, 'start', '-H', HOST, '-p', String(port)], {
    cwd: ROOT,
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', WHYALON_DATA: data },
    stdio: ['ignore', 'pipe', 'inherit'],
  })
  child.stdout.on('data', (chunk) => process.env.WHYALON_VERBOSE && process.stdout.write(chunk))
  return child
}

/** The first answer of the server; it opens the data, so a wrong folder shows here and not at the first click. */
async function firstAnswer(url) {
  for (;;) {
    try {
      return await fetch(url)
    } catch {
      await new Promise((resolve) => setTimeout(resolve, 100)) // not listening yet
    }
  }
}

async function whatIsWrong(answer) {
  const { errors = {} } = await answer.json().catch(() => ({}))
  return errors.form ?? `it answers with ${answer.status}`
}

/** The port from PORT, else 3000. */
export function port() {
  const wanted = Number(process.env.PORT ?? 3000)
  if (Number.isInteger(wanted) && wanted > 0 && wanted < 65_536) return wanted
  console.error(`whyalon: PORT is ${process.env.PORT}; it must be a whole number from 1 to 65535.`)
  process.exit(1)
}
