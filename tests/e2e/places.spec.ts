import { expectAccessible } from './support/axe'
import { expect, OFTEN, press, settled, test } from './support/bench'

const VIEWS = [
  ['/', 'Bench'],
  ['/trays', 'Trays'],
  ['/trays/new', 'New tray'],
  ['/trays/217', 'Tray 217'],
  ['/trays/214', 'Tray 214'],
  ['/trays/212', 'Tray 212'],
  ['/trays/223', 'Tray 223'],
  ['/trays/222?stage=open', 'Tray 222'],
  ['/trays/214?stage=open', 'Tray 214'],
  ['/trays/214?stage=intake', 'Tray 214'],
  ['/trays/214?stage=close', 'Tray 214'],
  ['/trays/225', 'Tray 225'],
  ['/trays/226', 'Tray 226'],
  ['/trays/227', 'Tray 227'],
  ['/trays/228', 'Tray 228'],
  ['/trays/234', 'Tray 234'],
  ['/trays/209?stage=push-out', 'Tray 209'],
  ['/trays/209/report', 'Report, tray 209'],
  ['/trays/208?stage=prove', 'Tray 208'],
  ['/sheets', 'Case sheets'],
  ['/sheets/1', 'Harrowmere Deckwatch 38'],
  ['/sheets/new', 'New case sheet'],
  ['/drawers', 'Drawers'],
  ['/settings', 'Settings'],
  ['/history?tray=214', 'History'],
  ['/history?shop', 'History'],
] as const

for (const [path, heading] of VIEWS) {
  test(`${heading} (${path}) has no axe violation and fits desk, small desk and phone`, async ({ page }) => {
    await page.goto(path)
    await expect(page.getByRole('heading', { level: 1, name: heading })).toBeVisible()
    await expectAccessible(page)
    for (const [width, height] of [
      [1280, 800],
      [1024, 768],
      [390, 844],
    ] as const) {
      await page.setViewportSize({ width, height })
      await expect
        .poll(
          () =>
            page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth),
          { ...OFTEN, message: `${width} px wide` },
        )
        .toBeLessThanOrEqual(0)
    }
  })
}

test('the lamp scheme has enough contrast too', async ({ page }) => {
  await page.goto('/settings')
  await page.getByRole('button', { name: 'Lamp' }).click()
  for (const path of [
    '/',
    '/trays/214',
    '/trays/212',
    '/trays/225',
    '/trays/227',
    '/trays/214?stage=close',
  ]) {
    await page.goto(path)
    await expectAccessible(page)
  }
})

test('a phone shows the stage that is looked at among the others', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  for (const stage of ['match', 'hand-back', 'intake']) {
    await page.goto(`/trays/214?stage=${stage}`)
    await expect(page.locator('[aria-current="step"]')).toBeInViewport({ ratio: 0.9 })
  }
})

test('on a phone each stage begins at its top, wherever the one before was scrolled to', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto('/trays/214?stage=match')
  const scrolled = () => page.evaluate(() => window.scrollY)
  await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight))
  expect(await scrolled()).toBeGreaterThan(100)
  await press(page, ']')
  await expect(page.locator('[aria-current="step"]')).toContainText('Press in')
  await expect.poll(scrolled, OFTEN).toBe(0)
})

test('the main job of a tray needs no scrolling at 1280 × 800', async ({ page }) => {
  for (const stage of ['measure', 'match', 'press-in']) {
    await page.goto(`/trays/212?stage=${stage}`)
    expect(await page.evaluate(() => document.documentElement.scrollHeight)).toBeLessThanOrEqual(800)
    const action = { measure: /Measure done/, match: /Pick and plan/, 'press-in': /Log the run/ }[stage] ?? ''
    await expect(page.getByRole('button', { name: action })).toBeInViewport({ ratio: 0.9 })
    await expect(page.getByRole('group', { name: /^Section/ })).toBeInViewport({ ratio: 0.9 })
  }
})

test('g and a letter go to every place, / finds, ? lists the keys', async ({ page }) => {
  await page.goto('/')
  for (const [key, url] of [
    ['t', /trays$/],
    ['c', /sheets$/],
    ['d', /drawers$/],
    ['s', /settings$/],
    ['b', /\d\/$/],
  ] as const) {
    await page.keyboard.press('g')
    await page.keyboard.press(key)
    await expect(page).toHaveURL(url)
    await settled(page)
  }
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toBeHidden()
  await page.keyboard.press('/')
  await expect(page.getByLabel('Find')).toBeFocused()
  await page.keyboard.type('lantern rask')
  await expect(page.getByText('1 found')).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Tray 220' })).toBeVisible()
})

