import fs from 'node:fs'
import path from 'node:path'

const CORE = import.meta.dirname

/** What is exported as data: figures, and tables that hold some. */
function figuresIn(value: unknown): unknown {
  if (typeof value === 'number') return value
  if (value instanceof RegExp || value instanceof Map || value instanceof Set) return undefined
  if (Array.isArray(value)) {
    const list = value.map(figuresIn)
    return list.some((one) => one !== undefined) ? list.map((one) => one ?? null) : undefined
  }
  if (typeof value !== 'object' || value === null) return undefined
  const held = Object.entries(value).flatMap(([key, one]) => {
    const figures = figuresIn(one)
    return figures === undefined ? [] : [[key, figures] as const]
  })
  return held.length > 0 ? Object.fromEntries(held) : undefined
}

// Bands, limits, guesses and handbook values, each once: one that changes is looked at here before it is approved
// with -u. Where it comes from stands beside it in its file.
describe('the figures the core rests on', () => {
  test('are the approved ones', async () => {
    const files = fs
      .readdirSync(CORE, { recursive: true, encoding: 'utf8' })
      .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
      .toSorted()
    const lines: string[] = []
    for (const file of files) {
      const exported = (await import(path.join(CORE, file))) as Record<string, unknown>
      for (const [name, value] of Object.entries(exported)) {
        const figures = figuresIn(value)
        if (figures !== undefined)
          lines.push(`${file} ${name} ${JSON.stringify(figures).replaceAll(/"(\w+)":/g, '$1:')}`)
      }
    }
    expect(lines.join('\n')).toMatchSnapshot()
  }, 120_000)
})
