import '@fontsource-variable/atkinson-hyperlegible-mono'
import '@fontsource-variable/atkinson-hyperlegible-next'
import Box from '@mui/material/Box'
import InitColorSchemeScript from '@mui/material/InitColorSchemeScript'
import type { Metadata } from 'next'
import type { ReactNode } from 'react'
import { Answering } from '@/ui/shell/Answering'
import { EARLY_KEYS_SCRIPT } from '@/ui/keys/earlyKeys'
import { GlobalKeys } from '@/ui/shell/GlobalKeys'
import { Providers } from '@/ui/shell/Providers'
import { RAIL_WIDTH } from '@/ui/shell/railWidth'
import { Rail } from '@/ui/shell/Rail'

export const metadata: Metadata = {
  title: { default: 'Whyalon', template: '%s · Whyalon' },
  description: 'The bench companion of the watch case and crystal technician.',
}

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en" suppressHydrationWarning>
      <body inert>
        <script dangerouslySetInnerHTML={{ __html: EARLY_KEYS_SCRIPT }} />
        <InitColorSchemeScript attribute="data-scheme" defaultMode="light" />
        <Providers>
          <Rail />
          <Box sx={{ ml: { xs: 0, sm: `${RAIL_WIDTH}px` } }}>{children}</Box>
          <GlobalKeys />
          <Answering />
        </Providers>
      </body>
    </html>
  )
}
