// Server start on an existing folder, and the JavaScript of a first load of the tray page, compressed.
import { spawn } from 'node:child_process'
import { execFileSync } from 'node:child_process'
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { gzipSync } from 'node:zlib'

const PORT = 3219
const START_BUDGET_MS = 3000
const SCRIPT_BUDGET_KB = 350
const STARTS = 5

const home = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-bench-'))
const data = path.join(home, 'data')
execFileSync('node_modules/.bin/tsx', ['scripts/loadDemo.ts'], {
  env: { ...process.env, WHYALON_DATA: data, DATABASE_URL: '' },
})

/** Starts the server and waits for the first page made from the data. */
async function start() {
  const began = performance.now()
  const child = spawn(
    process.execPath,
    ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(PORT)],
    {
      env: { ...process.env, WHYALON_DATA: data, DATABASE_URL: '', NEXT_TELEMETRY_DISABLED: '1' },
      stdio: 'ignore',
    },
  )
  for (;;) {
    const response = await fetch(`http://127.0.0.1:${PORT}/trays/214`).catch(() => null)
    if (response?.ok) return { ms: performance.now() - began, html: await response.text(), child }
    await new Promise((resolve) => setTimeout(resolve, 25))
  }
}

async function stop(child) {
  const ended = new Promise((resolve) => child.once('exit', resolve))
  child.kill('SIGTERM')
  await ended
}

const times = []
let kilobytes = 0
for (let i = 0; i < STARTS; i++) {
  const { ms, html, child } = await start()
  times.push(ms)
  // What only a browser without modules loads is loaded by none that can run this application.
  const modern = html.replaceAll(/<script[^>]*\bnoModule\b[^>]*>/gi, '')
  const scripts = [...new Set(modern.match(/\/_next\/static\/[^"\\]+?\.js/g) ?? [])]
  const bodies = await Promise.all(
    scripts.map(async (src) => (await fetch(`http://127.0.0.1:${PORT}${src}`)).arrayBuffer()),
  )
  kilobytes = bodies.reduce((sum, body) => sum + gzipSync(Buffer.from(body)).length, 0) / 1024
  await stop(child)
}
fs.rmSync(home, { recursive: true, force: true })
const median = times.sort((a, b) => a - b)[Math.floor(STARTS / 2)]
console.log(
  `server start to first tray page: median ${median.toFixed(0)} ms of ${STARTS}, ${(START_BUDGET_MS / median).toFixed(2)} times inside the ${START_BUDGET_MS} ms budget`,
)
console.log(
  `first-load JavaScript of the tray page: ${kilobytes.toFixed(0)} kB compressed, ${(SCRIPT_BUDGET_KB / kilobytes).toFixed(2)} times inside the ${SCRIPT_BUDGET_KB} kB budget`,
)
