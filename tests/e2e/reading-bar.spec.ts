import type { Page } from '@playwright/test'
import {
  expect,
  openTrayByKeyboard,
  press,
  readByKeyboard,
  sendLine,
  settled,
  standing,
  test,
} from './support/bench'

test.describe('the reading bar', () => {
  test.beforeEach(async ({ page }) => {
    await openTrayByKeyboard(page, 'Deckwatch', 'Skerrow Ferry Line')
    await page.getByRole('button', { name: 'Measure Case bore', exact: false }).click()
    await expect(page.getByTestId('read-next')).toHaveText('Case bore, 12–6')
  })

  test('asks about a slipped point and takes what was meant', async ({ page }) => {
    await page.keyboard.type('309.5')
    await page.keyboard.press('Enter')
    await expect(page.getByRole('status')).toContainText('Did the point slip? 30.95')
    expect(await standing(page)).toBe(0)
    await page.getByRole('button', { name: 'Take 30.95' }).click()
    await expect.poll(() => standing(page)).toBe(1)
  })

  test('refuses letters, a negative and an absurd figure, and keeps the text', async ({ page }) => {
    const bar = page.getByLabel('Case bore in mm')
    for (const [text, message] of [
      ['thirty', 'not a length'],
      ['-30.9', 'must be more than 0'],
      ['99999', 'outside 8.00–60.00 mm'],
    ] as const) {
      await bar.fill(text)
      await page.keyboard.press('Enter')
      await expect(page.getByRole('status')).toContainText(message)
      await expect(bar).toHaveValue(text)
      await expect(bar).toHaveAttribute('aria-invalid', 'true')
    }
    expect(await standing(page)).toBe(0)
  })

  test('never adds to a figure that was asked about: the next one takes its place', async ({ page }) => {
    const bar = page.getByLabel('Case bore in mm')
    await page.keyboard.type('309.5')
    await page.keyboard.press('Enter')
    await expect(page.getByRole('button', { name: 'Take 30.95' })).toBeVisible()
    await page.keyboard.type('30.94')
    await expect(bar).toHaveValue('30.94')
    await expect(page.getByRole('status')).toHaveText('309.50 was not taken.')
    await page.keyboard.press('Enter')
    await expect.poll(() => standing(page)).toBe(1)
    await expect(page.getByRole('status')).toContainText('before: 30.94')
  })

  test('is heard: a figure taken high, one refused low, nothing once this device is silent', async ({
    page,
  }) => {
    await page.evaluate(() => {
      const tones: number[] = []
      class Heard extends AudioContext {
        override createOscillator() {
          const wave = super.createOscillator()
          const start = wave.start.bind(wave)
          wave.start = (when) => {
            tones.push(wave.frequency.value)
            start(when)
          }
          return wave
        }
      }
      Object.assign(window, { AudioContext: Heard, tones })
    })
    const tones = () => page.evaluate(() => (window as unknown as { tones: number[] }).tones)
    await readByKeyboard(page, '30.94')
    expect(await tones()).toEqual([1320])
    await page.keyboard.type('99999')
    await page.keyboard.press('Enter')
    await expect(page.getByRole('status')).toContainText('outside 8.00–60.00 mm')
    expect(await tones()).toEqual([1320, 220, 220])

    await page.evaluate(() => localStorage.setItem('whyalon-sounds', 'off'))
    await press(page, 'Escape')
    await readByKeyboard(page, '30.95')
    expect(await tones()).toHaveLength(3)
  })

  test('takes no figure from an instrument that does not reach', async ({ page }) => {
    const instrument = page.getByLabel('Instrument')
    await expect(instrument.locator('option', { hasText: 'Thickness gauge' })).toBeDisabled()
    await expect(instrument.locator('option', { hasText: 'Caliper' })).toBeEnabled()
  })

  test('takes the last reading back with a reason and keeps the old value in sight', async ({ page }) => {
    await readByKeyboard(page, '30,90')
    await page.keyboard.press('Backspace')
    await expect(page.getByRole('dialog')).toContainText('Take back case bore 30.90')
    await page.keyboard.press('Enter')
    await expect(page.getByRole('dialog')).toContainText('Reason is missing')
    await page.keyboard.type('jaws tilted')
    await page.keyboard.press('Enter')
    await expect(page.getByRole('dialog')).toBeHidden()
    await expect.poll(() => standing(page)).toBe(0)
    await page.getByRole('button', { name: /^Measure,/ }).click()
    await page.getByText('1 taken back').click()
    await expect(page.getByText('jaws tilted')).toBeVisible()
  })

  test('takes back any reading, not only the last', async ({ page }) => {
    await readByKeyboard(page, '30.91')
    await readByKeyboard(page, '30.95')
    await page.getByRole('button', { name: /^Measure,/ }).click()
    await page.getByRole('button', { name: 'Take back 30.91, 12–6' }).click()
    await expect(page.getByRole('dialog').getByLabel('Reason')).toBeFocused()
    await page.keyboard.type('dirt on the jaws')
    await page.keyboard.press('Enter')
    await expect(page.getByRole('button', { name: 'Take back 30.91, 12–6' })).toBeHidden()
    await expect(page.getByRole('button', { name: 'Take back 30.95, 2–8' })).toBeVisible()
  })

  test('takes the next figure while the one before is being stored', async ({ page }) => {
    await page.route('**/trays/*', async (route) => {
      if (route.request().method() === 'POST') await new Promise((later) => setTimeout(later, 1500))
      await route.continue()
    })
    await page.keyboard.type('30.91')
    await page.keyboard.press('Enter')
    await page.keyboard.type('30.95')
    await page.keyboard.press('Enter')
    await expect.poll(() => standing(page)).toBe(2)
    await expect(page.getByRole('status').first()).toContainText(/30.91\s+30.95/)
    await expect(page.getByTestId('read-next')).toHaveText('Case bore, 3–9')
  })

  test('stores by itself what was typed while the server was away, in order, once it is back', async ({
    page,
    server,
  }) => {
    // The server starts once more in the middle, and its first answer loads all it needs.
    test.setTimeout(180_000)
    await server.stop()
    await page.keyboard.type('30.95')
    await page.keyboard.press('Enter')
    const status = page.getByRole('form', { name: 'Reading bar' }).getByRole('status')
    await expect(status).toContainText('does not answer')
    await expect(status).toContainText('not known yet')
    await page.keyboard.type('30.97')
    await page.keyboard.press('Enter')
    await server.start()
    await expect.poll(() => standing(page), { timeout: 40_000 }).toBe(2)
    await expect(status).not.toContainText('does not answer')
    await expect(status).toContainText(/30\.95\s+30\.97/)
  })

  test('stores once what was stored though its answer was lost', async ({ page }) => {
    let lost = 0
    await page.route('**/trays/*', async (route) => {
      if (route.request().method() !== 'POST' || lost === 2) return route.continue()
      lost++
      await route.fetch()
      await route.abort('connectionreset')
    })
    await page.keyboard.type('30.95')
    await page.keyboard.press('Enter')
    await expect.poll(() => standing(page)).toBe(1)
    expect(lost).toBe(2)
    await page.unroute('**/trays/*')
    await page.reload()
    expect(await standing(page)).toBe(1)
  })

  test('keeps over a reload what no answer came for, and what waited behind it', async ({ page }) => {
    await page.route('**/trays/*', (route) =>
      route.request().method() === 'POST' ? route.abort('connectionreset') : route.continue(),
    )
    await page.keyboard.type('30.95')
    await page.keyboard.press('Enter')
    await expect(page.getByRole('status').first()).toContainText('does not answer')
    await page.keyboard.type('30.97')
    await page.keyboard.press('Enter')
    await page.unroute('**/trays/*')
    await page.reload()
    await expect.poll(() => standing(page)).toBe(2)
    // Of the dimension that was aimed at by hand, not of the plan's next.
    await expect(page.getByRole('status').first()).toContainText(/30\.95\s+30\.97/)
    await page.reload()
    expect(await standing(page)).toBe(2)
  })

  test('redraws the planned half for another pair, by arrow keys and by mouse', async ({ page }) => {
    await page.getByRole('button', { name: /^Match/ }).click()
    const rows = page.getByTestId('pair-row')
    // Arrow keys are the list's once it is in sight.
    await expect(rows.first()).toHaveAttribute('aria-checked', 'true')
    const text = () =>
      page
        .getByRole('group', { name: /^Corner/ })
        .locator('title')
        .textContent()
    const first = await text()
    await page.keyboard.press('ArrowDown')
    await expect(rows.nth(1)).toHaveAttribute('aria-checked', 'true')
    // The near miss below the fitting pairs has another ring or another size: the drawing changes with it.
    await page.keyboard.press('ArrowUp')
    await rows.last().click()
    await expect.poll(text).not.toBe(first)
    await expect(page.getByText('Against this one:')).toBeVisible()
    await rows.first().click()
    await expect.poll(text).toBe(first)
  })

  test('does not take keys typed into a form', async ({ page }) => {
    await page.goto('/drawers')
    await page.getByLabel('Find').fill('')
    await page.getByLabel('Find').pressSequentially('30.0 n g b')
    await expect(page).toHaveURL(/drawers/)
    await expect(page.getByLabel('Find')).toHaveValue('30.0 n g b')
    // A scanner's lines begin with the same letters.
    await page.getByLabel('Find').fill('')
    await page.keyboard.type('WHITE')
    await expect(page.getByLabel('Find')).toHaveValue('WHITE')
  })
})

