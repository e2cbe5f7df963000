'use client'
import { useEffect, useState } from 'react'

/** A page of a list that the server searches and sorts. */
export interface ListPage {
  readonly page: number
  readonly size: number
  /** `field:asc`; empty for the usual order */
  readonly sort: string
}

/** Between two letters nobody wants an answer yet, ms. */
const REST_MS = 150

interface Refused {
  readonly ok: false
  readonly errors: Readonly<Record<string, string>>
}

/**
 * What a search finds on the server, one page at a time; the page before stays until the next one is there.
 * @param address - of the route with what is asked; null while nothing is to be asked
 * @param version - counted up when something was stored: the page is asked for again
 * @param first - what is known already
 * @returns `settled` once what is found is of this very address
 */
export function usePagedSearch<Found extends { readonly ok: true }>(
  address: string | null,
  version = 0,
  first: Found | null = null,
) {
  const [held, setHeld] = useState<{ readonly address: string | null; readonly found: Found | null }>({
    address: null,
    found: first,
  })
  const [error, setError] = useState<string | null>(null)
  useEffect(() => {
    if (address === null) return
    const asked = new AbortController()
    const timer = setTimeout(() => {
      fetch(address, { signal: asked.signal })
        .then(async (answer) => (await answer.json()) as Found | Refused)
        .then((answer) => {
          if (answer.ok) {
            setHeld({ address, found: answer })
            setError(null)
          } else setError(Object.values(answer.errors).join(' '))
        })
        .catch(() => {
          if (!asked.signal.aborted)
            setError('Whyalon does not answer: start it again, then search once more.')
        })
    }, REST_MS)
    return () => {
      clearTimeout(timer)
      asked.abort()
    }
  }, [address, version])
  return { found: held.found, error, settled: address === null || held.address === address }
}

/** The page as a route takes it. */
export function pageAddress(
  route: string,
  asked: Readonly<Record<string, string>>,
  { page, size, sort }: ListPage,
): string {
  return `${route}?${new URLSearchParams({ ...asked, page: String(page), size: String(size), sort })}`
}
