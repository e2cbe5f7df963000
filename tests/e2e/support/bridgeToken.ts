import type { Page } from '@playwright/test'

/** Makes a token for the instrument bridge in Settings. @returns it, with the panel it is withdrawn in */
export async function bridgeToken(page: Page) {
  await page.goto('/settings')
  const panel = page.getByRole('region', { name: 'Instrument bridge' })
  await panel.getByRole('button', { name: 'Make a token' }).click()
  const token = (await panel.getByTestId('bridge-token').textContent()) ?? ''
  return { panel, token }
}
