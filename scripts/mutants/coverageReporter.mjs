// A Jest reporter that notes for every test file which lines of the core it ran, and how long it took.
import fs from 'node:fs'
import path from 'node:path'
import v8ToIstanbul from 'v8-to-istanbul'

/** Written where WHYALON_LINES_RUN names a file: { [test file]: { ms, files: { [core file]: line numbers } } }. */
export default class CoverageReporter {
  #rootDir
  #tests = {}
  #pending = []

  constructor({ rootDir }) {
    this.#rootDir = rootDir
  }

  onTestResult(_test, result) {
    const { v8Coverage, perfStats, testFilePath } = result
    const ran = { ms: perfStats.runtime, files: {} }
    this.#tests[this.#named(testFilePath)] = ran
    this.#pending.push(this.#linesOf(v8Coverage ?? [], ran.files))
    delete result.v8Coverage
  }

  async onRunComplete() {
    await Promise.all(this.#pending)
    fs.writeFileSync(process.env.WHYALON_LINES_RUN, JSON.stringify(this.#tests))
  }

  async #linesOf(scripts, files) {
    for (const { result, codeTransformResult } of scripts) {
      const file = this.#named(result.url)
      if (!file.startsWith('src/core/') || !codeTransformResult) continue
      const converter = v8ToIstanbul(result.url, 0, sourcesOf(result.url, codeTransformResult))
      await converter.load()
      converter.applyCoverage(result.functions)
      const { s: runs, statementMap } = converter.toIstanbul()[result.url]
      const lines = Object.keys(runs)
        .filter((at) => runs[at] > 0)
        .map((at) => statementMap[at].start.line)
      files[file] = [...new Set([...(files[file] ?? []), ...lines])]
    }
  }

  #named(file) {
    return path.relative(this.#rootDir, file)
  }
}

function sourcesOf(url, { code, originalCode, sourceMapPath }) {
  const map = JSON.parse(fs.readFileSync(sourceMapPath, 'utf8'))
  return { source: code, originalSource: originalCode, sourceMap: { sourcemap: { file: url, ...map } } }
}
