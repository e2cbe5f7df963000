import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { expect, settled } from './bench'

/** A page nothing has changed in for so long is drawn, ms. */
const STILL_MS = 300

/** A violation that stands is found every time; one look torn between two drawings is not. */
const LOOKS = 3

/**
 * Checks a drawn page for accessibility.
 * @param within - selector of the part to look at; the whole page if left out
 */
export async function expectAccessible(page: Page, within?: string): Promise<void> {
  let found: readonly string[] = []
  for (let look = 0; look < LOOKS; look++) {
    await drawn(page)
    found = await violations(page, within)
    if (found.length === 0) return
  }
  expect(found).toEqual([])
}

async function violations(page: Page, within?: string): Promise<readonly string[]> {
  // In the page itself, not through a second one: nothing here comes from elsewhere in a frame.
  const axe = new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] })
  const result = await (within ? axe.include(within) : axe).analyze()
  return result.violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`)
}

/** Waits until everything was fetched and the page has stood still: a table is measured and drawn twice. */
export async function drawn(page: Page): Promise<void> {
  await settled(page)
  // On a slow machine the network is quiet long before a table asks for its lines.
  if (await page.getByRole('grid').count()) await expect(page.getByRole('gridcell').first()).toBeVisible()
  await page.evaluate(
    (still) =>
      new Promise<void>((resolve) => {
        let timer = setTimeout(done, still)
        const watch = new MutationObserver(() => {
          clearTimeout(timer)
          timer = setTimeout(done, still)
        })
        watch.observe(document.body, { subtree: true, childList: true, attributes: true })
        function done() {
          watch.disconnect()
          resolve()
        }
      }),
    STILL_MS,
  )
}
