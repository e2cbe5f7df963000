'use client'
import { useEffect, useState } from 'react'
import type { PartKind } from '@/core/parts/parts'
import type { PartsFound } from '@/services/drawers/drawersPage'

export interface PartPage {
  readonly page: number
  readonly size: number
  /** `field:asc`; empty for the usual order */
  readonly sort: string
}

/** Between two letters nobody wants an answer yet, ms. */
const REST_MS = 150

/**
 * What a search finds on the server, one page at a time; the page before stays until the next one is there.
 * @param version - counted up when something was stored: the page is asked for again
 */
export function usePartSearch(kind: PartKind, q: string, { page, size, sort }: PartPage, version: number) {
  const [found, setFound] = useState<PartsFound | null>(null)
  const [error, setError] = useState<string | null>(null)
  useEffect(() => {
    const asked = new AbortController()
    const timer = setTimeout(() => {
      const address = new URLSearchParams({ kind, q, page: String(page), size: String(size), sort })
      fetch(`/api/parts?${address}`, { signal: asked.signal })
        .then(
          async (answer) =>
            (await answer.json()) as PartsFound | { ok: false; errors: Record<string, string> },
        )
        .then((answer) => {
          if (answer.ok) {
            setFound(answer)
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
  }, [kind, q, page, size, sort, version])
  return { found, error }
}
