import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { FolderRefusedError, folderState } from './folderState'

let home: string
let folder: string
beforeEach(() => {
  home = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-folder-'))
  folder = path.join(home, 'data')
})
afterEach(() => fs.rmSync(home, { recursive: true, force: true }))

/** Lays files down in the folder. */
function holds(files: Readonly<Record<string, string>>): void {
  for (const [name, text] of Object.entries(files)) {
    fs.mkdirSync(path.dirname(path.join(folder, name)), { recursive: true })
    fs.writeFileSync(path.join(folder, name), text)
  }
}

const DATA = { PG_VERSION: '18\n', 'global/pg_control': 'x', 'base/1/1247': 'rows' }

describe('what a data folder is', () => {
  it('is new where there is none, or nothing in it', () => {
    expect(folderState(folder)).toBe('new')
    fs.mkdirSync(folder)
    expect(folderState(folder)).toBe('new')
  })

  it('is data where the engine has been', () => {
    holds(DATA)
    expect(folderState(folder)).toBe('data')
  })

  it.each([
    ['without its version', { ...DATA, PG_VERSION: undefined }, /holds base, global, but no PG_VERSION/],
    ['without its control file', { ...DATA, 'global/pg_control': undefined }, /but no global\/pg_control/],
    [
      'with other things in it',
      { 'a.txt': '', 'b.txt': '', 'c.txt': '', 'd.txt': '', 'e.txt': '' },
      /holds a\.txt, b\.txt, c\.txt, d\.txt and 1 more, but no PG_VERSION and no global\/pg_control/,
    ],
    ['of another version', { ...DATA, PG_VERSION: '17\n' }, /version 17 of the database.*reads version 18/],
  ])('is refused %s, with what was found and what to do', (_, files, words) => {
    const laid = Object.fromEntries(
      Object.entries(files).filter((entry): entry is [string, string] => entry[1] !== undefined),
    )
    holds(laid)
    expect(() => folderState(folder)).toThrow(FolderRefusedError)
    expect(() => folderState(folder)).toThrow(words)
    expect(() => folderState(folder)).toThrow(/Nothing in it was changed\. .*WHYALON_DATA/)
  })

  it('is refused where it is a link or a file', () => {
    holds(DATA)
    const link = path.join(home, 'link')
    fs.symlinkSync(folder, link)
    expect(() => folderState(link)).toThrow(/is a link to .*data; under two names/)
    expect(() => folderState(path.join(folder, 'PG_VERSION'))).toThrow(/is a file/)
  })
})
