import type { Page } from '@playwright/test'
import sharp from 'sharp'
import { cameIn, expect, goOn, press, settled, test, tickNext } from './support/bench'

const trail = (page: Page) => page.getByRole('list', { name: 'Came off, in order' })

test('a digital never seen, six shell screws in two lengths, from intake to decased, closed only when complete, by keyboard', async ({
  page,
}) => {
  test.setTimeout(400_000)
  await page.goto('/')
  await page.keyboard.press('n')
  await expect(page.getByRole('combobox', { name: 'Case' })).toBeFocused()
  await page.keyboard.type('Oakmantle Harbour 7')
  await expect(page.getByRole('option', { name: 'New case: Oakmantle Harbour 7' })).toBeVisible()
  await press(page, 'Enter', 'Tab')
  await expect(page.getByRole('textbox', { name: 'Maker' })).toHaveValue('Oakmantle')
  await expect(page.getByRole('textbox', { name: 'Reference' })).toHaveValue('Harbour 7')
  // Past maker and reference to the looks, one stop for all: the digital is three further on.
  await press(page, 'Tab', 'Tab', 'ArrowRight', 'ArrowRight', 'ArrowRight')
  await expect(page.getByRole('button', { name: 'digital in resin' })).toBeFocused()
  await press(page, 'Space')
  await expect(page.getByTestId('case-in-words')).toContainText(
    'resin shell bezel; plate screws back; digital movement; no crown',
  )
  await press(page, 'Tab', 'Tab')
  await expect(page.getByRole('textbox', { name: 'Owner' })).toBeFocused()
  await page.keyboard.type('Hauke Brandsen')
  await press(page, 'Tab', 'Tab')
  await cameIn(page, 'shattered')
  await press(page, 'Tab')
  await expect(page.getByRole('checkbox', { name: 'crystal', exact: true })).toBeFocused()
  await press(page, ...Array<string>(8).fill('ArrowRight'), 'Space')
  await expect(page.getByRole('checkbox', { name: 'resin shell' })).toBeChecked()
  await press(page, 'Shift+Tab', 'Shift+Tab', 'Enter')
  await expect(page.getByRole('heading', { name: /^Tray \d+$/ })).toBeVisible()
  await settled(page)

  // No hands to jam: nothing to stop, but glass to beware of.
  await expect(page.getByRole('note', { name: /glass splinters/ })).toBeVisible()
  await expect(page.getByRole('note', { name: /stop the movement/ })).toBeHidden()
  await tickNext(page)
  await tickNext(page)
  await goOn(page, 'Open')

  await press(page, 'w', 'a', 'a', 'ArrowUp', 'ArrowUp', 'h', 'h', 'h', 'h', 'ArrowDown', 'h', 'h')
  await press(page, 'ArrowDown', 'j', 'y', 'y', 'y', 'y', 'b', 'o', 'e')
  await expect(trail(page)).toContainText(
    /2 spring bars4 long shell screws2 short shell screwsresin shell4 back screwscase backback sealcell/,
  )
  // A key too many is taken back.
  await press(page, 'c')
  await expect(trail(page)).toContainText('clamp')
  await press(page, 'Control+z')
  await expect(trail(page)).not.toContainText('clamp')
  await goOn(page, 'Decase')

  await press(page, 'v', 'ArrowRight', 'ArrowRight', 'k', 'k', 'm')
  await expect(trail(page)).toContainText(/circuit cover2 spacers, at 1movement, at 1/)
  await expect(page.getByTestId('movement-note')).toContainText('NOT under the dust cover yet')
  // The steps of spacers and movement were ticked by recording them.
  for (let i = 0; i < 2; i++) await tickNext(page)
  await expect(page.getByTestId('movement-note')).toContainText('under the cover since')

  // Closing with parts in the tray is refused, and says which.
  await page.getByRole('button', { name: /^Close,/ }).click()
  await expect(page.getByRole('heading', { name: 'Close', exact: true })).toBeVisible()
  await press(page, 'd')
  await expect(page.getByText(/Not moved on to prove: .*2 spacers.*not accounted for/)).toBeVisible()
  await expect(page.getByTestId('replay-line').first()).toContainText('movement')
  await press(page, 'b')
  await expect(page.getByText(/^First at Close: Underside of the glass looked at/)).toBeVisible()
  await page.getByRole('button', { name: 'clean', exact: true }).click()
  await expect(page.getByText(/^First at Close: Underside of the glass looked at/)).toBeHidden()
  await press(page, 'b')
  await expect(page.getByTestId('replay-line').first()).toContainText('✓ 1 back')
  await page.getByRole('button', { name: 'one back' }).first().click()
  await expect(page.getByTestId('replay-line').nth(1)).toContainText('1 back, 1 missing')
  await press(page, 'd')
  await expect(page.getByText(/Not moved on to prove: .*, 1 spacer not accounted/)).toBeVisible()
  await press(page, 'l')
  await expect(page.getByLabel('Why it stays off')).toBeFocused()
  await press(page, 'Enter')
  await expect(page.getByText('Reason is missing')).toBeVisible()
  await page.keyboard.type('perished <b>rubber</b>, owner told')
  await press(page, 'Enter')
  await expect(page.getByTestId('replay-line').nth(1)).toContainText(
    'stays off: perished <b>rubber</b>, owner told',
  )
  const goesBack = async (line: string, key = 'b') => {
    await press(page, key)
    await expect(page.getByTestId('replay-line').filter({ hasText: line })).toContainText('✓')
  }
  await goesBack('circuit cover')
  await goesBack('cell')
  await goesBack('back seal', 'w')
  // The back shuts in what nobody looked at once more.
  await press(page, 'b')
  await expect(page.getByText(/^First at Close: .*underside of the glass looked at once more/)).toBeVisible()
  await page.getByRole('button', { name: 'clean', exact: true }).click()
  await expect(page.getByText(/^First at Close: /)).toBeHidden()
  for (const line of ['case back', '4 back screws', 'resin shell', '2 short shell', '4 long shell'])
    await goesBack(line)
  await goOn(page, 'Prove')

  // The next one of this case is offered what came off the last.
  const number = (await page.getByRole('heading', { name: /^Tray \d+$/ }).textContent()) ?? ''
  await page.goto('/trays/new')
  await page.keyboard.type('Harbour 7')
  await expect(page.getByRole('option', { name: 'Oakmantle Harbour 7', exact: true })).toBeVisible()
  await press(page, 'Enter', 'Tab')
  await page.keyboard.type('Signe Vaal')
  await press(page, 'Tab', 'Tab')
  await cameIn(page, 'whole')
  await press(page, 'Shift+Tab', 'Enter')
  await expect(page.getByRole('heading', { name: /^Tray \d+$/ })).not.toHaveText(number)
  await page.getByRole('button', { name: /^Open,/ }).click()
  await page
    .getByTestId('usual-parts')
    .getByRole('button', { name: /4 long shell screws/ })
    .click()
  await expect(trail(page)).toContainText('4 long shell screws')
})

