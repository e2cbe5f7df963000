import '@fontsource-variable/atkinson-hyperlegible-mono'
import '@fontsource-variable/atkinson-hyperlegible-next'
import Box from '@mui/material/Box'
import InitColorSchemeScript from '@mui/material/InitColorSchemeScript'
import type { Metadata } from 'next'
import { headers } from 'next/headers'
import type { ReactNode } from 'react'
import type { ShopTime } from '@/core/units/shopTime'
import { NONCE_HEADER } from '@/io/http/nonceHeader'
import { getShop, troubleOfShop } from '@/services/shop/shop'
import { shopTime, USUAL_TIME } from '@/services/shop/shopTimes'
import { Answering } from '@/ui/shell/Answering'
import { EARLY_KEYS_SCRIPT } from '@/ui/keys/earlyKeys'
import { DataTrouble } from '@/ui/shell/DataTrouble'
import { GlobalKeys } from '@/ui/shell/GlobalKeys'
import { Providers } from '@/ui/shell/Providers'
import { RAIL_WIDTH } from '@/ui/shell/railWidth'
import { Rail } from '@/ui/shell/Rail'
import { WhoBar } from '@/ui/shell/WhoBar'
import { workerHere } from './atBench'

interface Frame {
  readonly time: ShopTime
  /** why the shop's data is not open, where somebody can do something about it; null else */
  readonly trouble: string | null
}

/** A shop whose data cannot be opened is told in the page's place; its frame stands. */
function frameOfPage(): Promise<Frame> {
  return getShop().then(
    async (shop) => ({ time: await shopTime(shop), trouble: null }),
    (error: unknown) => ({ time: USUAL_TIME, trouble: troubleOfShop(error) }),
  )
}

export const metadata: Metadata = {
  title: { default: 'Whyalon', template: '%s · Whyalon' },
  description: 'The bench companion of the watch case and crystal technician.',
}

export default async function RootLayout({ children }: { children: ReactNode }) {
  // Asked first: what is drawn for one request is never made ready for others.
  const nonce = (await headers()).get(NONCE_HEADER) ?? ''
  const { time, trouble } = await frameOfPage()
  const worker = await workerHere()
  return (
    <html lang="en" suppressHydrationWarning>
      <body inert>
        <script
          nonce={nonce}
          suppressHydrationWarning
          dangerouslySetInnerHTML={{ __html: EARLY_KEYS_SCRIPT }}
        />
        <InitColorSchemeScript attribute="data-scheme" defaultMode="light" nonce={nonce} />
        <Providers time={time} nonce={nonce}>
          <Rail worker={worker.name} />
          <Box sx={{ ml: { xs: 0, sm: `${RAIL_WIDTH}px` } }}>
            {!worker.wasAsked && <WhoBar />}
            {trouble === null ? children : <DataTrouble trouble={trouble} />}
          </Box>
          <GlobalKeys />
          <Answering />
        </Providers>
      </body>
    </html>
  )
}
