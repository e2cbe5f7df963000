'use client'
import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter'
import CssBaseline from '@mui/material/CssBaseline'
import { ThemeProvider } from '@mui/material/styles'
import { useState } from 'react'
import type { ReactNode } from 'react'
import type { ShopTime } from '@/core/units/shopTime'
import { PageNonce } from '../small/pageNonce'
import { ShopTimes } from '../small/useTimes'
import { theme } from '../theme'

export interface ProvidersProps {
  readonly time: ShopTime
  /** what styles made in the browser carry, so that the page's policy lets them stand */
  readonly nonce: string
  readonly children: ReactNode
}

/** What every page stands in: its look, and how the shop writes times. */
export function Providers({ time, nonce: latest, children }: ProvidersProps) {
  // A page that is drawn anew brings another nonce; the browser holds it to the one it came with.
  const [nonce] = useState(latest)
  return (
    <AppRouterCacheProvider options={{ enableCssLayer: true, nonce }}>
      <ThemeProvider theme={theme} defaultMode="light">
        <CssBaseline />
        <PageNonce value={nonce}>
          <ShopTimes value={time}>{children}</ShopTimes>
        </PageNonce>
      </ThemeProvider>
    </AppRouterCacheProvider>
  )
}
