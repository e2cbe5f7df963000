// Everything that must hold, on a fresh clone of a fresh machine: installs what it needs, then runs every suite.
// Ends with one line that counts all of them together.
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { ensureBuild } from './lib/build.mjs'
import { ensureChromium } from './lib/chromium.mjs'
import { ensureModules } from './lib/modules.mjs'
import { startThrowawayPostgres } from './lib/postgres.mjs'
import { bin, ROOT, run, step } from './lib/project.mjs'

const POSTGRES_PORT = Number(process.env.TEST_POSTGRES_PORT ?? 55432)
const reports = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-reports-'))
let passed = 0
let failed = 0

/** A tool that only says yes or no counts as one check. */
async function gate(title, program, args, options) {
  const code = await step(title, () => run(program, args, options))
  if (code === 0) passed++
  else failed++
  return code === 0
}

/** Adds a suite's own counts; a runner that fell over before it could count is one failure. */
function count(suite, read) {
  try {
    const { ok, wrong } = read()
    passed += ok
    failed += wrong
    if (ok + wrong === 0) throw new Error('it ran no test')
  } catch (error) {
    failed++
    console.error(`whyalon: ${suite} left no result: ${error.message}`)
  }
}

function report(name) {
  return JSON.parse(fs.readFileSync(path.join(reports, name), 'utf8'))
}

async function unitTests() {
  const postgres = await startThrowawayPostgres(POSTGRES_PORT)
  console.log(
    postgres.ok
      ? 'whyalon: data tests run on PGlite and on a throwaway PostgreSQL server'
      : `whyalon: data tests run on PGlite ALONE: ${postgres.why}`,
  )
  const empty = path.join(reports, 'empty-store')
  const made = await step('stores for the tests to copy, empty and with the demo world', () =>
    run(bin('tsx'), ['scripts/emptyStore.ts', empty], {
      env: { TZ: 'UTC', ...(postgres.ok && { TEST_DATABASE_URL: postgres.url }) },
    }),
  )
  const file = path.join(reports, 'jest.json')
  const args = [
    '--experimental-vm-modules',
    path.join(ROOT, 'node_modules/jest/bin/jest.js'),
    '--json',
    `--outputFile=${file}`,
  ]
  const env = {
    NODE_NO_WARNINGS: '1',
    TZ: 'UTC',
    ...(made === 0 && { WHYALON_EMPTY_STORE: empty }),
    ...(postgres.ok && { TEST_DATABASE_URL: postgres.url }),
  }
  await step('unit, property, outside and data tests', () => run(process.execPath, args, { env }))
  if (postgres.ok) postgres.stop()
  count('jest', () => {
    const { numPassedTests, numFailedTests, numFailedTestSuites, testResults } = report('jest.json')
    // A suite that could not be loaded has failed without a test of its own.
    const broken = testResults.filter(
      (suite) => suite.status === 'failed' && suite.assertionResults.length === 0,
    ).length
    return { ok: numPassedTests, wrong: numFailedTests + Math.min(broken, numFailedTestSuites) }
  })
}

async function endToEndTests() {
  const env = { PLAYWRIGHT_JSON_OUTPUT_NAME: path.join(reports, 'playwright.json'), TZ: 'UTC' }
  await step('end-to-end tests in Chromium', () => run(bin('playwright'), ['test'], { env }))
  count('playwright', () => {
    const { expected, unexpected, flaky } = report('playwright.json').stats
    // Right at the second go, on a server and a demo world of its own: listed above by name, to be looked into.
    return { ok: expected + flaky, wrong: unexpected }
  })
}

await ensureModules()
await ensureChromium()
await run(bin('next'), ['typegen'], { quiet: true })
// The linter takes one core for as long as the others and the build together take the second.
await Promise.all([
  gate('lint', bin('eslint'), ['.', '--max-warnings', '0']),
  (async () => {
    await gate('format', bin('prettier'), ['--check', '--log-level', 'warn', '.'])
    await gate('import boundaries', bin('depcruise'), ['src', '--config', '.dependency-cruiser.cjs'])
    await gate('types', bin('tsc'), ['--noEmit'])
    await gate('migrations are consistent', bin('drizzle-kit'), ['check'], { quiet: true })
    await ensureBuild()
  })(),
])
await unitTests()
await endToEndTests()

fs.rmSync(reports, { recursive: true, force: true })
console.log(`${passed} passed, ${failed} failed`)
process.exit(failed === 0 ? 0 : 1)