test('a data key pressed on the Bench opens nothing and says so', async ({ page }) => {
  await page.goto('/')
  await settled(page)
  await sendLine(page, '30.02')
  await expect(page.getByRole('alert').filter({ hasText: '30.02' })).toHaveText(
    '30.02 not taken: no tray open.',
  )
  await expect(page).toHaveURL(/\/$/)
})

test('a foreign label read at Decase takes no part off, moves nothing on, and says that it is not taken', async ({
  page,
}) => {
  await page.goto('/trays/223?stage=decase')
  await settled(page)
  const work = page.getByRole('region', { name: 'Decase' })
  await expect(work).toBeVisible()
  const before = await work.textContent()
  await sendLine(page, 'mbtd-31')
  await expect(page.getByRole('alert').filter({ hasText: 'mbtd-31' })).toContainText(
    '“mbtd-31” not taken: no figure, and no label printed here.',
  )
  await page.reload()
  await settled(page)
  expect(await work.textContent()).toBe(before)
  await expect(page.getByText('Not moved on')).toHaveCount(0)
  // A hand's key still acts.
  await press(page, '[')
  await expect(page.getByRole('button', { name: /^Open,/ })).toHaveAttribute('aria-current', 'step')
})

test('figures typed while a stage still loads its script stay whole, and the stage comes', async ({
  page,
}) => {
  await page.goto('/trays/217?stage=prove')
  await settled(page)
  const release = await holdScripts(page)
  await page.getByRole('button', { name: /^Intake/ }).click()
  const bar = page.getByRole('form', { name: 'Reading bar' }).getByRole('textbox')
  for (const key of '1.01') await page.keyboard.press(key)
  await expect(bar).toHaveValue('1.01')
  release()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('button', { name: 'Intake done' })).toBeVisible()
  // Two turns in one breath are two stages.
  await press(page, ']', ']')
  await expect(page.getByRole('button', { name: 'Decase done' })).toBeVisible()
})

