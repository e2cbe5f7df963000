import { expect, settled, standing, test } from './support/bench'

test.use({ hasTouch: true, isMobile: true, viewport: { width: 390, height: 844 } })

test('a thumb reads a figure by the pad: corrected, refused as a whole, taken, and seen to land', async ({
  page,
}) => {
  await page.goto('/trays/224?stage=measure')
  await settled(page)
  const bar = page.getByRole('form', { name: 'Reading bar' })
  const figure = bar.getByRole('textbox')
  const pad = bar.getByRole('group', { name: 'Number pad' })
  const tap = async (...keys: readonly string[]) => {
    for (const name of keys) await pad.getByRole('button', { name, exact: true }).tap()
  }
  for (const button of await bar.getByRole('button').all()) {
    const { height = 0, width = 0 } = (await button.boundingBox()) ?? {}
    expect(Math.min(height, width)).toBeGreaterThanOrEqual(44)
    await expect(button).toBeInViewport({ ratio: 1 })
  }
  const before = await standing(page)
  await tap('1', '.', '0', '9')
  await expect(figure).toHaveValue('1.09')
  // The system's keyboard stays away: it would lie over the drawing.
  await expect(figure).not.toBeFocused()
  await tap('Delete the last character', '1')
  await expect(figure).toHaveValue('1.01')
  await bar.getByRole('button', { name: /^Accept/ }).tap()
  await expect.poll(() => standing(page)).toBe(before + 1)
  await expect(figure).toHaveValue('')

  await tap('9', '9', '9')
  await bar.getByRole('button', { name: /^Accept/ }).tap()
  await expect(bar.getByText(/is outside/)).toBeInViewport()
  await expect(figure).toHaveValue('999')
  // What was refused is never added to.
  await tap('1')
  await expect(figure).toHaveValue('1')
  expect(await standing(page)).toBe(before + 1)
  // The last thing on the page is not under bar and pad.
  await page.getByRole('button', { name: /^Measure done/ }).tap({ trial: true })
})
