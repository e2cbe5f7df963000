// Not TypeScript: Next would load its whole compiler at every start of the server only to read this file.
/** @type {import('next').NextConfig} */
const config = {
  serverExternalPackages: ['@electric-sql/pglite', 'pg', '@react-pdf/renderer'],
  poweredByHeader: false,
  devIndicators: false,
  // A page is loaded when it is first asked for: all at once would keep the first one waiting.
  experimental: { preloadEntriesOnStart: false },
}

export default config
