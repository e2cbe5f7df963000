import { execFileSync } from 'node:child_process'
import fs from 'node:fs'
import path from 'node:path'
import { expect, test } from './support/bench'
import { Server } from './support/Server'

const PORT = 3241

test('a shop is backed up while it works, from Settings and by command, and comes back from the file alone', async ({
  page,
}) => {
  test.setTimeout(400_000)
  const home = process.env.WHYALON_E2E_HOME ?? ''
  const own = fs.mkdtempSync(path.join(home, 'backups-'))
  const [data, backups, restored] = ['shop', 'shop-backups', 'restored'].map((name) => path.join(own, name))
  fs.cpSync(path.join(home, 'template'), data ?? '', { recursive: true })
  const env = { ...process.env, DATABASE_URL: '', WHYALON_BACKUPS: backups, TZ: 'UTC', PORT: String(PORT) }
  const tsx = (script: string, ...args: readonly string[]) => ({
    on: (folder: string | undefined) =>
      execFileSync('node_modules/.bin/tsx', [script, ...args], {
        env: { ...env, WHYALON_DATA: folder },
        encoding: 'utf8',
      }),
  })
  const server = new Server(data ?? '', PORT, backups)
  await server.start()
  try {
    await page.goto(`${server.address}/settings`)
    const panel = page.getByRole('region', { name: 'Backups' })
    await expect(panel).toContainText('None yet')
    await panel.getByRole('button', { name: 'Back up now' }).click()
    await expect(panel).toContainText(/Last good one: .*shown to restore/, { timeout: 90_000 })
    await expect(panel.getByRole('listitem')).toHaveCount(1)
    await expect(panel).not.toContainText('not shown to restore')

    // By command, while the shop is open: it is asked to make one.
    expect(tsx('scripts/backup.ts').on(data)).toMatch(/backup .*\.tar\.gz, [\d.]+ MB, shown to restore/)
    await page.reload()
    await expect(panel.getByRole('listitem')).toHaveCount(2)

    // As long as the shop says, and no longer.
    await panel.getByRole('button', { name: 'How long they are kept' }).click()
    const form = page.getByRole('dialog')
    await form.getByLabel('The last ones').fill('0')
    await form.getByRole('button', { name: 'Store' }).click()
    await expect(form).toContainText(/The last ones: 0 is/)
    for (const [label, count] of [
      ['The last ones', '1'],
      ['Days, one each', '0'],
      ['Weeks, one each', '0'],
      ['Months, one each', '0'],
    ] as const)
      await form.getByLabel(label).fill(count)
    await form.getByRole('button', { name: 'Store' }).click()
    await expect(form).toBeHidden()
    await expect(panel).toContainText('the last 1 are kept.')
    await panel.getByRole('button', { name: 'Back up now' }).click()
    await expect(panel.getByRole('listitem')).toHaveCount(1, { timeout: 90_000 })
  } finally {
    await page.goto('about:blank')
    await server.stop()
  }
  const [newest = ''] = fs
    .readdirSync(backups ?? '')
    .filter((name) => name.endsWith('.tar.gz'))
    .sort()
    .reverse()
  const restore = tsx('scripts/restore.ts', path.join(backups ?? '', newest))
  expect(restore.on(restored)).toMatch(/restored into .*: \d{3,} rows of \d+ tables/)
  expect(() => restore.on(restored)).toThrow(/holds data already/)
  const again = new Server(restored ?? '', PORT)
  await again.start()
  await page.goto(`${again.address}/trays/214`)
  await expect(page.getByRole('heading', { name: 'Tray 214' })).toBeVisible()
  await page.goto('about:blank')
  await again.stop()
})
