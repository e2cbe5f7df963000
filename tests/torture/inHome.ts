import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'

/** Gives work a folder of its own, and removes it. */
export async function inHome<T>(work: (home: string) => Promise<T>): Promise<T> {
  const home = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-torture-'))
  try {
    return await work(home)
  } finally {
    fs.rmSync(home, { recursive: true, force: true })
  }
}
