// Not TypeScript: Next would load its whole compiler at every start of the server only to read this file.
/** A price list of 100 000 lines is the largest thing sent here: what stands before it must not cut it short, bytes. */
const MOST_BODY_BYTES = 64_000_000

/** @type {import('next').NextConfig} */
const config = {
  serverExternalPackages: ['@electric-sql/pglite', 'pg', '@react-pdf/renderer'],
  reactCompiler: true,
  poweredByHeader: false,
  devIndicators: false,
  // npm test checks the types of everything, tests too; once more in each build would double the wait for a first start.
  typescript: { ignoreBuildErrors: true },
  // A page is loaded when it is first asked for: all at once would keep the first one waiting.
  experimental: { preloadEntriesOnStart: false, proxyClientMaxBodySize: MOST_BODY_BYTES },
}

export default config
