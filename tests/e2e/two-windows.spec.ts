import { expect, openTrayByKeyboard, press, readByKeyboard, test } from './support/bench'

test('a window left open undoes and ends nothing it never saw: it is drawn anew, and says what differs', async ({
  page,
  context,
  server,
}) => {
  const number = await openTrayByKeyboard(page, 'Harrowmere Deckwatch 38', 'Two Windows')
  const other = await context.newPage()
  await other.goto(`${server.address}/trays/${number}`)
  await other.waitForFunction(() => !document.body.inert)
  const photograph = /^Photograph it/
  await other.getByRole('checkbox', { name: photograph }).click()
  await expect(other.getByRole('checkbox', { name: photograph })).toBeChecked()

  // Here the picture still seems to be missing: leaving it out would say so for good.
  await expect(page.getByRole('checkbox', { name: photograph })).not.toBeChecked()
  await press(page, 'd')
  const dialog = page.getByRole('dialog')
  const reason = dialog.getByRole('textbox', { name: 'Reason', exact: true })
  await reason.fill('no camera here')
  await press(page, 'Enter')
  await expect(dialog).toContainText('changed elsewhere since it was drawn here')
  await expect(dialog).toContainText('1 tick more')
  await expect(reason).toHaveValue('no camera here')
  await expect(dialog.getByRole('listitem').filter({ hasText: photograph })).toHaveCount(0)
  await press(page, 'Escape')
  await expect(page.getByRole('checkbox', { name: photograph })).toBeChecked()
  await expect(page.getByText('left out: no camera here')).toBeHidden()

  // What only adds is taken, whatever else was done meanwhile.
  await other.getByRole('checkbox', { name: /^Say now what cannot be saved/ }).click()
  await expect(other.getByRole('checkbox', { name: /^Say now what/ })).toBeChecked()
  await page.goto(`/trays/${number}?stage=measure`)
  await readByKeyboard(page, '.95')
})

test('a sheet open in two windows loses neither’s words: what both changed is asked about', async ({
  page,
  context,
  server,
}) => {
  const edit = async (window: typeof page) => {
    await window.goto(`${server.address}/sheets/3`)
    await window.waitForFunction(() => !document.body.inert)
    await window.getByRole('button', { name: 'Edit' }).click()
    return window.getByRole('dialog')
  }
  const here = await edit(page)
  const there = await edit(await context.newPage())
  await there.getByRole('textbox', { name: 'Note' }).fill('thread dry: grease it')
  await there.getByRole('button', { name: 'Store' }).click()
  await expect(there).toBeHidden()

  await here.getByRole('textbox', { name: 'Note' }).fill('opens with the socket')
  await here.getByRole('button', { name: 'Store' }).click()
  await expect(here).toContainText('changed elsewhere to “thread dry: grease it”')
  const note = here.getByRole('textbox', { name: 'Note' })
  await expect(note).toHaveValue('opens with the socket')
  await expect(note).toBeFocused()
  await expect(note).toBeInViewport()
  await here.getByRole('textbox', { name: 'Note' }).fill('thread dry: grease it; opens with the socket')
  await here.getByRole('button', { name: 'Store' }).click()
  await expect(here).toBeHidden()
  await expect(page.getByText('thread dry: grease it; opens with the socket')).toBeVisible()
})
