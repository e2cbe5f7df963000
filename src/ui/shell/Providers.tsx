'use client'
import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter'
import CssBaseline from '@mui/material/CssBaseline'
import { ThemeProvider } from '@mui/material/styles'
import type { ReactNode } from 'react'
import type { ClockForm } from '@/core/units/clockForm'
import { ShopClock } from '../small/useTimes'
import { theme } from '../theme'

export interface ProvidersProps {
  readonly clock: ClockForm
  readonly children: ReactNode
}

/** What every page stands in: its look, and how the shop writes times. */
export function Providers({ clock, children }: ProvidersProps) {
  return (
    <AppRouterCacheProvider options={{ enableCssLayer: true }}>
      <ThemeProvider theme={theme} defaultMode="light">
        <CssBaseline />
        <ShopClock value={clock}>{children}</ShopClock>
      </ThemeProvider>
    </AppRouterCacheProvider>
  )
}
