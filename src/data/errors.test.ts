import { dataTrouble, isUniqueViolation } from './errors'
import { DiskFullError } from './folder/writeGuard'
import { FolderRefusedError } from './folder/folderState'

const withCode = (code: string, message = 'x') => Object.assign(new Error(message), { code })
const wrapped = (cause: unknown) => new Error('Failed query', { cause })

it('knows a row that is there already, however deep the driver put it', () => {
  expect(isUniqueViolation(wrapped(wrapped(withCode('23505'))))).toBe(true)
  expect(isUniqueViolation(wrapped(withCode('23503')))).toBe(false)
  expect(isUniqueViolation('23505')).toBe(false)
})

describe('trouble that somebody can do something about', () => {
  it('is told in its own words', () => {
    expect(dataTrouble(wrapped(new DiskFullError(3_000_000)))).toMatch(/only 3 MB are free/)
    expect(dataTrouble(new FolderRefusedError('Folder: holds other things.'))).toBe(
      'Folder: holds other things.',
    )
    expect(dataTrouble(withCode('ECONNREFUSED', 'connect ECONNREFUSED 127.0.0.1:5432'))).toMatch(
      /server of DATABASE_URL does not let us in \(connect ECONNREFUSED.*Nothing was stored/,
    )
    expect(dataTrouble(wrapped(withCode('53100', 'could not extend file')))).toMatch(/is full\. Make room/)
  })

  it('is none of anything else', () => {
    expect(dataTrouble(wrapped(withCode('23505')))).toBeNull()
    expect(dataTrouble(new Error('ELOCKED'))).toBeNull()
    expect(dataTrouble(null)).toBeNull()
  })
})
