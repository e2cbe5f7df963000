import type { NextConfig } from 'next'

const config: NextConfig = {
  serverExternalPackages: ['@electric-sql/pglite', 'pg', '@react-pdf/renderer'],
  poweredByHeader: false,
  devIndicators: false,
}

export default config
