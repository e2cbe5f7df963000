import { spawn } from 'node:child_process'
import fs from 'node:fs'
import path from 'node:path'
import { expect, settled, standing, test } from './support/bench'

const PORT = 3239

test('a disk that takes nothing ends the server; it begins anew, and the reading stands once', async ({
  page,
}) => {
  test.setTimeout(300_000)
  const home = process.env.WHYALON_E2E_HOME ?? ''
  const data = path.join(home, 'broken-disk')
  fs.cpSync(path.join(home, 'template'), data, { recursive: true })
  const sign = `${data}.fails`
  const shop = spawn(process.execPath, ['scripts/start.mjs'], {
    env: {
      ...process.env,
      NODE_OPTIONS: `--import ${path.resolve('tests/e2e/support/failingDisk.mjs')}`,
      WHYALON_DISK_FAILS: sign,
      WHYALON_DATA: data,
      WHYALON_BACKUPS: 'off',
      DATABASE_URL: '',
      PORT: String(PORT),
      TZ: 'UTC',
    },
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  const ended = new Promise((resolve) => shop.once('exit', resolve))
  try {
    let said = ''
    for (const stream of [shop.stdout, shop.stderr])
      stream.on('data', (chunk: Buffer) => (said += chunk.toString()))
    await expect.poll(() => said, { timeout: 90_000 }).toContain('whyalon: ready on')

    await page.goto(`http://127.0.0.1:${PORT}/trays/214`)
    await expect(page.getByRole('heading', { name: 'Tray 214' })).toBeVisible()
    await page.getByRole('button', { name: 'Measure Case bore', exact: false }).click()
    await expect(page.getByTestId('read-next')).toContainText('Case bore')
    const before = await standing(page)
    // What the page still fetches would be missed, and is no part of this.
    await settled(page)
    fs.writeFileSync(sign, '')
    await page.keyboard.type('30.95')
    await page.keyboard.press('Enter')
    await expect.poll(() => said, { timeout: 60_000 }).toContain('begins anew')
    expect(said).toContain('The shop’s data cannot be written any more')
    await expect.poll(() => standing(page), { timeout: 90_000 }).toBe(before + 1)
    await page.reload()
    await settled(page)
    expect(await standing(page)).toBe(before + 1)
    await page.goto('about:blank')
  } finally {
    shop.kill('SIGTERM')
    await ended
  }
})
