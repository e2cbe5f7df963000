import { test as base, expect } from '@playwright/test'
import type { Page } from '@playwright/test'
import fs from 'node:fs'
import path from 'node:path'
import { copyOfDatabase } from '../../stores/databases'
import { Server } from './Server'

const PORT = Number(process.env.E2E_PORT ?? 3117)

/** A test with the running application on a copy of the demo world; errors in the page fail it. */
export const test = base.extend<{ quietPage: undefined }, { server: Server }>({
  server: [
    async ({}, use, { parallelIndex }) => {
      const home = process.env.WHYALON_E2E_HOME
      if (!home) throw new Error('the template was not loaded')
      const data = path.join(home, `run-${process.pid}`)
      fs.cpSync(path.join(home, 'template'), data, { recursive: true })
      // Every worker has a server and a copy of the demo world of its own.
      const template = process.env.WHYALON_E2E_DATABASE
      const database = template ? await copyOfDatabase(template) : null
      const server = new Server(data, PORT + parallelIndex, 'off', database?.url)
      const { status, output } = await server.start()
      if (status !== 200) throw new Error(output)
      await use(server)
      await server.stop()
      await database?.drop()
    },
    { scope: 'worker', timeout: 90_000 },
  ],
  baseURL: async ({ server }, use) => use(server.address),
  page: async ({ page }, use) => {
    const goto = page.goto.bind(page)
    const reload = page.reload.bind(page)
    page.goto = async (...args) => answering(page, await goto(...args))
    page.reload = async (...args) => answering(page, await reload(...args))
    await use(page)
  },
  quietPage: [
    async ({ page }, use) => {
      const errors: string[] = []
      page.on('pageerror', (error) => errors.push(error.message))
      // Nothing of ours needs what its own policy forbids.
      page.on('console', (message) => {
        if (message.type() === 'error' && /Content Security Policy/i.test(message.text()))
          errors.push(message.text())
      })
      await use(undefined)
      expect(errors).toEqual([])
    },
    { auto: true },
  ],
})

export { expect }

/** An answer of the server is there in a tenth of a second: it is looked for as often. */
export const OFTEN = { intervals: [20, 40, 60, 80] }

/** Opens a new tray of a case by keyboard alone and gives its number. */
export async function openTrayByKeyboard(page: Page, caseWords: string, owner: string): Promise<number> {
  await page.goto('/')
  await expect(page.getByRole('heading', { name: 'Bench' })).toBeVisible()
  await page.keyboard.press('n')
  await expect(page.getByRole('combobox', { name: 'Case' })).toBeFocused()
  await page.keyboard.type(caseWords)
  await expect(page.getByRole('option').first()).toBeVisible()
  await page.keyboard.press('Enter')
  await page.keyboard.press('Tab')
  await expect(page.getByRole('textbox', { name: 'Owner' })).toBeFocused()
  await page.keyboard.type(owner)
  await page.keyboard.press('Tab')
  await page.keyboard.type('ferry no. 4')
  await page.keyboard.press('Tab')
  await cameIn(page, 'shattered')
  await press(page, 'Shift+Tab', 'Enter')
  const heading = page.getByRole('heading', { name: /^Tray \d+$/ })
  await expect(heading).toBeVisible()
  await settled(page)
  return Number((await heading.textContent())?.replace('Tray ', ''))
}

/** Says how the crystal came in, by keyboard, its field having the focus. */
export async function cameIn(page: Page, state: string): Promise<void> {
  const field = page.getByRole('combobox', { name: 'Crystal came in' })
  await expect(field).toBeFocused()
  await press(page, 'Enter')
  await expect(page.getByRole('option', { name: state })).toBeVisible()
  await page.keyboard.type(state.slice(0, 2))
  await expect(page.getByRole('option', { name: state })).toBeFocused()
  await press(page, 'Enter')
  await expect(field).toHaveText(state)
  await expect(field).toBeFocused()
}

/** Waits until a freshly loaded page takes hand and keys: its scripts have run. */
async function answering<T>(page: Page, loaded: T): Promise<T> {
  await page.waitForFunction(() => !document.body.inert)
  return loaded
}

