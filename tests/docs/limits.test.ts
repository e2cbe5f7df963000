import fs from 'node:fs'
import path from 'node:path'
import { limitsPage } from '../../scripts/limits/limitsPage'

/** A table's cells without the spaces that only line them up. */
const cells = (text: string) =>
  text
    .split('\n')
    .map((line) =>
      line
        .replace(/ +/g, ' ')
        .replace(/:?-{3,}:?/g, '---')
        .trim(),
    )
    .filter(Boolean)

describe('docs/limits.md', () => {
  it('says what the tables enforce: a limit is changed there and here, or not at all', () => {
    const page = fs.readFileSync(path.resolve(import.meta.dirname, '../../docs/limits.md'), 'utf8')
    expect(cells(page)).toEqual(cells(limitsPage()))
  })
})
