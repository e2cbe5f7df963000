import type { Page } from '@playwright/test'
import { randomInt, randomLcg } from 'd3-random'
import { expect, OFTEN, openTrayByKeyboard, sendLine, standing, test } from './support/bench'

const SEQUENCES = 200
const SEED = 0.13
const SLOWER = 4

/** Right figures of this bore, as hands and instruments write them. */
const RIGHT = ['30.95', '30.96', '30,95', '30.97', '+30.96']
/** Each is refused or asked about, and what is typed next takes its place. */
const WRONG = ['3', '99999', '30.9.5', '-30.95', '309.5', '30..']
/** Begun and given up. */
const BEGUN = ['3', '30.', '30.9', '1234567']

const draw = randomInt.source(randomLcg(SEED))
const oneOf = <T>(list: readonly T[]): T => list[draw(list.length)()] as T

/** Figures are read into the bore; it is chosen again when the plan has all it asks for. */
async function aimAtBore(page: Page): Promise<void> {
  const next = page.getByTestId('read-next')
  if ((await next.count()) > 0 && (await next.textContent())?.startsWith('Case bore')) return
  await page.getByRole('button', { name: 'Measure Case bore', exact: false }).click()
  await expect(next).toContainText('Case bore')
}

test('what is stored is what was typed and accepted, whatever was typed, refused and given up between', async ({
  page,
}) => {
  test.setTimeout(900_000)
  const number = await openTrayByKeyboard(page, 'Deckwatch', 'Skerrow Ferry Line')
  const bar = page.getByLabel('Case bore in mm')
  const stored: string[] = []
  // The bore’s four places on end, on a slow machine: answers come in the middle of the next figure.
  await aimAtBore(page)
  const machine = await page.context().newCDPSession(page)
  await machine.send('Emulation.setCPUThrottlingRate', { rate: SLOWER })
  for (const figure of RIGHT.slice(0, 4)) {
    await page.keyboard.type(figure)
    await page.keyboard.press('Enter')
    stored.push(figure)
  }
  await expect.poll(() => standing(page), OFTEN).toBe(stored.length)
  await machine.send('Emulation.setCPUThrottlingRate', { rate: 1 })
  for (let at = 1; at < SEQUENCES; at++) {
    await aimAtBore(page)
    const kind = draw(10)()
    if (kind < 2) {
      const wrong = oneOf(WRONG)
      await page.keyboard.type(wrong)
      await page.keyboard.press('Enter')
      await expect(page.getByRole('status')).toContainText(/not a length|outside|more than 0|Did the point/)
      await expect(bar).toHaveValue(wrong)
      continue
    }
    if (kind < 4) {
      await page.keyboard.type(oneOf(BEGUN))
      await page.keyboard.press('Escape')
      await expect(bar).toHaveValue('')
      continue
    }
    const figure = oneOf(RIGHT)
    if (kind === 4) await sendLine(page, figure)
    else {
      await page.keyboard.type(figure)
      await page.keyboard.press('Enter')
    }
    stored.push(figure)
    await expect.poll(() => standing(page), OFTEN).toBe(stored.length)
  }
  expect(stored.length).toBeGreaterThan(SEQUENCES / 2)
  await page.goto(`/trays/${number}?stage=measure`)
  const kept = page.getByRole('button', { name: /^Take back 30\.9\d,/ })
  await expect(kept).toHaveCount(stored.length)
  const shown = await kept.evaluateAll((all) => all.map((one) => one.getAttribute('aria-label') ?? ''))
  expect(shown.map((name) => name.slice('Take back '.length, 'Take back 30.95'.length)).sort()).toEqual(
    stored.map((figure) => figure.replace(',', '.').replace('+', '')).sort(),
  )
})
