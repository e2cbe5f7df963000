/** Opens the data as the server starts, so that the first page does not wait for it and a held folder is said at once. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return
  const { ignoreMangledState } = await import('@/io/http/mangledState')
  ignoreMangledState()
  const { getShop } = await import('@/services/shop/shop')
  // Not awaited: the server listens meanwhile, and a failure shows on every page until the folder is free.
  getShop().catch((error: unknown) => console.error(error instanceof Error ? error.message : error))
}
