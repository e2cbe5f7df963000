import '@fontsource-variable/atkinson-hyperlegible-mono'
import '@fontsource-variable/atkinson-hyperlegible-next'
import Box from '@mui/material/Box'
import InitColorSchemeScript from '@mui/material/InitColorSchemeScript'
import type { Metadata } from 'next'
import { connection } from 'next/server'
import type { ReactNode } from 'react'
import type { ClockForm } from '@/core/units/clockForm'
import { USUAL_CLOCK } from '@/core/units/clockForm'
import { getShop } from '@/services/shop/shop'
import { shopClock } from '@/services/shop/shopClock'
import { Answering } from '@/ui/shell/Answering'
import { EARLY_KEYS_SCRIPT } from '@/ui/keys/earlyKeys'
import { GlobalKeys } from '@/ui/shell/GlobalKeys'
import { Providers } from '@/ui/shell/Providers'
import { RAIL_WIDTH } from '@/ui/shell/railWidth'
import { Rail } from '@/ui/shell/Rail'

/** A shop whose data cannot be opened is told by the page; its frame stands. */
async function clockOfPage(): Promise<ClockForm> {
  await connection()
  return getShop().then(shopClock, () => USUAL_CLOCK)
}

export const metadata: Metadata = {
  title: { default: 'Whyalon', template: '%s · Whyalon' },
  description: 'The bench companion of the watch case and crystal technician.',
}

export default async function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en" suppressHydrationWarning>
      <body inert>
        <script dangerouslySetInnerHTML={{ __html: EARLY_KEYS_SCRIPT }} />
        <InitColorSchemeScript attribute="data-scheme" defaultMode="light" />
        <Providers clock={await clockOfPage()}>
          <Rail />
          <Box sx={{ ml: { xs: 0, sm: `${RAIL_WIDTH}px` } }}>{children}</Box>
          <GlobalKeys />
          <Answering />
        </Providers>
      </body>
    </html>
  )
}