test('a quartz dress case with broken glass: stopped first, snapped open, decased, by keyboard', async ({
  page,
}) => {
  await page.goto('/trays/new')
  await page.keyboard.type('Evening')
  await expect(page.getByRole('option', { name: 'Vessalin Evening' })).toBeVisible()
  await press(page, 'Enter', 'Tab')
  await page.keyboard.type('Ilse Tarnow')
  // How it came in is asked, never assumed.
  await press(page, 'Enter')
  // The focus goes where something is missing.
  await expect(page.getByText('Crystal came in is missing')).toBeVisible()
  await cameIn(page, 'shattered')
  await press(page, 'Shift+Tab', 'Enter')
  await expect(page.getByRole('note', { name: /stop the movement.*cell out/ })).toBeVisible()
  await settled(page)
  await expect(page.getByTestId('step').first()).toContainText(
    'Stop the movement now: crown to hand-setting, or cell out',
  )
  await tickNext(page)
  await expect(page.getByRole('note', { name: /stop the movement/ })).toBeHidden()
  await expect(page.getByRole('button', { name: /✓ movement stopped (\d+ \w+ )?\d\d:\d\d/ })).toBeVisible()
  await expect(page.getByRole('note', { name: /fragments under the hands/ })).toBeVisible()
  await goOn(page, 'Open')
  await expect(page.getByText('The lip is at 8, seen from behind')).toBeVisible()
  await expect(page.getByRole('img', { name: 'snap back, lip at 8' })).toBeVisible()
  await page.getByRole('button', { name: 'too easy' }).click()
  await expect(page.getByText('The seals are doubtful')).toBeVisible()
  await goOn(page, 'Decase')
  await expect(page.getByTestId('step').first()).toContainText('Crown at hand-setting before the release')
  await press(page, 't', 'k', 'k', 'm')
  await expect(trail(page)).toContainText(/stem with crown2 spacersmovement/)
})

test('a flame is blocked by a bath on another tray, with the reason and the way round; acetone on acrylic too', async ({
  page,
}) => {
  await page.goto('/trays/227')
  const verdict = page.getByTestId('method-verdict')
  await expect(verdict).toContainText('a solvent bath is open on tray 226')
  await expect(verdict).toContainText('Way round. End that bath first: lid on')
  await expect(page.getByRole('button', { name: 'Start', exact: true })).toBeDisabled()

  await page.goto('/trays/226')
  await page.getByRole('button', { name: 'End it' }).click()
  await expect(page.getByText(/acetone bath in use/)).toBeHidden()

  await page.goto('/trays/227')
  await expect(verdict).toContainText('with care')
  await page.getByRole('button', { name: 'Protected: start' }).click()
  await expect(page.getByText(/flame in use on this tray/)).toBeVisible()

  await page.goto('/trays/226')
  await expect(verdict).toContainText('a flame is in use on tray 227')
  await expect(page.getByText(/flame in use on tray 227/)).toBeVisible()
  await page.goto('/trays/227')
  await page.getByRole('button', { name: 'End it' }).click()
  await expect(page.getByText(/flame in use/)).toBeHidden()

  await page.goto('/trays/228?stage=push-out')
  await page.getByRole('combobox', { name: 'Method' }).click()
  await page.getByRole('option', { name: 'acetone bath' }).click()
  await page.getByRole('combobox', { name: 'On' }).click()
  await page.getByRole('option', { name: 'the face of the head' }).click()
  await expect(verdict).toContainText('acrylic crystal: acetone crazes and dissolves acrylic')
  await expect(verdict).toContainText('Way round.')
})

