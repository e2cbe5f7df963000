// Which tests run which lines of the core: only these can notice a fault in one of them.
import { spawnSync } from 'node:child_process'
import fs from 'node:fs'
import path from 'node:path'

/**
 * Runs every unit test once, or reads what an earlier run of the same files wrote.
 *
 * @param {string} keptIn - where the answer is kept; its name must change with the files
 * @param {(args: string[]) => { args: string[], options: object }} jest - how Jest is called in a copy of the project
 * @returns {Record<string, { ms: number, files: Record<string, number[]> }>} test file → time and lines run
 */
export function linesRun(keptIn, jest) {
  if (!fs.existsSync(keptIn)) {
    const writing = `${keptIn}.${process.pid}`
    const reporter = path.join(import.meta.dirname, 'coverageReporter.mjs')
    const { args, options } = jest([
      '--coverage',
      '--coverageProvider=v8',
      '--collectCoverageFrom=src/core/**/*.ts',
      '--silent',
      `--reporters=${reporter}`,
    ])
    const env = { ...options.env, WHYALON_LINES_RUN: writing }
    const { status } = spawnSync(process.execPath, args, {
      ...options,
      env,
      stdio: ['ignore', 'inherit', 'inherit'],
    })
    if (status !== 0) throw new Error('The unit tests fail without any fault put in: mend that first.')
    fs.renameSync(writing, keptIn)
  }
  return JSON.parse(fs.readFileSync(keptIn, 'utf8'))
}

const APPROVED = ['src/core/figures.test.ts', 'src/services/tray/demoTrays.test.ts']

/**
 * @param {Record<string, { ms: number, files: Record<string, number[]> }>} tests
 * @param {string} file - of the core
 * @param {number} line
 * @returns {string[]} the tests that run the line: those beside the file first, then those that compare much with what
 *   was approved, then the quickest
 */
export function testsThatRun(tests, file, line) {
  const beside = (test) => path.dirname(test) === path.dirname(file)
  return Object.entries(tests)
    .filter(([, { files }]) => files[file]?.includes(line))
    .sort(
      ([a, { ms: msOfA }], [b, { ms: msOfB }]) =>
        beside(b) - beside(a) || APPROVED.includes(b) - APPROVED.includes(a) || msOfA - msOfB,
    )
    .map(([test]) => test)
}
