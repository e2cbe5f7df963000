import { ThemeProvider } from '@mui/material/styles'
import { render } from '@testing-library/react'
import type { ReactElement } from 'react'
import { theme } from '@/ui/theme'

/** Renders a part of the interface with the product's own theme around it. */
export function renderInTheme(part: ReactElement) {
  return render(<ThemeProvider theme={theme}>{part}</ThemeProvider>)
}