test('another school is a tap away and changes the steps', async ({ page }) => {
  await page.goto('/trays/217?stage=clean')
  await page.getByRole('button', { name: /^Every fragment out/ }).click()
  await page.getByRole('button', { name: 'hands off to clean under them' }).click()
  await expect(
    page.getByTestId('step').filter({ hasText: 'Hands off, each in its own pocket' }),
  ).toBeVisible()
})

test('pictures are kept; what is none, or too large, is refused with a reason', async ({ page, request }) => {
  await page.goto('/trays/228')
  const picture = await sharp({ create: { width: 320, height: 240, channels: 3, background: '#446655' } })
    .jpeg()
    .toBuffer()
  const choose = page.getByLabel('Add pictures')
  await choose.setInputFiles({ name: '<b>front.jpg', mimeType: 'image/jpeg', buffer: picture })
  await expect(page.getByRole('button', { name: 'Show picture <b>front' })).toBeVisible()
  await choose.setInputFiles({
    name: 'notes.jpg',
    mimeType: 'image/jpeg',
    buffer: Buffer.from('not a picture'),
  })
  await expect(
    page.getByText('notes.jpg: Picture: this file is not a picture that can be read.'),
  ).toBeVisible()
  await choose.setInputFiles({
    name: 'page.html',
    mimeType: 'text/html',
    buffer: Buffer.from('<script>1</script>'),
  })
  await expect(page.getByText(/page.html: Picture: this file does not say it is one/)).toBeVisible()
  await choose.setInputFiles({
    name: 'huge.jpg',
    mimeType: 'image/jpeg',
    buffer: Buffer.alloc(40_000_000, 1),
  })
  await expect(page.getByText('huge.jpg: Picture: 40 MB is more than 15 MB.')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Show picture <b>front' })).toBeVisible()

  // The server holds the line by itself.
  const post = (type: string, data: Buffer) =>
    request.post('/api/trays/1/photos', {
      headers: { 'Content-Type': type, 'Sec-Fetch-Site': 'same-origin' },
      data,
    })
  expect((await post('image/jpeg', Buffer.alloc(40_000_000))).status()).toBe(413)
  expect((await post('text/plain', picture)).status()).toBe(415)
  expect((await request.get('/api/photos/999999')).status()).toBe(404)
  const shown = await request.get('/api/photos/1')
  expect(shown.headers()['x-content-type-options']).toBe('nosniff')

  await page.getByRole('button', { name: 'Show picture <b>front' }).click()
  await page.getByRole('button', { name: 'Remove for good' }).click()
  await expect(page.getByRole('button', { name: 'Show picture <b>front' })).toBeHidden()
})

test('a place is pointed at on a picture', async ({ page }) => {
  await page.goto('/trays/221')
  await page.getByLabel('Place on').selectOption({ label: 'as it came in' })
  await page
    .getByRole('button', { name: 'Point at the place on the picture' })
    .click({ position: { x: 30, y: 40 } })
  await page.getByRole('button', { name: /^clamp/ }).click()
  await expect(trail(page)).toContainText('clamp, marked on a picture')
})

test('markup in notes is shown as it is and runs nothing', async ({ page }) => {
  const dialogs: string[] = []
  page.on('dialog', (dialog) => {
    dialogs.push(dialog.message())
    void dialog.dismiss()
  })
  await page.goto('/trays/228')
  const words = '<img src=x onerror="alert(1)">'
  await page.getByRole('textbox', { name: 'Cannot be repaired' }).fill(words)
  await page.getByRole('textbox', { name: 'Cannot be repaired' }).press('Enter')
  await expect(page.getByText(`“${words}”`)).toBeVisible()
  await page.getByRole('button', { name: 'Correct intake' }).click()
  await page.getByRole('dialog').getByLabel('Promised').fill(words)
  await page.getByRole('dialog').getByLabel('Wear').fill('12')
  await page.getByRole('dialog').getByRole('button', { name: 'Store' }).click()
  await expect(page.getByText('Wear: 12 is outside 1–10.')).toBeVisible()
  await page.getByRole('dialog').getByLabel('Wear').fill('6')
  await page.getByRole('dialog').getByRole('button', { name: 'Store' }).click()
  await expect(page.getByRole('dialog')).toBeHidden()
  await expect(page.getByText(`promised “${words}”`)).toBeVisible()
  await page.reload()
  await expect(page.getByText(`“${words}”`).first()).toBeVisible()
  expect(dialogs).toEqual([])
})
