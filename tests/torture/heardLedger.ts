import fs from 'node:fs'
import type { Sent } from './Ledger'

/** What is heard of a shop's changes over all its lives, and handed to each next one. */
export class HeardLedger {
  private readonly answered = new Set<string>()
  private readonly imported = new Set<string>()
  private readonly open = new Map<string, Sent>()
  /** what was lost, doubled or refused */
  readonly wrong: string[] = []
  /** changes that no answer had come for when their life ended */
  unsure = 0

  constructor(readonly file: string) {}

  get stored(): number {
    return this.answered.size + this.imported.size
  }

  write(): void {
    fs.writeFileSync(
      this.file,
      JSON.stringify({
        stored: [...this.answered],
        imported: [...this.imported],
        unsure: [...this.open.values()],
      }),
    )
  }

  hear(line: string): void {
    const [word = '', ...rest] = line.split(' ')
    const said = rest.join(' ')
    if (word === 'wrong') this.wrong.push(said)
    if (word === 'sent') {
      const change = JSON.parse(said) as Sent
      this.open.set(change.key, change)
    }
    if (word !== 'stored' && word !== 'imported') return
    this.open.delete(said)
    this[word === 'stored' ? 'answered' : 'imported'].add(said)
  }

  endLife(): void {
    this.unsure += this.open.size
  }
}
