// Deliberate faults: changes one line of the core at a time, in places drawn by a seed, and counts how many the unit
// tests notice. npm run mutants -- --seed 3 --count 60. Works in copies of the project: nothing here is touched.
// While writing tests for one folder: --in photo-gauge draws from the files of the core whose path holds that.
import { execFileSync, spawn } from 'node:child_process'
import { createHash } from 'node:crypto'
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { ensureModules } from './lib/modules.mjs'
import { ROOT } from './lib/project.mjs'
import { linesRun, testsThatRun } from './mutants/linesRun.mjs'

await ensureModules()
const { placesOf } = await import('./mutants/places.mjs')
const { always, equivalents } = JSON.parse(
  fs.readFileSync(path.join(ROOT, 'scripts/mutants/known.json'), 'utf8'),
)

const given = (name) => {
  const at = process.argv.indexOf(`--${name}`)
  return at < 0 ? undefined : process.argv[at + 1]
}
const argument = (name, usual) => Number(given(name) ?? usual)
const seed = argument('seed', 1)
const count = argument('count', 60)
/** Seconds of tests a fault is given at most; one that only a later test would see counts as missed. */
const patience = argument('patience', Infinity)
const workers = argument('workers', Math.max(1, Math.min(2, os.cpus().length)))
/** All of them together take a third of it: past this a test runs for ever, and the fault was noticed. */
const TIMEOUT_MS = 1_200_000
/** As long the tests asked first may take in all: most faults are seen by them, and the rest need not be started. */
const FIRST_MS = 8_000

const tracked = execFileSync('git', ['ls-files'], { cwd: ROOT, encoding: 'utf8' }).trim().split('\n')
const core = tracked.filter((f) => /^src\/core\/.*\.ts$/.test(f) && !f.endsWith('.test.ts'))
const within = given('in') ?? ''
const all = core
  .filter((file) => file.includes(within))
  .flatMap((file) => placesOf(file, fs.readFileSync(path.join(ROOT, file), 'utf8')))
const mutants = [...(within ? [] : always.map(fixedPlace)), ...drawn(all, count, seed)]
console.log(`whyalon: ${all.length} places in ${core.length} files; seed ${seed}, ${mutants.length} in all`)

const tests = testsOfLines()
const queue = mutants.map((mutant, index) => ({ mutant, index }))
const results = []
await Promise.all(Array.from({ length: workers }, worker))

const missed = results.filter((r) => !r.caughtBy)
const equivalent = missed.filter(({ mutant }) => reasonOf(mutant))
const counted = results.filter(({ mutant }) => !reasonOf(mutant) || !missed.some((m) => m.mutant === mutant))
const caught = counted.filter((r) => r.caughtBy).length
for (const { mutant } of missed) {
  const reason = reasonOf(mutant)
  console.log(
    `${reason ? 'equivalent' : 'MISSED'} ${mutant.file}:${mutant.line} ${mutant.was} → ${mutant.now}`,
  )
  console.log(`    ${mutant.source}${reason ? `\n    ${reason}` : ''}`)
}
const share = ((100 * caught) / counted.length).toFixed(1)
console.log(
  `seed ${seed}: ${caught} of ${counted.length} caught, ${share} %; ${equivalent.length} equivalent`,
)
const alwaysMissed = results.filter(({ mutant, caughtBy }) => mutant.always && !caughtBy)
process.exit(caught / counted.length >= 0.85 && alwaysMissed.length === 0 ? 0 : 1)

async function worker() {
  const copy = copyOfProject()
  try {
    for (let next = queue.shift(); next; next = queue.shift()) {
      const { mutant } = next
      const caughtBy = await noticedBy(copy, mutant)
      results.push({ mutant, caughtBy })
      const place = `${mutant.file}:${mutant.line} ${mutant.was} → ${mutant.now}`
      console.log(
        `${results.length}/${mutants.length} ${caughtBy ? `caught by ${caughtBy}` : 'MISSED'}: ${place}`,
      )
    }
  } finally {
    fs.rmSync(copy, { recursive: true, force: true })
  }
}

