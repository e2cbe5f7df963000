import path from 'node:path'
import { backupsFolder, dataLocation, simulatedHoldMs } from './environment'

describe('dataLocation', () => {
  it('is a folder of its own unless told otherwise', () => {
    expect(dataLocation({})).toEqual({ kind: 'folder', folder: path.resolve('whyalon-data') })
    expect(dataLocation({ WHYALON_DATA: '/srv/bench', DATABASE_URL: '' })).toEqual({
      kind: 'folder',
      folder: '/srv/bench',
    })
  })

  it('is a server when one is named', () => {
    const url = 'postgres://bench@shop.local/whyalon'
    expect(dataLocation({ DATABASE_URL: url })).toEqual({ kind: 'server', url })
  })

  it('refuses an address that is not PostgreSQL’s and says what to set', () => {
    expect(() => dataLocation({ DATABASE_URL: 'mysql://x' })).toThrow(
      /DATABASE_URL.*Set DATABASE_URL to postgres:/s,
    )
  })
})

describe('simulatedHoldMs', () => {
  it('is a hand’s pace unless told otherwise, and refuses what is no time', () => {
    expect([{}, { WHYALON_HOLD_MS: '' }, { WHYALON_HOLD_MS: '60' }].map(simulatedHoldMs)).toEqual([
      700, 700, 60,
    ])
    for (const text of ['fast', '0', '1e9', '2.5'])
      expect(() => simulatedHoldMs({ WHYALON_HOLD_MS: text })).toThrow(
        /WHYALON_HOLD_MS: .* Set it to 20–10000 ms/,
      )
  })
})

describe('where backups go', () => {
  const beside = { kind: 'folder', folder: '/shop/data' } as const

  it('is beside the data, or where it is said, or nowhere', () => {
    expect(backupsFolder({}, beside)).toBe('/shop/data-backups')
    expect(backupsFolder({ WHYALON_BACKUPS: ' ' }, beside)).toBe('/shop/data-backups')
    expect(backupsFolder({ WHYALON_BACKUPS: '/other/disk' }, beside)).toBe('/other/disk')
    expect(backupsFolder({ WHYALON_BACKUPS: 'off' }, beside)).toBeNull()
    expect(backupsFolder({}, { kind: 'server', url: 'postgres://a/b' })).toMatch(/\/whyalon-backups$/)
  })
})
