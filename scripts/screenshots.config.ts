import { defineConfig } from '@playwright/test'
import base from '../playwright.config'

export default defineConfig({
  ...base,
  testDir: '.',
  testMatch: 'takeScreenshots.ts',
  globalSetup: '../tests/e2e/support/loadTemplate.ts',
})