function copyOfProject() {
  const copy = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-mutants-'))
  for (const file of tracked) {
    if (!fs.existsSync(path.join(ROOT, file))) continue
    fs.mkdirSync(path.dirname(path.join(copy, file)), { recursive: true })
    fs.copyFileSync(path.join(ROOT, file), path.join(copy, file))
  }
  fs.symlinkSync(path.join(ROOT, 'node_modules'), path.join(copy, 'node_modules'))
  return copy
}

/** Which of the unit tests that run the line notice, the nearest and quickest asked first; null where none does. */
async function noticedBy(copy, mutant) {
  const file = path.join(copy, mutant.file)
  const text = fs.readFileSync(file, 'utf8')
  fs.writeFileSync(file, text.slice(0, mutant.at) + mutant.now + text.slice(mutant.end))
  try {
    const asked = testsThatRun(tests, mutant.file, mutant.line)
    let ms = 0
    const until = asked.map((test) => (ms += tests[test].ms))
    const first = asked.filter((_, at) => until[at] <= FIRST_MS)
    const others = asked.filter((_, at) => until[at] > FIRST_MS && until[at] <= patience * 1000)
    for (const some of [first, others]) {
      if (some.length > 0 && !(await passes(copy, some))) return some === first ? 'the nearest' : 'the others'
    }
    return null
  } finally {
    fs.writeFileSync(file, text)
  }
}

function testsOfLines() {
  const copy = copyOfProject()
  try {
    const state = createHash('sha256')
    for (const file of tracked.filter((name) => /^(src|tests)\/|^jest\.config/.test(name)))
      state.update(file).update(fs.readFileSync(path.join(copy, file)))
    const keptIn = path.join(os.tmpdir(), `whyalon-lines-run-${state.digest('hex').slice(0, 16)}.json`)
    return linesRun(keptIn, (args) => ({
      args: jest(copy, args),
      options: { cwd: copy, env: environment() },
    }))
  } finally {
    fs.rmSync(copy, { recursive: true, force: true })
  }
}

function passes(copy, tests) {
  const args = jest(copy, ['--runTestsByPath', ...tests, '--runInBand', '--bail', '--silent'])
  return new Promise((resolve) => {
    const child = spawn(process.execPath, args, { cwd: copy, stdio: 'ignore', env: environment() })
    const clock = setTimeout(() => child.kill('SIGKILL'), TIMEOUT_MS)
    child.once('exit', (code) => {
      clearTimeout(clock)
      resolve(code === 0)
    })
  })
}

function jest(copy, args) {
  return [
    '--experimental-vm-modules',
    path.join(ROOT, 'node_modules/jest/bin/jest.js'),
    '--rootDir',
    copy,
    ...args,
  ]
}

/** Without a PostgreSQL server: what the core does wrong shows on PGlite too. */
function environment() {
  const env = { ...process.env, NODE_NO_WARNINGS: '1', TZ: 'UTC' }
  delete env.TEST_DATABASE_URL
  return env
}

function fixedPlace({ file, source, was, now }) {
  const text = fs.readFileSync(path.join(ROOT, file), 'utf8')
  const from = text.indexOf(source)
  if (from < 0)
    throw new Error(`${file}: “${source}” is not there any more; correct scripts/mutants/known.json`)
  const at = from + source.indexOf(was)
  const line = text.slice(0, at).split('\n').length
  return { file, at, end: at + was.length, line, was, now, source, always: true }
}

function reasonOf({ file, source, was, now }) {
  return equivalents.find((e) => e.file === file && e.source === source && e.was === was && e.now === now)
    ?.reason
}

/** @returns as many as asked of the places, each once */
function drawn(places, most, fromSeed) {
  const random = mulberry32(fromSeed)
  const left = [...places]
  return Array.from({ length: Math.min(most, left.length) }, () =>
    left.splice(Math.floor(random() * left.length), 1),
  ).flat()
}

function mulberry32(start) {
  let state = start >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = Math.imul(state ^ (state >>> 15), state | 1)
    t = (t + Math.imul(t ^ (t >>> 7), t | 61)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}