test('a page whose scripts are late takes no click, and has the figure typed meanwhile when they come', async ({
  page,
}) => {
  const release = await holdScripts(page)
  const ready = page.goto('/trays/223?stage=measure')
  const bar = page.getByRole('form', { name: 'Reading bar' }).getByRole('textbox')
  await expect(bar).toBeVisible()
  await expect(bar.click({ timeout: 1000 })).rejects.toThrow()
  await page.keyboard.press('Tab')
  await expect(bar).not.toBeFocused()
  await press(page, 'd', '2', '.', '5', '0')
  release()
  await ready
  await expect(bar).toHaveValue('2.50')
  await press(page, 'Escape')
  await bar.click()
  await page.keyboard.type('1.234 in')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('status').filter({ hasText: '1.234 in taken as 31.34 mm' })).toBeVisible()
})

test('a page hears the very first keys it answers to: a figure, and a scanned label', async ({ page }) => {
  const bar = page.getByRole('form', { name: 'Reading bar' }).getByRole('textbox')
  await page.addInitScript(pressAtOnce, ['3', '1', '.', '5'])
  await page.goto('/trays/217')
  await expect(bar).toHaveValue('31.5')
  await page.addInitScript(pressAtOnce, [...'WH:T:212', 'Enter'])
  await page.goto('/trays/217')
  await expect(page.getByRole('heading', { name: 'Tray 212' })).toBeVisible()
})

/** Keeps scripts not fetched yet from arriving, until they are released. */
async function holdScripts(page: Page): Promise<() => void> {
  let release = () => {}
  const held = new Promise<void>((done) => (release = done))
  await page.route('**/_next/static/**/*.js', async (route) => {
    await held
    await route.continue()
  })
  return release
}

/** Presses keys in the moment the page opens to them: no hand and no busy machine can be quicker. */
function pressAtOnce(keys: readonly string[]): void {
  const opened = new MutationObserver(() => {
    opened.disconnect()
    for (const key of keys) document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }))
  })
  document.addEventListener('DOMContentLoaded', () =>
    opened.observe(document.body, { attributeFilter: ['inert'] }),
  )
}

for (const [where, width, height] of [
  ['a phone', 390, 844],
  ['a desk zoomed to 200 %', 640, 400],
] as const)
  test(`on ${where} the reading bar is in sight wherever the page is scrolled to, and takes a figure`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height })
    await page.goto('/trays/224?stage=measure')
    await settled(page)
    const bar = page.getByRole('form', { name: 'Reading bar' })
    const figure = bar.getByRole('textbox')
    await expect(figure).toBeInViewport({ ratio: 1 })
    await expect(bar.getByRole('button', { name: /^Accept/ })).toBeInViewport({ ratio: 1 })
    await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight))
    await expect(figure).toBeInViewport({ ratio: 1 })
    // The last thing on the page is not under it.
    const goOn = page.getByRole('button', { name: /^Measure done/ })
    await goOn.click({ trial: true })
    await figure.fill('250')
    await bar.getByRole('button', { name: /^Accept/ }).click()
    await expect(bar.getByText(/is outside/)).toBeInViewport()
  })