/** Waits until nothing is being fetched: a page come to from another one is complete. */
export async function settled(page: Page): Promise<void> {
  await page.waitForLoadState('networkidle')
}

/** Types a figure from anywhere on the page, accepts it and waits until it is stored. */
export async function readByKeyboard(page: Page, figure: string): Promise<void> {
  const count = await standing(page)
  await page.keyboard.type(figure)
  await page.keyboard.press('Enter')
  await expect.poll(() => standing(page), OFTEN).toBe(count + 1)
}

/** How many readings the tray holds, as the page says it. */
export async function standing(page: Page): Promise<number> {
  return Number(await page.getByRole('form', { name: 'Reading bar' }).getAttribute('data-readings'))
}

/** A hand holds a key down longer than a device that sends a line, ms. */
const HAND_HOLDS_MS = 45

/** Presses keys one after another as a hand does, each once the page has taken the one before. */
export async function press(page: Page, ...keys: readonly string[]): Promise<void> {
  for (const key of keys) await page.keyboard.press(key, { delay: key.length === 1 ? HAND_HOLDS_MS : 0 })
}

/** Says the stage done; what is open is left out for a reason. */
export async function goOn(page: Page, next: string): Promise<void> {
  await press(page, 'd')
  const reason = page.getByRole('textbox', { name: 'Reason', exact: true })
  const there = page.getByRole('button', { name: `${next}, the tray is here` })
  await expect(reason.or(there)).toBeVisible()
  if (await reason.isVisible()) {
    await expect(reason).toBeFocused()
    await page.keyboard.type('seen to elsewhere')
    await press(page, 'Enter')
  }
  await expect(there).toBeVisible()
  await expect(reason).toBeHidden()
}

/** Ticks the next step from the keyboard and waits until the server has it. */
export async function tickNext(page: Page): Promise<void> {
  const ticked = () => page.getByTestId('step').getByRole('checkbox', { checked: true }).count()
  const folded = page.getByRole('button', { name: /steps done$/ })
  const before = [await ticked(), (await folded.count()) ? await folded.textContent() : '']
  await page.keyboard.press('Space')
  await expect
    .poll(async () => [await ticked(), (await folded.count()) ? await folded.textContent() : ''], OFTEN)
    .not.toEqual(before)
}

/** Ticks the steps of the stage looked at by hand, in their order, up to this one and with it. */
export async function tickThrough(page: Page, last: RegExp): Promise<void> {
  const open = page.getByTestId('step').locator('[role=checkbox][aria-checked=false]:not([disabled])')
  for (let left = await open.count(); left > 0; left = await open.count()) {
    const isLast = last.test((await open.first().getAttribute('aria-label')) ?? '')
    // Soon after another one at the same place a click is the second of a double click, and ticks nothing.
    await expect(async () => {
      if ((await open.count()) === left) await open.first().click()
      await expect.poll(() => open.count(), { ...OFTEN, timeout: 5_000 }).toBeLessThan(left)
    }).toPass()
    if (isLast) return
  }
}

/** From one key to the next of a device that is a keyboard, s: common practice of scanners and of data keys. */
const DEVICE_BEAT_S = 0.005

/**
 * Sends a line as a device does that is a keyboard (a scanner over a label, a caliper’s data key): its keys bear the
 * device’s own times, however late a busy machine lets them through. Sent one by one from here they would come as
 * slowly as a hand’s on such a machine.
 */
export async function sendLine(page: Page, line: string): Promise<void> {
  const keyboard = await page.context().newCDPSession(page)
  const start = Date.now() / 1000
  const keys = [...[...line].map((key) => ({ key, text: key })), { key: 'Enter', text: '\r' }]
  await Promise.all(
    keys.flatMap((key, place) => {
      const timestamp = start + place * DEVICE_BEAT_S
      return [
        keyboard.send('Input.dispatchKeyEvent', { type: 'keyDown', timestamp, ...key }),
        keyboard.send('Input.dispatchKeyEvent', { type: 'keyUp', timestamp, key: key.key }),
      ]
    }),
  )
  await keyboard.detach()
}
