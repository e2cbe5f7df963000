import '@testing-library/jest-dom'
import { configure } from '@testing-library/react'

// What is waited for comes at once, or as late as a busy machine lets it.
configure({ asyncUtilTimeout: 10_000 })