test('a crystal is added, refused twice, corrected and counted in the drawers', async ({ page }) => {
  await page.goto('/drawers')
  await page.getByRole('button', { name: 'New crystal' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('textbox', { name: /^Code/ }).fill('TEST-1')
  await dialog.getByLabel('Drawer').fill('C-99')
  await dialog.getByLabel('Diameter').fill('300')
  await dialog.getByLabel('Edge thickness').fill('1,0')
  await dialog.getByLabel('Centre thickness').fill('1.0')
  await dialog.getByRole('button', { name: 'Store' }).click()
  await expect(dialog.getByText('300 mm is outside 8.00–60.00 mm')).toBeVisible()
  await expect(dialog.getByLabel('Edge thickness')).toHaveValue('1,0')
  await dialog.getByLabel('Diameter').fill('30.0')
  await dialog.getByRole('button', { name: 'Store' }).click()
  await expect(dialog).toBeHidden()
  await page.getByLabel('Find').fill('TEST-1')
  await expect(page.getByRole('gridcell', { name: 'C-99' })).toBeVisible()
})

test('a case never seen gets a sheet, and a tray that says what is missing', async ({ page }) => {
  await page.goto('/sheets/new')
  await page.getByLabel('Maker').fill('Vessalin')
  await page.getByLabel('Reference').fill('Morning')
  // The section beside the form is drawn from what is typed, as far as it can be.
  await page.getByLabel('Crystal edge thickness').fill('1.2')
  await expect(page.getByRole('note', { name: /^Edge 1\.20/ })).toBeVisible()
  await page.getByLabel('Crystal edge thickness').fill('120')
  await expect(page.getByRole('note', { name: /^Edge measure/ })).toBeVisible()
  await page.getByRole('button', { name: 'Store the sheet' }).click()
  await expect(page.getByText(/Crystal edge thickness: 120 mm is outside/)).toBeVisible()
  await page.getByLabel('Crystal edge thickness').fill('1.2')
  await page.getByRole('button', { name: 'Store the sheet' }).click()
  await expect(page).toHaveURL(/sheets$/)
  await page.goto('/trays/new')
  await page.getByRole('button', { name: 'Open the tray' }).click()
  await expect(page.getByText('Case is missing')).toBeVisible()
  await expect(page.getByText('Owner is missing: fill it in.')).toBeVisible()
  await page.getByRole('combobox', { name: 'Case' }).fill('Morning')
  await page.getByRole('option', { name: 'Vessalin Morning' }).click()
  await page.getByRole('textbox', { name: 'Owner' }).fill('<i>Somebody</i>')
  await page.getByRole('combobox', { name: 'Crystal came in' }).click()
  await page.getByRole('option', { name: 'shattered' }).click()
  await page.getByRole('button', { name: 'Open the tray' }).click()
  await expect(page.getByRole('heading', { name: /^Tray \d+$/ })).toBeVisible()
  await expect(page.getByText('<i>Somebody</i>')).toBeVisible()
  await page.getByRole('button', { name: /^Match/ }).click()
  await expect(page.getByText('Nothing can be judged yet: measure the bore')).toBeVisible()
})

test('a case sheet is edited with its drawing beside it, and no field hides behind the bar', async ({
  page,
}) => {
  await page.goto('/sheets/1')
  await page.getByRole('button', { name: 'Edit the sheet' }).click()
  const dialog = page.getByRole('dialog')
  const store = dialog.getByRole('button', { name: 'Store' })
  await dialog.getByLabel('Maker').focus()
  for (let fields = 0; fields < 24; fields++) {
    await page.keyboard.press('Tab')
    const bar = await store.boundingBox()
    const focused = await dialog.locator(':focus').boundingBox()
    expect((focused?.y ?? NaN) + (focused?.height ?? NaN)).toBeLessThanOrEqual(bar?.y ?? NaN)
  }
  await dialog.getByRole('combobox', { name: 'Magnifier' }).click()
  await page.getByRole('option', { name: 'outside' }).click()
  await dialog.getByLabel('Date from the middle').fill('9')
  await dialog.getByLabel('Crystal edge thickness').fill('1.3')
  await expect(dialog.getByRole('note', { name: /^Edge 1\.30/ })).toBeVisible()
  await store.click()
  await expect(dialog).toBeHidden()
  await expect(page.getByText('Date from the middle')).toBeVisible()
})

test('a tray is found among all of them, and Enter opens what was asked for', async ({ page }) => {
  await page.goto('/trays')
  await expect(page.getByRole('gridcell', { name: 'Tray' }).or(page.getByRole('row')).first()).toBeVisible()
  await page.getByLabel('Find').fill('deckwatch ferry')
  await expect(page.getByText(/^\d+ found, Enter opens the first$/)).toBeVisible()
  await page.getByLabel('Find').fill('214')
  await page.getByLabel('Find').press('Enter')
  await expect(page.getByRole('heading', { name: 'Tray 214' })).toBeVisible()
})

test('times are written as the shop writes them, on every page and in forms', async ({ page }) => {
  const choose = async (form: string) => {
    await page.goto('/settings')
    await page.getByRole('group', { name: 'Time of day' }).getByRole('button', { name: form }).click()
    await expect(page.getByRole('button', { name: form, pressed: true })).toBeVisible()
  }
  const header = page.getByText(/due (today|tomorrow|\w{3} \d+ \w{3}) /)
  await choose('4:00 PM')
  await page.goto('/trays/214')
  await expect(header).toHaveText(/ \d{1,2}:\d{2} [AP]M/)
  await page.goto('/trays/new')
  await expect(page.getByRole('spinbutton', { name: 'Meridiem' })).toBeVisible()
  await choose('16:00')
  await page.goto('/trays/214')
  await expect(header).toHaveText(/ \d{2}:\d{2}$/)
})

test('a tray that does not exist is said so', async ({ page }) => {
  const response = await page.goto('/trays/99999')
  expect(response?.status()).toBe(404)
  await expect(page.getByText('There is no such tray')).toBeVisible()
})
