import '@testing-library/jest-dom'
import { configure } from '@testing-library/react'

// What is waited for comes at once, or as late as a busy machine lets it.
configure({ asyncUtilTimeout: 10_000 })

/** jsdom lays nothing out: what follows an element's width keeps the one it began with. */
globalThis.ResizeObserver ??= class {
  observe() {}
  unobserve() {}
  disconnect() {}
}
