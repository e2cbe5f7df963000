import fs from 'node:fs'
import path from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { Server } from './support/Server'
import { expect, test } from './support/bench'

test('a second Whyalon on the same data says who holds it, and starts once it is free', async ({ page }) => {
  test.setTimeout(400_000)
  // A folder of its own, whatever the other tests' shop is kept in.
  const home = process.env.WHYALON_E2E_HOME ?? ''
  const data = path.join(fs.mkdtempSync(path.join(home, 'held-')), 'shop')
  fs.cpSync(path.join(home, 'template'), data, { recursive: true })
  const [first, second] = [new Server(data, 3216), new Server(data, 3217)]
  expect((await first.start()).status).toBe(200)
  await second.start()
  const state = async () => (await fetch(`${second.address}/api/state`)).status
  expect(await state()).toBe(503)
  await page.goto(`${second.address}/trays/214`)
  await expect(page.getByRole('heading', { name: 'The shop’s data is not open' })).toBeVisible()
  await expect(page.getByText(/is in use by process \d+\. Only one Whyalon may open it/)).toBeVisible()
  await first.stop()
  await expect.poll(state, { timeout: 30_000 }).toBe(200)
  await page.getByRole('button', { name: 'Try again' }).click()
  await expect(page.getByRole('heading', { name: 'Tray 214' })).toBeVisible()
  // A page that is left behind would go on loading from nowhere.
  await page.goto('about:blank')
  await second.stop()
})

test('a folder that holds something else is left as it is, and every page says what was found', async ({
  page,
}) => {
  test.setTimeout(400_000)
  const data = fs.mkdtempSync(path.join(process.env.WHYALON_E2E_HOME ?? '', 'something-else-'))
  fs.writeFileSync(path.join(data, 'letters.txt'), 'keep')
  const other = new Server(data, 3219)
  await other.start()
  await page.goto(other.address)
  await expect(
    page.getByRole('alert').filter({ hasText: /holds letters\.txt, but no PG_VERSION/ }),
  ).toContainText('Nothing in it was changed.')
  await page.goto('about:blank')
  await other.stop()
  expect(fs.readdirSync(data)).toEqual(['letters.txt'])
})

test('a case written by a newer version is named on Bench, tray and sheet, and the rest goes on', async ({
  page,
  server,
}) => {
  test.setTimeout(400_000)
  const data = `${server.data}-newer`
  fs.cpSync(path.join(process.env.WHYALON_E2E_HOME ?? '', 'template'), data, { recursive: true })
  const engine = await PGlite.create({ dataDir: data })
  const { rows } = await engine.query<{ id: number }>(
    `update case_sheets set retention = 'magnet-ring'
     where id = (select case_sheet_id from trays where number = 234) returning id`,
  )
  await engine.close()
  const newer = new Server(data, 3218)
  expect((await newer.start()).status).toBe(200)
  const trouble = /“magnet-ring” is no construction this version knows/
  await page.goto(newer.address)
  await expect(page.getByRole('alert').filter({ hasText: trouble })).toBeVisible()
  await expect(page.getByRole('table', { name: 'Trays in hand' }).getByText('214')).toBeVisible()
  await page.getByRole('link', { name: 'Tray 234' }).click()
  await expect(page.getByRole('heading', { name: 'Tray 234' })).toBeVisible()
  await expect(page.getByRole('alert').filter({ hasText: trouble })).toBeVisible()
  await page.goto(`${newer.address}/sheets/${rows[0]?.id}`)
  await expect(page.getByRole('alert').filter({ hasText: trouble })).toBeVisible()
  await page.goto('about:blank')
  await newer.stop()
})
